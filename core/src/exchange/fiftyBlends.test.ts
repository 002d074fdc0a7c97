import { format, resolveConfig } from 'prettier';
import { expect, test } from 'vitest';
import casesJson from '../../../docs/fifty-blends.json';
import { catalogOf, houseMaterials, shippedCatalog, type OwnMaterial } from '../catalog';
import { workOut } from '../drops';
import type { RuleId } from '../limits';
import { recipeFrom, type ShortOil, type ShortRecipe } from '../recipe/recipe.testing';
import type { Wearer } from '../brief';
import { healthyAdult } from '../brief/wearer.testing';

// Fifty blends, dangerous and harmless, with what a professional would say of each. The table in
// docs/fifty-blends.md is made from this: vitest -u renews it.

const own = (name: string) => ({
  id: `own-${name}`,
  name,
  botanical: '',
  densityGPerMl: 0.9,
  shelfYears: 2,
  note: 'middle' as const,
  viscosity: 'thin' as const,
  source: 'a supplier’s sheet',
});

const materials: readonly OwnMaterial[] = [
  {
    kind: 'oil',
    ...own('Breathe'),
    maximumPercent: null,
    lightPercent: null,
    contents: [['1,8-cineole', 60, 65, 70]],
  },
  {
    kind: 'oil',
    ...own('Sassafras essential oil'),
    maximumPercent: 50,
    lightPercent: null,
    contents: [['limonene', 90, 95, 99]],
  },
  {
    kind: 'oil',
    ...own('Mystery'),
    maximumPercent: 5,
    lightPercent: null,
    contents: null,
  },
  {
    kind: 'oil',
    ...own('Sunny'),
    maximumPercent: null,
    lightPercent: null,
    contents: [
      ['limonene', 40, 42, 45],
      ['bergapten', 0.1, 0.2, 0.3],
    ],
  },
  {
    kind: 'ready-made',
    ...own('Night'),
    essentialPercent: 100,
    parts: [
      { id: 'lavender', parts: 3 },
      { id: 'orange-sweet', parts: 1 },
    ],
  },
  {
    kind: 'ready-made',
    ...own('Warm rub'),
    essentialPercent: 10,
    parts: [
      { id: 'wintergreen', parts: 1 },
      { id: 'ginger', parts: 1 },
    ],
    carriers: [{ id: 'sweet_almond', parts: 1 }],
  },
  {
    kind: 'fragrance',
    ...own('Petrichor'),
    certificate: { face: 1, body: 3, rinseOff: 5 },
  },
];
const catalog = catalogOf(houseMaterials(materials));

interface Case {
  readonly blend: string;
  /** A number is drops. */
  readonly oils: Readonly<Record<string, number | Omit<ShortOil, 'id'>>>;
  readonly wearer?: Partial<Wearer> | 'anyone';
  readonly brief?: ShortRecipe['brief'];
  readonly bases?: ShortRecipe['bases'];
  readonly container?: string;
  readonly more?: ShortRecipe;
  readonly professional: string;
  readonly verdict: 'within' | 'caution' | 'over' | 'blocking' | 'unknown';
  /** The check that says so; none where it is within limits. */
  readonly because?: RuleId;
}

// What they are made of is in the docs, to be read beside the table.
const cases = casesJson as unknown as readonly Case[];

const recipeOf = ({ blend, oils, wearer, brief, bases, container, more }: Case) =>
  recipeFrom({
    name: blend.startsWith('“') ? blend : 'A blend',
    ...more,
    brief: {
      wearer:
        wearer === 'anyone'
          ? 'anyone'
          : {
              ...healthyAdult,
              ...wearer,
            },
      place: 'pulse-points',
      ...brief,
    },
    container: { id: container ?? 'roll-on-10' },
    oils: Object.entries(oils).map(([id, amount]) => ({
      id,
      ...(typeof amount === 'number' ? { drops: amount } : amount),
    })),
    bases: bases ?? [{ id: 'jojoba', parts: 1 }],
  });

const verdictOf = (one: Case) => {
  const worked = workOut(catalog, recipeOf(one));
  if (worked.state !== 'done') throw new Error(`${one.blend}: ${worked.state}`);
  const { verdict, blocking, findings } = worked.evaluation;
  return {
    verdict: blocking ? 'blocking' : verdict,
    rules: findings
      .filter((entry) => (blocking ? entry.blocking : entry.verdict === verdict))
      .map(({ rule }) => rule),
  };
};

test.each(cases)('$blend: $verdict', (entry) => {
  const { verdict, rules } = verdictOf(entry);
  expect(verdict).toBe(entry.verdict);
  if (entry.because) expect(rules).toContain(entry.because);
});

test('there are fifty, and they name only what there is', () => {
  expect(cases).toHaveLength(50);
  for (const { oils } of cases) {
    for (const id of Object.keys(oils)) expect(catalog.oil(id), id).toBeDefined();
  }
  expect(shippedCatalog.oil('own-Night')).toBeUndefined();
});

const words: Readonly<Record<Case['verdict'], string>> = {
  within: '● within limits',
  caution: '▲ caution',
  over: '■ over the limit',
  blocking: '■ do not use',
  unknown: '○ can’t be checked',
};

test('the table in docs says what Jubbet says', async () => {
  const rows = cases.map((entry) => {
    const { verdict } = verdictOf(entry);
    return `| ${entry.blend} | ${entry.professional} | ${words[(verdict ?? 'within') as Case['verdict']]} | ${entry.because ?? ''} |`;
  });
  const table = [
    '# Fifty blends',
    '',
    'What a professional would say of each, and what Jubbet says. What is in them stands in',
    '[fifty-blends.json](fifty-blends.json); materials of one’s own, and the test that makes this table, in',
    '`core/src/exchange/fiftyBlends.test.ts` (`npx vitest run fiftyBlends -u`).',
    '',
    '| blend | a professional | Jubbet | check |',
    '| --- | --- | --- | --- |',
    ...rows,
    '',
  ].join('\n');
  const path = 'docs/fifty-blends.md';
  const options = (await resolveConfig(path)) ?? {};
  await expect(await format(table, { ...options, parser: 'markdown' })).toMatchFileSnapshot(
    `../../../${path}`,
  );
});
