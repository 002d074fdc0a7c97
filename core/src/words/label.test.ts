import { describe, expect, test } from 'vitest';
import { evaluate } from '../drops';
import { madeFilled } from '../batch/filled.testing';
import type { BenchEvent } from '../making';
import { known } from '../catalog/known.testing';
import { blendOf } from '../drops/blend.testing';
import { ml } from '../mixture/measures.testing';
import { shippedCatalog } from '../catalog';
import { labelOf, madePieces, plannedPieces } from '../label';
import { boxLabelText, handLabel, labelText } from './label';
import { done, dropped } from '../making/events.testing';

const facts = { batch: '2026-017', madeOn: '2026-11-25', maker: 'Dorrit Vane, Wardrobe Lane' };
const labelFor = (given: Parameters<typeof blendOf>[0]) => {
  const blend = blendOf(given);
  const [piece] = plannedPieces(blend, evaluate(blend));
  return labelText(shippedCatalog, labelOf(blend, known(piece), facts));
};

test('says what it is, for whom, which oils, how strong, when, by whom', () => {
  expect(labelFor({ oils: { lavender: 6, vetiver: 0 }, wearer: { name: 'Ines' } })).toMatchObject({
    what: 'Roll-on, 9.5 ml',
    forWhom: 'For Ines',
    directions: 'Roll onto the wrists and neck.',
    oils: ['Lavender'],
    bases: ['Jojoba oil'],
    strength: '3.2 %',
    bestBefore: { date: '2027-11-25' },
    ...facts,
  });
});

test('light-sensitising oils carry the hours out of sun, unless rinsed off', () => {
  const sun = /out of the sun for 24 hours/;
  expect(labelFor({ oils: { lemon: 1 } }).cautions.join(' ')).toMatch(sun);
  expect(
    labelFor({ oils: { lemon: 1 }, brief: { use: 'rinse-off', place: 'wash-off' } }).cautions.join(
      ' ',
    ),
  ).not.toMatch(sun);
  expect(labelFor({ oils: { 'lemon-distilled': 1 } }).cautions.join(' ')).not.toMatch(sun);
});

test('for anyone, it tells who must not have it, gathered by kind', () => {
  const { cautions, forWhom } = labelFor({
    wearer: 'anyone',
    oils: {
      wintergreen: ml(0.001),
      'eucalyptus-globulus': ml(0.001),
      'chamomile-roman': ml(0.001),
    },
    bases: { sweet_almond: 1 },
  });
  expect(forWhom).toBe('For anyone');
  expect(cautions).toContain('Do not use if pregnant or breastfeeding.');
  expect(cautions).toContain('Do not use on children under 16 years.');
  expect(cautions.join(' ')).toMatch(/Do not use with: blood thinners/);
  expect(cautions.join(' ')).toMatch(/Ask a pharmacist or doctor first with: asthma/);
  expect(cautions.join(' ')).toMatch(/Contains sweet almond oil \(tree nuts/);
});

test('a sun and a child are drawn where a caution speaks of them, and on no other label', () => {
  expect(labelFor({ oils: { lavender: 2 } }).signs).toEqual([]);
  expect(labelFor({ oils: { lemon: 1 } }).signs).toEqual(['sun']);
  expect(labelFor({ oils: { peppermint: 1 }, wearer: 'anyone' }).signs).toEqual(['child']);
});

test('the label of a box says what is true of any piece, and DO NOT USE where one must not be', () => {
  const first = labelFor({ oils: { lavender: 2, lemon: 1 }, wearer: 'anyone' });
  const second = labelFor({ oils: { lavender: 6 }, wearer: 'anyone' });
  const boxed = boxLabelText([first, second], '2 roll-ons of 10 ml');
  // 3 and 6 drops of 0.05 ml in 9.5 ml.
  expect(boxed).toMatchObject({
    what: '2 roll-ons of 10 ml',
    strength: '1.6 % and 3.2 %',
    oils: ['Lavender', 'Lemon, expressed'],
    signs: ['sun'],
    doNotUse: false,
  });
  expect(boxed.cautions.filter((caution) => /out of reach/.test(caution))).toHaveLength(1);
  expect(boxLabelText([first, { ...second, doNotUse: true }], 'x').doNotUse).toBe(true);
});

test('for one wearer it says that it is not for others', () => {
  expect(labelFor({ oils: { lavender: 2 }, wearer: { name: 'Ines' } }).cautions).toContain(
    'For Ines only.',
  );
});

test('every label carries what holds for every blend', () => {
  expect(labelFor({ oils: {} }).cautions.at(-1)).toBe(
    'For external use only. Avoid contact with eyes. Keep out of reach of children. Patch test before first use. Stop using if irritation occurs.',
  );
});

test('the short form fits four lines of handwriting', () => {
  expect(handLabel(labelFor({ oils: { lavender: 6 }, wearer: 'anyone' }))).toEqual([
    'Test, 3.2 %',
    'Lavender',
    'For anyone. 2026-017',
    'Made 25 Nov 2026, best before 25 Nov 2027',
  ]);
});

describe('a label says what is in the container', () => {
  const made = (given: Parameters<typeof blendOf>[0], events: readonly BenchEvent[], count = 1) => {
    const blend = { ...blendOf(given), count };
    return madePieces(madeFilled(blend, events)).map((piece) => ({
      piece,
      label: labelText(shippedCatalog, labelOf(blend, piece, facts)),
    }));
  };

  test('by the drops that fell, not by those that were planned', () => {
    // 8 x 0.05 / 9.5 = 4.2 %; planned were 2, which is 1.1 %.
    const [one] = made({ oils: { lavender: 2 } }, dropped('count/0/lavender', 8));
    expect(one?.label.strength).toBe('4.2 %');
  });

  test('in the larger bottle that it was moved to', () => {
    const [one] = made({ oils: { lavender: 2 } }, [
      ...dropped('count/0/lavender', 8),
      { kind: 'moved', container: 0, containerId: 'roll-on-30' },
    ]);
    expect(one?.piece.container.nominalMl).toBe(30);
    expect(one?.label.what).toMatch(/^Roll-on, 2[78]/);
    // 0.4 ml in about 28 ml.
    expect(one?.label.strength).toBe('1.4 %');
  });

  test('bottles that differ have labels of their own, those alike share one', () => {
    const labels = made(
      { oils: { lavender: 2 } },
      [
        ...dropped('count/0/lavender', 2),
        ...dropped('count/1/lavender', 4),
        ...dropped('count/2/lavender', 2),
      ],
      3,
    );
    expect(labels.map(({ piece, label }) => [piece.numbers, label.strength])).toEqual([
      [[0, 2], '1.1 %'],
      [[1], '2.1 %'],
    ]);
  });

  test('with nothing counted there is none', () => {
    expect(made({ oils: { lavender: 2 } }, [done('wipe')])).toEqual([]);
  });

  test('what must not be used says so, and which it is', () => {
    const child = { oils: { lavender: 1 }, wearer: { ageMonths: 36 } };
    const [one] = made(child, dropped('count/0/lavender', 12));
    expect(one?.label.doNotUse).toBe(true);
    const [says, ...which] = handLabel(known(one?.label));
    expect(says).toBe('DO NOT USE');
    expect(which.join(' ')).toMatch(/Test.*9\.5 ml.*Made .* · Batch 2026-/);
    const [fine] = made(child, dropped('count/0/lavender', 1));
    expect(fine?.label.doNotUse).toBe(false);
  });

  test('a batch finished as not to be used says so however harmless it is', () => {
    const blend = blendOf({ oils: { lavender: 1 } });
    const [piece] = madePieces(madeFilled(blend, dropped('count/0/lavender', 1)));
    expect(labelOf(blend, known(piece), facts, true).doNotUse).toBe(true);
  });
});

describe('whoever opens it reads what concerns them', () => {
  test.each<[string, Parameters<typeof blendOf>[0], RegExp]>([
    ['a spray burns', { oils: { lavender: 2 }, container: 'spray-100' }, /Keep away from flames/],
    [
      'oil in a bath floats, and the tub is slippery',
      { oils: { lavender: 2 }, brief: { place: 'bath' } },
      /Disperse before bathing.*Makes the bath slippery/,
    ],
    [
      'an illness or a medicine that nobody asked about',
      { oils: { wintergreen: ml(0.01) } },
      /Ask a pharmacist or doctor first with: .*blood thinners/,
    ],
    ['a shaved underarm', { oils: { lavender: 1 }, brief: { place: 'underarm' } }, /after shaving/],
  ])('%s', (_, given, words) => {
    expect(labelFor(given).cautions.join(' ')).toMatch(words);
  });

  test('what they were said to have is not asked again', () => {
    const { cautions } = labelFor({
      oils: { 'eucalyptus-globulus': ml(0.01) },
      wearer: { conditions: ['epilepsy'] },
    });
    expect(cautions.join(' ')).not.toMatch(/Ask first with:.*epilepsy/);
  });

  test('somebody without a name is told by their age', () => {
    expect(labelFor({ oils: {}, wearer: { ageMonths: 50 } }).forWhom).toBe('For a 4-year-old');
    expect(labelFor({ oils: {}, wearer: { ageMonths: 7 } }).forWhom).toBe('For a 7-month-old');
    expect(labelFor({ oils: {}, wearer: { ageMonths: 100 } }).forWhom).toBe('For an 8-year-old');
  });
});
