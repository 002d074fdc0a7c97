import { shelvedOf } from './shelved.testing';
import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { carrierOnShelf, filterCarriers, type CarrierQuery } from './carriers';
import type { ShelvedBottle } from './ledger';

const bottle = (more: Partial<ShelvedBottle>): ShelvedBottle =>
  shelvedOf({
    materialId: 'jojoba',
    lot: '',
    openedOn: null,
    size: 250,
    atStart: 140,
    left: 140,
    price: 20,
    ...more,
  });

const anything: CarrierQuery = {
  kind: 'oil',
  skin: null,
  absorption: null,
  withoutAvoided: false,
  onShelfOnly: false,
  order: 'name',
};

const shown = (query: Partial<CarrierQuery>, bottles: readonly ShelvedBottle[] = []) =>
  filterCarriers(
    shippedCatalog,
    shippedCatalog.bases.map((base) => carrierOnShelf(base, bottles)),
    {
      ageMonths: 492,
      pregnant: false,
      breastfeeding: false,
      conditions: [],
      allergies: ['tree nut'],
      skin: 'normal',
    },
    { ...anything, ...query },
  );
const idsOf = (list: ReturnType<typeof shown>) => list.map(({ base }) => base.id);

describe('carriers side by side', () => {
  test('by kind; what is none of the four stands under other', () => {
    for (const kind of ['oil', 'butter', 'wax', 'dry'] as const) {
      expect(new Set(shown({ kind }).map(({ base }) => base.kind))).toEqual(new Set([kind]));
    }
    const kinds = (['oil', 'butter', 'wax', 'dry', 'other'] as const).flatMap((kind) =>
      idsOf(shown({ kind })),
    );
    expect(kinds.sort()).toEqual(shippedCatalog.bases.map(({ id }) => id).sort());
  });

  test('without what the wearer must avoid: a nut oil', () => {
    expect(idsOf(shown({}))).toContain('sweet_almond');
    expect(idsOf(shown({ withoutAvoided: true }))).not.toContain('sweet_almond');
  });

  test('on the shelf, with the cheapest price of 100 ml; what is finished is not there', () => {
    const bottles = [
      bottle({}),
      bottle({ size: 100, left: 50, price: 9 }),
      bottle({ materialId: 'argan', finishedOn: '2026-01-01' }),
    ];
    // 20 for 250 ml is 8 for 100 ml, less than 9; 140 and 50 ml are left.
    const [only, ...others] = shown({ onShelfOnly: true }, bottles);
    expect(others).toEqual([]);
    expect(only).toMatchObject({ price: 8, left: { ml: 190 } });
  });

  test('in order of the price those without one come last', () => {
    const list = shown({ order: 'price' }, [bottle({})]);
    expect(idsOf(list)[0]).toBe('jojoba');
    expect(list.slice(1).every(({ price }) => price === null)).toBe(true);
  });

  test('in order of how long they keep the longest comes first', () => {
    const months = shown({ order: 'keeps' }).map(({ base }) => base.shelfMonths);
    expect(months).toEqual([...months].sort((a, b) => b - a));
  });
});
