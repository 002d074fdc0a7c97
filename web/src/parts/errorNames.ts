/** Of errors that only tell in their words what they wrap. */
const named = /\b(?:QuotaExceeded|DatabaseClosed)Error\b/g;

const fieldOf = (error: object, key: string): unknown => (error as Record<string, unknown>)[key];

/**
 * The name of an error, then of those that it wraps: the store wraps what the browser reports, one in
 * another, several in one, or as words alone. Rings and depths are bounded.
 */
export const errorNames = (error: unknown, depth = 0): string[] => {
  if (typeof error !== 'object' || error === null || depth > 4) return [];
  const name = fieldOf(error, 'name');
  const message = fieldOf(error, 'message');
  const failures = fieldOf(error, 'failures');
  return [
    ...(typeof name === 'string' ? [name] : []),
    ...(typeof message === 'string' ? (message.match(named) ?? []) : []),
    ...[fieldOf(error, 'inner'), fieldOf(error, 'cause')].flatMap((one) =>
      errorNames(one, depth + 1),
    ),
    ...(Array.isArray(failures) ? failures.slice(0, 5) : []).flatMap((one: unknown) =>
      errorNames(one, depth + 1),
    ),
  ];
};
