import { describe, expect, test } from 'vitest';
import { madeOf, type PatchTest, type Recipient } from '../batch';
import { shippedCatalog } from '../catalog';
import { blendOf } from '../drops/blend.testing';
import type { BenchEvent, LogEntry } from '../making';
import { done, dropped } from '../making/events.testing';
import { batchStory, type StoryOf } from './batchStory';
import { metricUnits } from './units';

const minute = (n: number): string => `2026-11-15T14:${String(n).padStart(2, '0')}:00.000Z`;

/** Events a minute apart, from two o’clock on. */
const logOf = (events: readonly BenchEvent[]): LogEntry[] =>
  events.map((event, index) => ({ seq: index + 1, at: minute(index), event }));

const story = (events: readonly BenchEvent[], more: Partial<StoryOf> = {}) =>
  batchStory({
    catalog: shippedCatalog,
    made: madeOf(blendOf({ oils: { petitgrain: 3 } }), events),
    log: logOf(events),
    startedAt: minute(0),
    finishedAt: minute(27),
    review: null,
    recipients: [],
    tests: [],
    units: metricUnits,
    nowMs: Date.parse('2026-11-17T12:00:00.000Z'),
    ...more,
  });

const counted = [...dropped('count/0/petitgrain', 3), done('count/0/petitgrain')];

const given = (more: Partial<Recipient> = {}): Recipient => ({
  batchId: 'b',
  pieces: 2,
  which: '',
  personId: null,
  name: 'the raffle table',
  on: '2026-11-15',
  ...more,
});

const patchTest: PatchTest = {
  of: { kind: 'batch', batchId: 'b', number: '2026-024', name: 'Curtain call' },
  personId: null,
  personName: 'Bettina',
  startedAt: '2026-11-16T18:00:00.000Z',
  readings: [],
  stopped: null,
};

describe('the story of a batch', () => {
  test('begins with how long it took; drops are not told one by one', () => {
    expect(story(counted)).toEqual([
      { at: minute(0), title: 'Made', text: '27 minutes at the table', kind: 'made' },
    ]);
  });

  test('of one that was left over night says nothing of how long it took', () => {
    expect(story(counted, { finishedAt: '2026-11-16T09:00:00.000Z' })[0]?.text).toBe('');
  });

  test('tells a correction with its reason, at the moment at which it was made', () => {
    const corrected: BenchEvent = {
      kind: 'corrected',
      step: 'count/0/petitgrain',
      container: 0,
      ingredient: 'petitgrain',
      amount: { unit: 'drops', value: 4 },
      bottleId: null,
      words: 'counted again',
    };
    expect(story([...counted, corrected])).toContainEqual({
      at: minute(4),
      title: 'Corrected',
      text: 'Petitgrain was 4 drops: counted again',
      kind: 'trouble',
    });
  });

  test('is in order of time, what was given at the end of its day, what is due last', () => {
    const told = story(counted, {
      recipients: [given(), given({ name: 'Aubrey', on: '2026-11-30' })],
      tests: [patchTest],
      review: { mark: 4, words: 'warm', at: '2026-11-16T20:00:00.000Z' },
    });
    expect(told.map(({ title }) => title)).toEqual([
      'Made',
      'Given to the raffle table',
      'Patch test on Bettina begun',
      'How it was: 4 of 5',
      'Given to Aubrey',
      'Patch test on Bettina, look after 24 hours',
    ]);
    expect(told.at(-1)?.kind).toBe('next');
  });

  test('a test that was read twice has nothing more to come', () => {
    const readings = [24, 48].map((hours) => ({
      hours: hours as 24 | 48,
      at: `2026-11-${hours === 24 ? 17 : 18}T18:00:00.000Z`,
      skin: 'clear' as const,
      words: '',
    }));
    const told = story(counted, {
      tests: [{ ...patchTest, readings }],
      nowMs: Date.parse('2026-11-20T12:00:00.000Z'),
    });
    expect(told.filter(({ kind }) => kind === 'next')).toEqual([]);
  });

  test('a reaction is trouble, and so is what was spilled', () => {
    const spilled: BenchEvent = {
      kind: 'spilled',
      container: 0,
      source: 'typed',
      ml: 2,
      words: 'over the edge',
    };
    const reaction = { on: '2026-11-20', what: 'red and itchy', followedOn: null };
    const told = story([...counted, spilled], { recipients: [given({ reaction })] });
    expect(told.filter(({ kind }) => kind === 'trouble').map(({ text }) => text)).toEqual([
      'about 2 ml: “over the edge”',
      'red and itchy',
    ]);
  });

  test('how it cooled is one entry, from the first reading to the last', () => {
    const reading = (celsius: number, n: number): BenchEvent => ({
      kind: 'temperature',
      step: 'cool/0',
      celsius,
      takenAt: minute(n),
      source: 'tap',
    });
    expect(story([...counted, reading(78, 5), reading(64, 11), reading(58, 17)])).toContainEqual({
      at: minute(5),
      title: 'Cooled from 78 °C to 58 °C',
      text: '3 readings in 12 minutes',
      kind: 'cooled',
    });
  });
});
