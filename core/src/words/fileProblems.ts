/** What a field is not. */
type FormCode =
  | 'missing'
  | 'wrong-type'
  | 'too-few'
  | 'empty'
  | 'too-small'
  | 'not-above'
  | 'too-long'
  | 'too-big'
  | 'not-one-of'
  | 'unknown-field'
  | 'unreadable'
  | 'stands-twice'
  /** What a schema says of its own: its code is in `params.rule`. */
  | 'rule';

/** The first thing wrong with a value, as facts. */
export interface FormProblem {
  readonly code: FormCode;
  /** Where it is: `['oils', 2, 'id']`; empty for all of it. */
  readonly path: readonly (string | number)[];
  readonly params: {
    /** What is there; undefined where nothing is. */
    readonly value?: unknown;
    /** What should: a type, a bound, or one of several. */
    readonly expected?: string | number | readonly string[];
    readonly rule?: string;
    /** Of what appears twice: where it was first, counted from 1. */
    readonly first?: number;
  };
}

/** Why a file could not be read. */
export type FileProblem =
  | { readonly code: 'not-json'; readonly path: readonly [] }
  | { readonly code: 'wrong-format'; readonly path: readonly ['format'] }
  /** `version` is undefined where it is missing. */
  | {
      readonly code: 'wrong-version';
      readonly path: readonly ['version'];
      readonly version: unknown;
    }
  /** A row of a table that is none of a blend, counted from 1. */
  | {
      readonly code: 'wrong-row';
      readonly path: readonly ['row', number];
      readonly text: string;
    }
  | ({ readonly code: 'wrong-field' } & {
      readonly form: FormProblem;
      readonly path: FormProblem['path'];
    });

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

/** What schemas say by a code of their own. */
const ruleWords: Readonly<Record<string, string>> = {
  'moment-form': 'should be a moment by the wall clock, as in 2026-12-12T09:00',
  'time-form': 'should be a time of day, as in 18:30',
  'span-empty': 'must be later than “from”: a span lies within a day',
  'ml-or-g': 'needs exactly one of ml and g',
  'size-empty': 'must be more than 0',
  'ready-before-from': 'must be later than “from”',
  'range-order': 'must run from low over likely to high',
  'drop-size': 'cannot be one drop: a drop is 0.015 to 0.08 ml',
  'content-order': 'must run from low over typical to high',
  'one-oil-amount': 'needs exactly one of drops, ml, g, parts or percent',
  'one-base-amount': 'needs exactly one of parts, percent, ml, g or loose',
  'trimester-alone': 'is given, though pregnant is false',
  'target-range': 'must be higher than the lower end of the target',
  'drops-range': 'must be lower than “value”, the high end of the range',
  'target-missing': 'is missing: oils by parts need a target percent to share',
  'month-form': 'should be a month, as in 1985-03',
  'day-form': 'should be a day, as in 2026-11-25',
  'day-century': 'should be a day of 1900 to 2099',
  moments: 'should be moments, as in 2026-11-26T10:15:00.000Z',
  'log-too-long': 'has more entries than any batch',
  'more-than-holds': 'is more than the bottle holds',
  'needs-name': 'needs a name',
  'needs-source': 'needs a source: who says so',
};

const listOf = (expected: FormProblem['params']['expected']): readonly string[] =>
  Array.isArray(expected) ? (expected as readonly string[]) : [String(expected)];

/** What is wrong with a field, as half a sentence: `should be at least 1, and is 0`. */
export const formProblemWords = ({ code, params }: FormProblem): string => {
  const { value, expected, rule, first } = params;
  switch (code) {
    case 'missing':
      return 'is missing';
    case 'wrong-type':
      return `should be ${article(String(expected))}, and is ${shown(value)}`;
    case 'too-few':
      return `needs at least ${String(expected)}`;
    case 'empty':
      return 'is empty';
    case 'too-small':
      return `should be at least ${String(expected)}, and is ${shown(value)}`;
    case 'not-above':
      return `should be above ${String(expected)}, and is ${shown(value)}`;
    case 'too-long':
      return `is too long: at most ${String(expected)}`;
    case 'too-big':
      return `should be at most ${String(expected)}, and is ${shown(value)}`;
    case 'not-one-of':
      return `should be one of ${listOf(expected).join(', ')}, and is ${shown(value)}`;
    case 'unknown-field':
      return `has a field that is not known here: ${listOf(expected)
        .map((key) => `“${key}”`)
        .join(', ')}`;
    case 'unreadable':
      return `is not of a form that can be read: ${shown(value)}`;
    case 'stands-twice':
      return `is there twice: “${String(value)}” is already number ${String(first)}. List it once`;
    case 'rule':
      return ruleWords[rule ?? ''] ?? rule ?? 'cannot be read';
  }
};

/** `oils.2.drops`: where in a file. */
export const fieldName = (path: readonly (string | number)[]): string =>
  path.length === 0 ? 'file' : path.join('.');

/** Why a file could not be read, in one sentence that names the field. */
export const fileProblemWords = (problem: FileProblem): string => {
  switch (problem.code) {
    case 'not-json':
      return 'file: this is not JSON, or it is cut off.';
    case 'wrong-format':
      return 'format: this is not a blend file; it should say "format": "jubbet-blend".';
    case 'wrong-version':
      return problem.version === undefined
        ? 'version: is missing; this Jubbet reads versions 1 to 3.'
        : `version: ${JSON.stringify(problem.version)} cannot be read; this Jubbet reads versions 1 to 3.`;
    case 'wrong-row':
      return `row ${problem.path[1]}: “${problem.text}” is not a kind of row that a blend has.`;
    case 'wrong-field':
      return `${fieldName(problem.path)}: ${formProblemWords(problem.form)}.`;
  }
};
