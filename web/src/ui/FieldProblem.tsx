/** What is wrong with a field, under it. */
export const FieldProblem = ({
  id,
  problem,
}: {
  id?: string | undefined;
  problem: string | undefined;
}) =>
  problem ? (
    <span
      id={id}
      role="alert"
      className="max-w-72 rounded-md bg-brick-wash px-2 py-1 text-sm text-brick"
    >
      {problem}
    </span>
  ) : null;
