/** What the browser says of an error, folded: it helps whoever looks for the cause. */
export const ErrorDetails = ({ details }: { details: string | null }) =>
  details !== null && (
    <details className="text-sm">
      <summary className="cursor-pointer">Details</summary>
      <p className="mt-1 break-words">{details}</p>
    </details>
  );
