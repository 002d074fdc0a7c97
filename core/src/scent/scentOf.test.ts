import { describe, expect, test } from 'vitest';
import { chemistryOf, shippedCatalog } from '../catalog';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { dryDown } from './dryDown';
import { referenceFilm } from './film';
import { perceived, unitOf } from './intensity';
import { houseStrengths, nearness, drowns, phasesOf, scentBand, scentOf, type Worn } from './index';
import { volatiles } from './volatile';

const worn = (
  oils: Readonly<Record<string, number>>,
  use: Worn['brief']['use'] = 'leave-on',
): Worn => {
  const blend = blendOf({ oils });
  return { mixture: evaluate(blend).mixture, brief: { ...blend.brief, use }, useMl: null };
};

/** Ranks, ties sharing theirs, and how they go together. */
const spearman = (a: readonly number[], b: readonly number[]): number => {
  const ranks = (values: readonly number[]) =>
    values.map((value) => {
      const below = values.filter((other) => other < value).length;
      const same = values.filter((other) => other === value).length;
      return below + (same - 1) / 2;
    });
  const [x, y] = [ranks(a), ranks(b)];
  const mean = (values: readonly number[]) => values.reduce((s, v) => s + v, 0) / values.length;
  const [mx, my] = [mean(x), mean(y)];
  const sum = (f: (i: number) => number) => x.reduce((s, _, i) => s + f(i), 0);
  const both = sum((i) => ((x[i] ?? 0) - mx) * ((y[i] ?? 0) - my));
  return (
    both / Math.sqrt(sum((i) => ((x[i] ?? 0) - mx) ** 2) * sum((i) => ((y[i] ?? 0) - my) ** 2))
  );
};

test('linalool alone at 1 % in jojoba is 1 after a minute', () => {
  const find = volatiles();
  const film = referenceFilm(find);
  const [, moment] = dryDown(film, [0, 1]);
  const one = moment && perceived(film, moment, unitOf(find), new Map());
  expect(one?.oils.get('linalool')).toBeCloseTo(1, 12);
  // Floral is 0.6 of it.
  expect(one?.families.floral).toBeCloseTo(0.6, 12);
});

test('what is left of each oil alone ranks with top, middle and base', () => {
  const oils = shippedCatalog.oils.filter(({ keepOffSkin }) => !keepOffSkin);
  const note = { top: 0, middle: 1, base: 2 } as const;
  const left = oils.map((oil) => {
    const share = new Map(
      (chemistryOf(oil)?.constituents ?? []).map(([name, , typical]) => [name, typical]),
    );
    const series = [...scentOf(worn({ [oil.id]: 6 }), [0, 480]).remaining];
    const weighed = series.map(([name, [, last = 0]]) => [share.get(name) ?? 0, last] as const);
    const all = weighed.reduce((total, [weight]) => total + weight, 0);
    return weighed.reduce((total, [weight, last]) => total + weight * last, 0) / all;
  });
  expect(oils.length).toBeGreaterThan(150);
  expect(
    spearman(
      oils.map((oil) => note[oil.note]),
      left,
    ),
  ).toBeGreaterThan(0.6);
});

describe('a blend', () => {
  const blend = worn({ lemon: 3, lavender: 3, vetiver: 1 });
  const scent = scentOf(blend);

  test('percents of each constituent add up to a hundred, at every minute', () => {
    for (const [name, remaining] of scent.remaining) {
      remaining.forEach((left, n) => {
        const all =
          left + (scent.evaporated.get(name)?.[n] ?? 0) + (scent.absorbed.get(name)?.[n] ?? 0);
        expect([name, Math.round(all * 1e6)]).toEqual([name, 1e8]);
      });
    }
  });

  test('opens with citrus and lavender, and vetiver is what stays', () => {
    const [opening, , , dry] = phasesOf(scent);
    expect(opening?.families).toContain('citrus');
    expect(opening?.oils).toContain('lavender');
    expect(dry?.oils[0]).toBe('vetiver');
    expect(drowns(scent)).toBeNull();
  });

  test('smells beside one another do not add up: more than the strongest, less than their sum', () => {
    const [lemon, bergamot] = [scentOf(worn({ lemon: 3 })), scentOf(worn({ bergamot: 3 }))];
    const both = scentOf(worn({ lemon: 3, bergamot: 3 })).families.get('citrus')?.[1] ?? 0;
    const alone = [lemon, bergamot].map(({ families }) => families.get('citrus')?.[1] ?? 0);
    expect(both).toBeGreaterThan(0.95 * Math.max(...alone));
    expect(both).toBeLessThan(alone.reduce((sum, value) => sum + value, 0));
  });

  test('the band is the same for the same blend, and the curve lies within it', () => {
    const band = scentBand(blend);
    expect([...scentBand(blend)]).toEqual([...band]);
    for (const [family, values] of scent.families) {
      values.forEach((value, n) => {
        expect(value).toBeGreaterThanOrEqual(band.get(family)?.low[n] ?? Infinity);
        expect(value).toBeLessThanOrEqual(band.get(family)?.high[n] ?? 0);
      });
    }
    // Thresholds that may be ten times as much or as little leave the height open.
    const [low = 0, high = 0] = [band.get('citrus')?.low[1], band.get('citrus')?.high[1]];
    expect(high / low).toBeGreaterThan(1.5);
  });

  test('what is rinsed off smells no more, and stays counted', () => {
    const rinsed = scentOf(worn({ lemon: 3, lavender: 3 }, 'rinse-off'));
    expect(rinsed.families.get('citrus')?.at(-1)).toBe(0);
    expect(rinsed.families.get('citrus')?.[1]).toBeGreaterThan(0.1);
    const limonene = rinsed.remaining.get('limonene') ?? [];
    expect(limonene.at(-1)).toBe(limonene[2]);
    expect(rinsed.assumptions.map(({ code }) => code)).toContain('rinsed');
  });

  test('a larger dose lasts longer', () => {
    const more = scentOf({ ...blend, useMl: 0.2 });
    expect(more.remaining.get('linalool')?.[7]).toBeGreaterThan(
      scent.remaining.get('linalool')?.[7] ?? 100,
    );
  });
});

test('an oil of unknown composition is drawn by note and strength, and that is said', () => {
  const known = worn({ lavender: 2, vetiver: 1 });
  const mixture = {
    ...known.mixture,
    oils: known.mixture.oils.map((entry) => ({
      ...entry,
      oil: { ...entry.oil, id: `own-${entry.oil.id}`, counted: null },
    })),
  };
  const scent = scentOf({ ...known, mixture });
  expect(scent.assumptions).toContainEqual({ code: 'unknown-oil', oilId: 'own-vetiver' });
  expect(scent.oils.get('own-vetiver')?.at(-1)).toBeGreaterThan(
    scent.oils.get('own-lavender')?.at(-1) ?? 1,
  );
});

test('after five notes a house has its own strength for an oil, and no other changes', () => {
  const notes = (count: number) =>
    Array.from({ length: count }, () => ({ oilId: 'vetiver', said: 'stronger' as const }));
  expect(houseStrengths(notes(4)).size).toBe(0);
  const strengths = houseStrengths(notes(5));
  expect(strengths.get('vetiver')).toBeCloseTo(3, 9);
  const blend = worn({ lavender: 3, vetiver: 1 });
  const [plain, own] = [scentOf(blend), scentOf({ ...blend, strengths })];
  // 3 times as much, to the power of 0.35.
  const times = (id: string) => (own.oils.get(id)?.[5] ?? 0) / (plain.oils.get(id)?.[5] ?? 1);
  expect(times('vetiver')).toBeCloseTo(3 ** 0.35, 1);
  expect(times('lavender')).toBeCloseTo(1, 9);
});

test('nearness rises with what is wanted', () => {
  const [little, much] = [
    scentOf(worn({ lemon: 5, 'ylang-ylang': 1 })),
    scentOf(worn({ lemon: 2, 'ylang-ylang': 4 })),
  ];
  const aim = { kind: 'more', family: 'floral' } as const;
  expect(nearness(aim, much)).toBeGreaterThan(nearness(aim, little));
  expect(nearness({ kind: 'quieter', oilId: 'lemon' }, much)).toBeGreaterThan(
    nearness({ kind: 'quieter', oilId: 'lemon' }, little),
  );
});
