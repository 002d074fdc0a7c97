import type { z } from 'zod';
import type { FormProblem } from '../words';

const valueAt = (json: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null
        ? (value as Record<PropertyKey, unknown>)[key]
        : undefined,
    json,
  );

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

const isList = ({ origin }: { readonly origin: string }): boolean =>
  origin === 'array' || origin === 'string';

const factsOf = (issue: Issue, value: unknown): Omit<FormProblem, 'path'> => {
  const isMissing = value === undefined;
  switch (issue.code) {
    case 'invalid_type':
      return isMissing
        ? { code: 'missing', params: {} }
        : { code: 'wrong-type', params: { value, expected: issue.expected } };
    case 'too_small':
      if (issue.origin === 'array') {
        return { code: 'too-few', params: { expected: Number(issue.minimum) } };
      }
      return issue.origin === 'string'
        ? { code: 'empty', params: {} }
        : {
            code: issue.inclusive ? 'too-small' : 'not-above',
            params: { value, expected: Number(issue.minimum) },
          };
    case 'too_big':
      return {
        code: isList(issue) ? 'too-long' : 'too-big',
        params: { value, expected: Number(issue.maximum) },
      };
    case 'invalid_value':
      return isMissing
        ? { code: 'missing', params: {} }
        : { code: 'not-one-of', params: { value, expected: issue.values.map(String) } };
    case 'unrecognized_keys':
      return { code: 'unknown-field', params: { expected: issue.keys } };
    case 'invalid_union':
      return isMissing
        ? { code: 'missing', params: {} }
        : { code: 'unreadable', params: { value } };
    case 'custom': {
      const first: unknown = issue.params?.['first'];
      return typeof first === 'number'
        ? { code: 'stands-twice', params: { value, first } }
        : { code: 'rule', params: { value, rule: issue.message } };
    }
    default:
      return { code: 'rule', params: { value, rule: issue.message } };
  }
};

/** The first thing wrong with a value. */
export const firstFormProblem = (error: z.ZodError, json: unknown): FormProblem => {
  const [first] = error.issues;
  if (!first) return { code: 'unreadable', path: [], params: {} };
  const issue = meant(first);
  return {
    ...factsOf(issue, valueAt(json, issue.path)),
    path: issue.path.map((key) => (typeof key === 'number' ? key : String(key))),
  };
};
