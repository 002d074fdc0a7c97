const isNamed = (value: unknown): value is { name: string; inner?: unknown } =>
  typeof value === 'object' && value !== null && 'name' in value && typeof value.name === 'string';

/** The name of an error, then of those that it wraps: the store wraps what the browser reports. */
export const errorNames = (error: unknown): string[] =>
  isNamed(error) ? [error.name, ...errorNames(error.inner)] : [];
