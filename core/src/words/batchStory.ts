import {
  dueAt,
  readAtHours,
  standingOf,
  type Made,
  type PatchTest,
  type Recipient,
} from '../batch';
import { nameIn, type Catalog } from '../catalog';
import { madePieces } from '../label';
import { smelledWhen, type BenchEvent, type LogEntry } from '../making';
import { containerWords } from './brief';
import { correctedAmountWords, smelledWords, somethingElseWords, spilledWords } from './mishaps';
import { capitalised, countedWords, formatList, formatPercent } from './numbers';
import { skinWords, standingWords } from './patchTests';
import { piecesWords } from './pieces';
import { temperatureWords, type Units } from './units';

/** One thing that happened to a batch, or that is still to come. */
export interface StoryEntry {
  /** A moment, `2026-11-26T10:15:00.000Z`, or a day, `2026-11-26`. */
  readonly at: string;
  readonly title: string;
  /** Empty where the title says it all. */
  readonly text: string;
  /** `trouble` is something that went wrong or was put right; `next` is still to come. */
  readonly kind: 'made' | 'cooled' | 'trouble' | 'after' | 'next';
}

/** Of what a story is told. */
export interface StoryOf {
  readonly catalog: Catalog;
  readonly made: Made;
  readonly log: readonly LogEntry[];
  readonly startedAt: string;
  /** Null while it is on the bench. */
  readonly finishedAt: string | null;
  readonly review: { readonly mark: number; readonly words: string; readonly at: string } | null;
  readonly recipients: readonly Recipient[];
  readonly tests: readonly PatchTest[];
  readonly units: Units;
  /** Milliseconds since 1970: what is due is told from it. */
  readonly nowMs: number;
}

const lastAt = (
  log: readonly LogEntry[],
  isIt: (event: BenchEvent) => boolean,
): string | undefined => log.findLast(({ event }) => isIt(event))?.at;

const minutesBetween = (from: string, to: string): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / 60_000);

/** Longer than this, in minutes, and it was left in between: how long says nothing. */
const longestAtTable = 8 * 60;

const atBench = ({ made, log, catalog, startedAt, units }: StoryOf): StoryEntry[] => {
  const { tally, blend } = made;
  // The numbers of a log count from 1 without a gap.
  const at = (seq: number): string => log[seq - 1]?.at ?? startedAt;
  const lastOf = (kind: 'moved' | 'filled' | 'discarded', container: number): string =>
    lastAt(log, (event) => event.kind === kind && event.container === container) ?? startedAt;
  const inBottle = (container: number): string =>
    blend.count > 1 && !blend.inOne ? `Bottle ${container + 1}: ` : '';
  const [first] = tally.temperatures;
  const last = tally.temperatures[tally.temperatures.length - 1];
  return [
    ...(first && last
      ? [
          {
            at: first.takenAt,
            title:
              first === last
                ? `At ${temperatureWords(first.celsius, units)}`
                : `Cooled from ${temperatureWords(first.celsius, units)} to ${temperatureWords(last.celsius, units)}`,
            text:
              first === last
                ? ''
                : `${countedWords(tally.temperatures.length, 'reading')} in ${countedWords(Math.max(1, minutesBetween(first.takenAt, last.takenAt)), 'minute')}`,
            kind: 'cooled' as const,
          },
        ]
      : []),
    ...[...tally.movedTo.keys()].map((container) => {
      const into = made.containers.find(({ number }) => number === container)?.container;
      return {
        at: lastOf('moved', container),
        title: `${inBottle(container)}moved to a ${into ? containerWords(into) : 'larger container'}`,
        text: '',
        kind: 'trouble' as const,
      };
    }),
    ...[...tally.filledTo].map(([container, percent]) => ({
      at: lastOf('filled', container),
      title: `${inBottle(container)}filled to ${formatPercent(percent, 3)} of its nominal size`,
      text: '',
      kind: 'made' as const,
    })),
    ...[...tally.discards].map(([container, times]) => ({
      at: lastOf('discarded', container),
      title: `${inBottle(container)}thrown away and started again`,
      text: times > 1 ? `${times} times` : '',
      kind: 'trouble' as const,
    })),
    ...tally.additions.map((addition) => ({
      at: at(addition.seq),
      title: `${inBottle(addition.container)}${addition.intended ? 'added after smelling' : 'something else went in'}`,
      text: somethingElseWords(catalog, addition),
      kind: addition.intended ? ('made' as const) : ('trouble' as const),
    })),
    ...tally.spilled.map((spill) => ({
      at: at(spill.seq),
      title: `${inBottle(spill.container)}some was spilled`,
      text: spilledWords(spill),
      kind: 'trouble' as const,
    })),
    ...tally.corrected.map((correction) => ({
      at: at(correction.seq),
      title: 'Corrected',
      text: `${inBottle(correction.container)}${nameIn(catalog, correction.ingredient)} ${
        correction.amount
          ? `was ${correctedAmountWords(correction.amount)}`
          : 'came out of another bottle'
      }: ${correction.words}`,
      kind: 'trouble' as const,
    })),
    ...tally.amended.map((amendment) => ({
      at: at(amendment.seq),
      title: 'Added to later',
      text: `${inBottle(amendment.container)}${correctedAmountWords(amendment.amount)} of ${nameIn(catalog, amendment.ingredient)}: ${amendment.words}`,
      kind: 'trouble' as const,
    })),
    ...(tally.cameOut !== null && tally.cameOut.words !== ''
      ? [
          {
            at: lastAt(log, ({ kind }) => kind === 'came-out') ?? startedAt,
            title: 'Counted again',
            text: `${piecesWords(madePieces(made))} came out: ${tally.cameOut.words}`,
            kind: 'trouble' as const,
          },
        ]
      : []),
    ...smelledWhen.flatMap((when) => {
      const words = tally.smelled.find((entry) => entry.when === when)?.words ?? '';
      return words
        ? [
            {
              at:
                lastAt(log, (event) => event.kind === 'smelled' && event.when === when) ??
                startedAt,
              title: smelledWords(when),
              text: `“${words}”`,
              kind: 'after' as const,
            },
          ]
        : [];
    }),
  ];
};

const ofTest = (test: PatchTest, nowMs: number): StoryEntry[] => {
  const isOpen = ['waiting', 'due-24', 'due-48'].includes(standingOf(test, nowMs));
  const next = readAtHours.find((hours) => !test.readings.some((entry) => entry.hours === hours));
  return [
    {
      at: test.startedAt,
      title: `Patch test on ${test.personName} begun`,
      text: '',
      kind: 'after',
    },
    ...test.readings.map(({ at, skin, words }): StoryEntry => ({
      at,
      title: `Patch test on ${test.personName}: ${skinWords(skin)}`,
      text: words,
      kind: skin === 'clear' || skin === 'pink' ? 'after' : 'trouble',
    })),
    ...(test.stopped
      ? [
          {
            at: test.stopped.at,
            title: `Patch test on ${test.personName} stopped`,
            text: test.stopped.why,
            kind: 'trouble' as const,
          },
        ]
      : []),
    ...(isOpen && next !== undefined
      ? [
          {
            at: dueAt(test, next).toISOString(),
            title: `Patch test on ${test.personName}, look after ${next} hours`,
            text: standingWords(standingOf(test, nowMs)),
            kind: 'next' as const,
          },
        ]
      : []),
  ];
};

const given = ({ name, pieces, which, on, reaction, toldOn }: Recipient): StoryEntry[] => [
  {
    at: on,
    title: `Given to ${name}`,
    text: `${countedWords(pieces, 'piece')}${which ? `: ${which}` : ''}`,
    kind: 'after',
  },
  ...(reaction
    ? [
        {
          at: reaction.on,
          title: `${name} reacted`,
          text: reaction.what,
          kind: 'trouble' as const,
        },
      ]
    : []),
  ...(toldOn === undefined
    ? []
    : [
        {
          at: toldOn,
          title: `${name} was told to stop using it`,
          text: '',
          kind: 'after' as const,
        },
      ]),
];

/** A day without an hour is at its end: what has an hour came before. */
const sortedBy = ({ at }: StoryEntry): string => (at.length > 10 ? at : `${at}T23:59:59.999Z`);

const isNext = ({ kind }: StoryEntry): number => (kind === 'next' ? 1 : 0);

/** The first thing first, what is still to come last; each begins with a capital. */
export const inOrderOfTime = <T extends StoryEntry>(entries: readonly T[]): T[] =>
  entries
    .map((entry) => ({ ...entry, title: capitalised(entry.title) }))
    .sort((a, b) => isNext(a) - isNext(b) || sortedBy(a).localeCompare(sortedBy(b)));

/**
 * What happened to a batch, the first thing first: made, cooled, smelt, given, tested, corrected;
 * what is still to come is last. Drops and weights are not in it: they are in its log.
 */
export const batchStory = (of: StoryOf): StoryEntry[] => {
  const { made, startedAt, finishedAt, review, recipients, tests, nowMs } = of;
  const minutes = finishedAt === null ? 0 : minutesBetween(startedAt, finishedAt);
  const facts = [
    ...(minutes >= 1 && minutes <= longestAtTable
      ? [`${countedWords(minutes, 'minute')} at the table`]
      : []),
    ...(made.tally.simulated
      ? ['practice: some of it was measured by a simulated device, and nothing left the shelf']
      : []),
  ];
  const entries: StoryEntry[] = [
    {
      at: startedAt,
      title: finishedAt === null ? 'Begun' : 'Made',
      text: formatList(facts),
      kind: 'made',
    },
    ...atBench(of),
    ...recipients.flatMap(given),
    ...tests.flatMap((test) => ofTest(test, nowMs)),
    ...(review
      ? [
          {
            at: review.at,
            title: `How it was: ${review.mark} of 5`,
            text: review.words ? `“${review.words}”` : '',
            kind: 'after' as const,
          },
        ]
      : []),
  ];
  return inOrderOfTime(entries);
};
