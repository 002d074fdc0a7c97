import { dueAt, readAtHours, standingOf, type PatchTest, type Recipient } from '../batch';
import type { StoryEntry } from './batchStory';
import { inOrderOfTime } from './batchStory';
import { countedWords } from './numbers';
import { skinWords, standingWords, testedWords } from './patchTests';

/** Something that happened with a person, and the batch that it was about. */
export interface PersonEntry extends StoryEntry {
  /** Null where it was about no batch, or about one that is gone. */
  readonly batchId: string | null;
}

/** A batch by its name, `Encore, batch 2026-003`; null where it is gone. */
type NameOf = (batchId: string) => string | null;

/** Of whom a history is told. */
export interface PersonStoryOf {
  readonly made: readonly { readonly id: string; readonly madeOn: string }[];
  readonly got: readonly Recipient[];
  readonly tests: readonly PatchTest[];
  /** What they agreed to, in the maker’s words, each with its day. */
  readonly agreed: readonly { readonly on: string; readonly words: string }[];
  readonly nameOf: NameOf;
  /** Milliseconds since 1970: what is due is told from it. */
  readonly nowMs: number;
}

const gone = 'a batch that is gone';

const ofGiven = (
  { batchId, pieces, which, on, reaction, toldOn }: Recipient,
  nameOf: NameOf,
): PersonEntry[] => {
  const name = nameOf(batchId);
  const about = { batchId: name === null ? null : batchId };
  return [
    {
      ...about,
      at: on,
      title: `Got ${name ?? gone}`,
      text: `${countedWords(pieces, 'piece')}${which ? `: ${which}` : ''}`,
      kind: 'after',
    },
    ...(reaction
      ? [
          {
            ...about,
            at: reaction.on,
            title: `Reacted to ${name ?? gone}`,
            text: reaction.what,
            kind: 'trouble' as const,
          },
        ]
      : []),
    ...(toldOn === undefined
      ? []
      : [
          {
            ...about,
            at: toldOn,
            title: `Told to stop using ${name ?? gone}`,
            text: '',
            kind: 'after' as const,
          },
        ]),
  ];
};

const ofTest = (test: PatchTest, nowMs: number): PersonEntry[] => {
  const about = { batchId: test.of.kind === 'batch' ? test.of.batchId : null };
  const what = testedWords(test);
  const isOpen = ['waiting', 'due-24', 'due-48'].includes(standingOf(test, nowMs));
  const next = readAtHours.find((hours) => !test.readings.some((entry) => entry.hours === hours));
  return [
    { ...about, at: test.startedAt, title: `Patch test begun: ${what}`, text: '', kind: 'after' },
    ...test.readings.map(({ at, skin, words }): PersonEntry => ({
      ...about,
      at,
      title: `Patch test read: ${skinWords(skin)}`,
      text: words ? `${what}: ${words}` : what,
      kind: skin === 'clear' || skin === 'pink' ? 'after' : 'trouble',
    })),
    ...(test.stopped
      ? [
          {
            ...about,
            at: test.stopped.at,
            title: `Patch test stopped: ${what}`,
            text: test.stopped.why,
            kind: 'trouble' as const,
          },
        ]
      : []),
    ...(isOpen && next !== undefined
      ? [
          {
            ...about,
            at: dueAt(test, next).toISOString(),
            title: `Patch test of ${what}, look after ${next} hours`,
            text: standingWords(standingOf(test, nowMs)),
            kind: 'next' as const,
          },
        ]
      : []),
  ];
};

/**
 * What happened with a person, the first thing first: what was made for them and given to them,
 * how their skin took it, what they agreed to. A batch that they got is not told twice.
 */
export const personStory = ({
  made,
  got,
  tests,
  agreed,
  nameOf,
  nowMs,
}: PersonStoryOf): PersonEntry[] =>
  inOrderOfTime([
    ...made
      .filter(({ id }) => !got.some(({ batchId }) => batchId === id))
      .map(({ id, madeOn }): PersonEntry => ({
        batchId: id,
        at: madeOn,
        title: `${nameOf(id) ?? gone} was made for them`,
        text: '',
        kind: 'made',
      })),
    ...got.flatMap((recipient) => ofGiven(recipient, nameOf)),
    ...tests.flatMap((test) => ofTest(test, nowMs)),
    ...agreed.map(({ on, words }): PersonEntry => ({
      batchId: null,
      at: on,
      title: 'Agreed',
      text: `“${words}”`,
      kind: 'after',
    })),
  ]);
