import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import published from '../../../docs/formats/jubbet-blend-1.schema.json';
import { blendFile1Schema } from './blendFile1';
import { checkBlend } from './checkBlend';
import { readBlend, readBlendText } from './readBlend';
import type { Report } from './report';

const promptDesk = {
  format: 'jubbet-blend',
  version: 1,
  name: 'Prompt desk',
  brief: {
    wearer: {
      ageMonths: 492,
      pregnant: false,
      nursing: false,
      conditions: [],
      allergies: [],
      skin: 'normal',
    },
    place: 'pulse-points',
    use: 'leave-on',
    sun: 'exposed',
  },
  vessel: { id: 'roll-on-10' },
  count: 1,
  dropSchool: 'pharmacy',
  school: 'clinical',
  target: { percent: 3 },
  oils: [
    { id: 'petitgrain', parts: 3 },
    { id: 'ylang-ylang', drops: 1 },
  ],
  bases: [
    { id: 'jojoba', parts: 7 },
    { id: 'camellia_seed', parts: 3 },
  ],
};

type Json = typeof promptDesk & Record<string, unknown>;

/** The example with one thing changed. */
const changed = (change: (file: Json) => void): Json => {
  const copy = JSON.parse(JSON.stringify(promptDesk)) as Json;
  change(copy);
  return copy;
};

const refused = (json: unknown): string => {
  const checked = checkBlend(JSON.stringify(json), '2026-12-01');
  if (checked.ok) throw new Error('was read');
  return checked.sentence;
};

const reportOf = (json: unknown): Report => {
  const checked = checkBlend(JSON.stringify(json), '2026-12-01');
  if (!checked.ok) throw new Error(checked.sentence);
  return checked.report;
};

test('by hand: 3 % of 9.5 ml less one drop of ylang ylang leaves 4.7, so 5 drops of petitgrain', () => {
  const report = reportOf(promptDesk);
  expect(report.oils.map(({ drops }) => drops)).toEqual([5, 1]);
  // 6 drops at 0.05 ml of 9.5 ml.
  expect(report.strength.byVolume.likely).toBeCloseTo((100 * 0.3) / 9.5, 12);
  expect(report.bases[0]?.ml.likely).toBeCloseTo(9.2 * 0.7, 12);
  // 3.2 % on the wrists of an adult: above the 2.5 % recommended, which is a note.
  expect(report.verdict).toBe('within');
});

test('a percentage of one oil is that share of the fill, by volume', () => {
  const [oil] = reportOf({ ...promptDesk, oils: [{ id: 'lavender', percent: 2 }] }).oils;
  expect(oil?.drops).toBeNull();
  expect(oil?.ml.likely).toBeCloseTo(0.19, 12);
});

test('what a file leaves out and has a usual value gets it', () => {
  const { count: _c, dropSchool: _d, school: _s, ...less } = promptDesk;
  const read = readBlend(less);
  expect(read).toMatchObject({
    ok: true,
    recipe: {
      containers: [{ container: { id: 'roll-on-10' }, count: 1 }],
      dropsPerMl: 20,
      guideline: 'clinical',
    },
  });
});

describe('a file that cannot be read is answered with the field and what is wrong', () => {
  test.each<[string, unknown, RegExp]>([
    ['not a blend', {}, /^format: /],
    ['a list', [], /^format: /],
    ['nothing', null, /^format: /],
    ['a later version', { ...promptDesk, version: 4 }, /^version: 4 cannot be read; .* 1 to 3/],
    ['no version', { ...promptDesk, version: undefined }, /^version: is missing/],
    ['no bases', { ...promptDesk, bases: undefined }, /^bases: is missing/],
    ['empty bases', { ...promptDesk, bases: [] }, /^bases: needs at least 1/],
    ['no brief', { ...promptDesk, brief: undefined }, /^brief: is missing/],
    [
      'an unknown oil',
      changed((file) => (file.oils[0]!.id = 'unobtainium')),
      /^oils\.0\.id: .*“Unobtainium”/,
    ],
    [
      'an unknown carrier',
      changed((file) => (file.bases[1]!.id = 'tears')),
      /^bases\.1\.id: .*“Tears”/,
    ],
    [
      'an unknown vessel',
      { ...promptDesk, vessel: { id: 'bucket' } },
      /^vessel\.id: Its container/,
    ],
    [
      'an unknown place',
      changed((file) => (file.brief.place = 'moon')),
      /^brief\.place: should be one of .* "moon"/,
    ],
    [
      'half a drop',
      changed((file) => (file.oils[1]!.drops = 1.5)),
      /^oils\.1\.drops: should be a whole number, and is 1\.5/,
    ],
    [
      'a negative drop',
      changed((file) => (file.oils[1]!.drops = -1)),
      /^oils\.1\.drops: should be at least 0/,
    ],
    [
      'too many drops',
      changed((file) => (file.oils[1]!.drops = 10001)),
      /^oils\.1\.drops: should be at most 10000/,
    ],
    [
      'two amounts',
      changed((file) => Object.assign(file.oils[1]!, { ml: 1 })),
      /^oils\.1: needs exactly one of/,
    ],
    [
      'no amount',
      changed((file) => delete (file.oils[1] as { drops?: number }).drops),
      /^oils\.1: needs exactly one of/,
    ],
    ['parts without a target', { ...promptDesk, target: undefined }, /^target: is missing/],
    [
      'a target past all',
      { ...promptDesk, target: { percent: 101 } },
      /^target\.percent: should be at most 100/,
    ],
    [
      'text for a number',
      { ...promptDesk, target: { percent: '3' } },
      /^target\.percent: should be a number, and is "3"/,
    ],
    [
      'a huge vessel',
      { ...promptDesk, vessel: { kind: 'jar', nominalMl: 20001, workingFillPercent: 90 } },
      /^vessel\.nominalMl: should be at most 20000/,
    ],
    [
      'an unknown kind of vessel',
      { ...promptDesk, vessel: { kind: 'bucket', nominalMl: 5, workingFillPercent: 90 } },
      /^vessel\.kind: should be one of .* "bucket"/,
    ],
    [
      'a wearer of no form',
      changed((file) => (file.brief.wearer = 'nobody' as never)),
      /^brief\.wearer: /,
    ],
    [
      'a vessel of nothing',
      { ...promptDesk, vessel: { kind: 'jar', nominalMl: 0, workingFillPercent: 90 } },
      /^vessel\.nominalMl: should be above 0/,
    ],
    [
      'a wearer without age',
      changed((file) => delete (file.brief.wearer as { ageMonths?: number }).ageMonths),
      /^brief\.wearer\.ageMonths: is missing/,
    ],
    [
      'a misspelt field of the wearer',
      changed((file) => Object.assign(file.brief.wearer, { pregnent: true })),
      /“pregnent”/,
    ],
    [
      'a trimester without pregnancy',
      changed((file) => Object.assign(file.brief.wearer, { trimester: 1 })),
      /^brief\.wearer\.trimester: /,
    ],
    [
      'the strong habit as a limit',
      { ...promptDesk, school: 'strong' },
      /^school: should be one of clinical, cautious/,
    ],
    [
      'one oil twice',
      changed((file) => file.oils.push({ id: 'petitgrain', drops: 1 })),
      /^oils\.2\.id: .*twice/,
    ],
    [
      'a drop with its ends crossed',
      changed((file) =>
        Object.assign(file.oils[1]!, { dropMl: { low: 0.05, likely: 0.03, high: 0.06 } }),
      ),
      /^oils\.1\.dropMl: must run from low/,
    ],
    [
      'more than the container takes',
      changed((file) => (file.oils[1]!.drops = 200)),
      /^oils: 10 ml of oil does not fit; the container takes 9\.5 ml/,
    ],
  ])('%s', (_, json, sentence) => {
    const clean: unknown = JSON.parse(JSON.stringify(json));
    expect(refused(clean)).toMatch(sentence);
  });

  test('text that is not JSON, or cut off', () => {
    const whole = JSON.stringify(promptDesk);
    for (const text of ['', 'hello', whole.slice(0, 200), '{"format":']) {
      expect(readBlendText(text)).toEqual({ ok: false, problem: { code: 'not-json', path: [] } });
      const checked = checkBlend(text, '2026-12-01');
      expect(checked.ok ? '' : checked.sentence).toMatch(/^file: .*not JSON/);
    }
  });
});

test('any mutation of a good file is read or refused with one sentence, never thrown', () => {
  const paths = (value: unknown, path: (string | number)[] = []): (string | number)[][] =>
    typeof value === 'object' && value !== null
      ? [path, ...Object.entries(value).flatMap(([key, inner]) => paths(inner, [...path, key]))]
      : [path];
  const all = paths(promptDesk).filter((path) => path.length > 0);
  fc.assert(
    fc.property(fc.constantFrom(...all), fc.jsonValue(), (path, value) => {
      const copy = JSON.parse(JSON.stringify(promptDesk)) as Record<string, unknown>;
      const last = path[path.length - 1] ?? '';
      const holder = path
        .slice(0, -1)
        .reduce<Record<string, unknown>>((at, key) => at[key] as Record<string, unknown>, copy);
      holder[last] = value;
      const checked = checkBlend(JSON.stringify(copy), '2026-12-01');
      if (checked.ok) expect(checked.report.findings.length).toBeGreaterThan(5);
      else expect(checked.sentence).toMatch(/^[\w.]+: .+\.$/s);
    }),
    { numRuns: 500 },
  );
});

test('the published JSON Schema is the one that the code makes', () => {
  expect(published).toEqual(z.toJSONSchema(blendFile1Schema, { io: 'input' }));
});
