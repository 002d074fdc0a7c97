import type { Span } from '../../quantity';

/** Marks and words between two entries of a list. */
const parting = /[;,|•+&]|\band\b|\bplus\b|\bthen\b|\. /g;

/** Words beside an amount that name nothing. */
const saysNothing =
  /\b(?:each|of|total|optional|about|or|in|all|to|taste|approx|the|a|per|add|if you (?:like|wish|want)|if desired|as needed|or more|or so)\b|[^a-z ]/g;

/** A line parted into its entries: `3 drops lime, 2 ml jojoba` has two. */
export interface Entries {
  /** Which of them something begins in, from 0. */
  readonly numberOf: (span: Span) => number;
  /** From where to where that one goes; over what is in it, however long. */
  readonly of: (span: Span) => Span;
  /** What else is in the entry of an amount: `zinc oxide` of `1 tsp zinc oxide`. */
  readonly besides: (amount: Span) => string;
  /** How far two things are from each other: what parts entries counts for much. */
  readonly apart: (a: Span, b: Span) => number;
}

/** So much further apart two things are for each entry that begins between them, in letters. */
const farApart = 40;

/** Parts a line once, so that each question about it is answered at once. */
export const entriesOf = (plain: string): Entries => {
  const marks = [...plain.matchAll(parting)].map(({ index, 0: mark }) => ({
    from: index,
    to: index + mark.length,
  }));
  /** How many marks end before each letter. */
  const passed = new Uint32Array(plain.length + 1);
  let next = 0;
  for (let at = 0; at <= plain.length; at += 1) {
    while ((marks[next]?.to ?? Infinity) <= at) next += 1;
    passed[at] = next;
  }
  const numberOf = ({ from }: Span): number => passed[Math.min(from, plain.length)] ?? 0;
  const of = (span: Span): Span => {
    const n = numberOf(span);
    let end = n;
    while ((marks[end]?.from ?? Infinity) < span.to) end += 1;
    return { from: marks[n - 1]?.to ?? 0, to: marks[end]?.from ?? plain.length };
  };
  return {
    numberOf,
    of,
    besides: (amount) => {
      const entry = of(amount);
      return `${plain.slice(entry.from, amount.from)} ${plain.slice(amount.to, entry.to)}`
        .replace(saysNothing, ' ')
        .trim();
    },
    apart: (a, b) => {
      const [first, second] = a.to <= b.from ? [a, b] : [b, a];
      return Math.max(0, second.from - first.to) + farApart * (numberOf(second) - numberOf(first));
    },
  };
};
