/** What the browser says of an error, for whoever looks for its cause. */
export const detailsOf = (error: unknown): string =>
  error instanceof Error ? `${error.name}: ${error.message}` : String(error);
