import type { z } from 'zod';

/** `oils.2.drops` as people count: the third oil. */
const fieldName = (path: readonly PropertyKey[]): string =>
  path.length === 0 ? 'file' : path.map(String).join('.');

const valueAt = (json: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null
        ? (value as Record<PropertyKey, unknown>)[key]
        : undefined,
    json,
  );

const article = (type: string): string =>
  ({
    string: 'text',
    number: 'a number',
    int: 'a whole number',
    boolean: 'true or false',
    array: 'a list',
    object: 'a group of fields',
  })[type] ?? type;

const shown = (value: unknown): string => {
  // Undefined has no JSON, whatever the type says.
  const text = (JSON.stringify(value) as string | undefined) ?? String(value);
  return text.length > 60 ? `${text.slice(0, 57)}...` : text;
};

const quoted = (keys: readonly string[]): string => keys.map((key) => `“${key}”`).join(', ');

type Issue = z.core.$ZodIssue;

/** The issue inside a union that speaks of the branch that was meant: the one with least amiss. */
const meant = (issue: Issue): Issue => {
  if (issue.code !== 'invalid_union') return issue;
  const [nearest] = issue.errors
    .filter((errors) => errors.some(({ path, code }) => path.length > 0 || code !== 'invalid_type'))
    .filter(
      (errors) => !errors.some(({ path, code }) => path.length === 0 && code === 'invalid_value'),
    )
    .sort((x, y) => x.length - y.length);
  const [first] = nearest ?? [];
  return first ? meant({ ...first, path: [...issue.path, ...first.path] }) : issue;
};

const sentence = (issue: Issue, value: unknown): string => {
  switch (issue.code) {
    case 'invalid_type':
      return value === undefined
        ? 'is missing'
        : `should be ${article(issue.expected)}, and is ${shown(value)}`;
    case 'too_small':
      return issue.origin === 'array'
        ? `needs at least ${String(issue.minimum)}`
        : issue.origin === 'string'
          ? 'is empty'
          : `should be ${issue.inclusive ? 'at least' : 'above'} ${String(issue.minimum)}, and is ${shown(value)}`;
    case 'too_big':
      return issue.origin === 'array' || issue.origin === 'string'
        ? `is too long: at most ${String(issue.maximum)}`
        : `should be at most ${String(issue.maximum)}, and is ${shown(value)}`;
    case 'invalid_value':
      return value === undefined
        ? 'is missing'
        : `should be one of ${issue.values.map(String).join(', ')}, and is ${shown(value)}`;
    case 'unrecognized_keys':
      return `has a field that is not known here: ${quoted(issue.keys)}`;
    case 'invalid_union':
      return value === undefined
        ? 'is missing'
        : `is not of a form that can be read: ${shown(value)}`;
    default:
      return issue.message;
  }
};

/** The first thing wrong with a value, as a field and half a sentence. */
export const firstProblem = (
  error: z.ZodError,
  json: unknown,
): { readonly field: string; readonly message: string } => {
  const [first] = error.issues;
  if (!first) return { field: 'file', message: 'cannot be read' };
  const issue = meant(first);
  return { field: fieldName(issue.path), message: sentence(issue, valueAt(json, issue.path)) };
};
