import { shelvedOf } from './shelved.testing';
import { shippedCatalog, withOpenBottles, oilInBottle } from '../catalog';
import { oilOf } from '../catalog/known.testing';
import {
  bottlesInUse,
  dropOfBottle,
  keeping,
  measuredIn,
  pricePer100Ml,
  stockAsOne,
  stockOf,
  usualUnit,
} from './shelf';
import { bottleSchema } from './bottle';
import type { ShelvedBottle } from './ledger';
import { describe, expect, test } from 'vitest';

const bottle = (more: Partial<ShelvedBottle> = {}): ShelvedBottle =>
  shelvedOf({
    materialId: 'orange-sweet',
    lot: 'OR-1',
    openedOn: '2026-03-01',
    atStart: 4,
    left: 4,
    ...more,
  });

describe('how long a bottle keeps', () => {
  // Sweet orange keeps a year once it is open.
  test.each([
    [{}, { until: '2027-03-01', because: 'opened' }],
    [{ printedDate: '2026-12-31' }, { until: '2026-12-31', because: 'printed' }],
    [{ printedDate: '2028-12-31' }, { until: '2027-03-01', because: 'opened' }],
    [
      { openedOn: null, printedDate: '2028-12-31' },
      { until: '2028-12-31', because: 'printed' },
    ],
    [{ openedOn: null }, null],
    // Closed, it is held to keep no longer than if it had been opened when it was bought.
    [
      { openedOn: null, boughtOn: '2026-02-01' },
      { until: '2027-02-01', because: 'bought' },
    ],
    [
      { openedOn: null, boughtOn: '2026-02-01', printedDate: '2028-01-01' },
      { until: '2028-01-01', because: 'printed' },
    ],
    [{ materialId: 'no-such-thing' }, null],
  ])('%o', (more, keeps) => {
    expect(keeping(shippedCatalog, bottle(more))).toEqual(
      keeps && { ...keeps, from: bottle(more).openedOn },
    );
  });
});

describe('the bottle in use', () => {
  const lotInUse = (bottles: readonly ShelvedBottle[], today = '2026-11-25') =>
    bottlesInUse(shippedCatalog, bottles, today).get('orange-sweet')?.bottle.lot;

  test('is the open one that goes out of date first, and is not finished', () => {
    const inUse = bottlesInUse(
      shippedCatalog,
      [
        bottle({ lot: 'second', openedOn: '2026-05-01' }),
        bottle({ lot: 'finished', openedOn: '2026-01-01', finishedOn: '2026-06-01' }),
        bottle({ lot: 'first', openedOn: '2026-03-01' }),
        bottle({ lot: 'closed', openedOn: null, printedDate: '2026-12-01' }),
      ],
      '2026-11-25',
    );
    expect(inUse.get('orange-sweet')?.bottle).toEqual({
      lot: 'first',
      keepsUntil: '2027-03-01',
      because: 'opened',
      past: false,
    });
  });

  test('is no empty one and none past its date while there is another', () => {
    const fresh = bottle({ lot: 'fresh', openedOn: '2026-10-01' });
    const past = bottle({ lot: 'past', openedOn: '2025-10-01' });
    const empty = bottle({ lot: 'empty', openedOn: '2026-05-01', left: 0 });
    expect(lotInUse([past, empty, fresh])).toBe('fresh');
    expect(lotInUse([past, empty])).toBe('past');
    expect(lotInUse([empty])).toBe('empty');
  });

  test('is the one that the maker wants first, whatever its date', () => {
    const chosen = bottle({ lot: 'chosen', openedOn: '2026-10-01', first: true });
    expect(lotInUse([bottle({ lot: 'sooner' }), chosen])).toBe('chosen');
  });

  test('is past its time from the day after its date', () => {
    const past = (today: string) =>
      bottlesInUse(shippedCatalog, [bottle()], today).get('orange-sweet')?.bottle.past;
    expect([past('2027-03-01'), past('2027-03-02')]).toEqual([false, true]);
  });

  test('stands in the catalog that is asked, and in no other', () => {
    const inUse = bottlesInUse(shippedCatalog, [bottle()], '2026-11-25');
    const house = withOpenBottles(shippedCatalog, inUse);
    expect(house.openBottle('orange-sweet')?.bottle.lot).toBe('OR-1');
    expect(shippedCatalog.openBottle('orange-sweet')).toBeUndefined();
  });
});

test('the drop of a bottle is what was weighed, over the density of its oil', () => {
  // 20 drops weighed 0.79 g and 0.83 g.
  const weighings = [
    { drops: 20, massG: 0.79 },
    { drops: 20, massG: 0.83 },
  ];
  const sandalwood = { materialId: 'sandalwood-east-indian', weighings };
  const density = oilOf('sandalwood-east-indian').densityGPerMl ?? NaN;
  expect(dropOfBottle(shippedCatalog, bottle(sandalwood))?.likely).toBeCloseTo(
    0.81 / 20 / density,
    5,
  );
  expect(dropOfBottle(shippedCatalog, bottle({ weighings: [] }))).toBeNull();
});

test('its own analysis changes what it names, leaves the rest, and says whence it is', () => {
  const plain = oilOf('lavender');
  expect(oilInBottle(plain, null)).toBe(plain);
  const own = oilInBottle(plain, {
    source: 'sheet of lot LV-118',
    contents: [['linalool', 41, 41, 41]],
  });
  const of = (name: string, oil = own) =>
    oil.counted?.constituents.filter(([constituent]) => constituent === name);
  expect(of('linalool')).toEqual([['linalool', 41, 41, 41]]);
  expect(of('linalyl acetate')).toEqual(of('linalyl acetate', plain));
  // What was not found is not in it, whatever is usual.
  const free = oilInBottle(plain, { source: 'sheet', contents: [['camphor', 0, 0, 0]] });
  expect(of('camphor', free)).toEqual([['camphor', 0, 0, 0]]);
  expect(own.own?.figures.at(-1)?.source).toBe('sheet of lot LV-118');
});

describe('what is left', () => {
  test('of several bottles is added up by its unit; finished ones are not there', () => {
    const shea = { materialId: 'shea_butter', size: 500 };
    const stock = stockOf([
      bottle({ left: 4 }),
      bottle({ left: 6, openedOn: null }),
      bottle({ left: 3, finishedOn: '2026-06-01' }),
      bottle({ ...shea, unit: 'g', left: 250 }),
      bottle({ ...shea, unit: 'ml', left: 100 }),
    ]);
    expect(stock).toEqual(
      new Map([
        ['orange-sweet', { ml: 10, g: 0 }],
        ['shea_butter', { ml: 100, g: 250 }],
      ]),
    );
  });

  test('is never more than the bottle holds', () => {
    const { left: _, ...plain } = bottle({ size: 10, atStart: 10.5 });
    const read = bottleSchema.safeParse(plain);
    expect(read.error?.issues[0]).toMatchObject({
      path: ['atStart'],
      message: 'more-than-holds',
    });
    expect(bottleSchema.safeParse({ ...plain, atStart: 10 }).success).toBe(true);
  });
});

describe('from ml to g and back', () => {
  test('a price is that of 100 ml, whatever the bottle is measured in', () => {
    expect(pricePer100Ml({ price: 6, size: 250, unit: 'ml' }, 0.9)).toBeCloseTo(2.4);
    // 250 g at 0.9 g a ml are 277.8 ml.
    expect(pricePer100Ml({ price: 6, size: 250, unit: 'g' }, 0.9)).toBeCloseTo(2.16);
    expect(pricePer100Ml({ price: null, size: 250, unit: 'ml' }, 0.9)).toBeNull();
  });

  test('what stands there in both is one stock', () => {
    expect(stockAsOne({ ml: 100, g: 90 }, 0.9)).toEqual({ ml: 200, g: 180 });
  });

  test('a bottle changes its unit by its density, and comes back', () => {
    const jojoba = bottle({ size: 250, atStart: 140 });
    const weighed = measuredIn(jojoba, 'g', 0.867);
    expect(weighed).toMatchObject({ unit: 'g', size: 216.75, atStart: 121.38 });
    expect(measuredIn(weighed, 'ml', 0.867)).toEqual(jojoba);
  });

  test('where the density is not known the numbers stay', () => {
    expect(measuredIn(bottle(), 'g', null)).toMatchObject({ unit: 'g', size: 10, atStart: 4 });
  });

  test.each([
    ['shea_butter', 'g'],
    ['beeswax_yellow', 'g'],
    ['white_sugar', 'g'],
    ['jojoba', 'ml'],
    ['lavender', 'ml'],
    ['', 'ml'],
  ])('%s is usually measured in %s', (id, unit) => {
    expect(usualUnit(shippedCatalog, id)).toBe(unit);
  });
});
