import type { LaidOver } from './catalog';
import type { OwnMaterial } from './own';
import type { Base, Content, Oil } from './schema';
import { shippedOils } from './shipped';

type OwnOil = Extract<OwnMaterial, { kind: 'oil' | 'ready-made' | 'fragrance' }>;

/** What nobody has said of it is to be minded, never quietly fine. */
const plainOil = (own: OwnOil): Oil => ({
  id: own.id,
  name: own.name,
  botanical: own.botanical,
  dermalMaximum: { percent: null, status: 'not known', basis: null, confidence: 'none' },
  phototoxicLimitPercent: null,
  keepOffSkin: false,
  notForHomeBlending: null,
  age: [],
  pregnancy: 'caution',
  breastfeeding: 'caution',
  conditions: [],
  oxidation: 'medium',
  shelfYears: own.shelfYears,
  densityGPerMl: own.densityGPerMl,
  viscosity: own.viscosity,
  note: own.note,
  odourStrength: 3,
  allergens: [],
  capped: null,
  own: { material: true, source: own.source, figures: [] },
});

const worse = <T>(order: readonly T[], found: readonly T[]): T | undefined =>
  order.find((one) => found.includes(one));

/**
 * A ready-made blend of known parts as one oil: its maximum is the lowest that one of
 * its oils leaves the whole, light limits and contents add up by share, and every caution
 * of an oil in it is its own.
 */
const fromParts = (
  own: Extract<OwnOil, { kind: 'ready-made' }>,
  find: (id: string) => Oil | undefined,
): Partial<Oil> => {
  const all = own.parts.reduce((total, { parts }) => total + parts, 0);
  const share = (own.essentialPercent ?? 100) / 100;
  const inside = own.parts.flatMap(({ id, parts }) => {
    const oil = find(id);
    return oil ? [{ oil, share: (share * parts) / all }] : [];
  });
  if (inside.length < own.parts.length || inside.length === 0) return {};
  const oils = inside.map(({ oil }) => oil);
  const maxima = inside.flatMap(({ oil, share: part }) =>
    oil.dermalMaximum.percent === null ? [] : [oil.dermalMaximum.percent / part],
  );
  const unknown = oils.some(({ dermalMaximum }) => dermalMaximum.status === 'not known');
  const lowest = Math.min(100, ...maxima);
  const light = inside.reduce(
    (total, { oil, share: part }) =>
      total + (oil.phototoxicLimitPercent === null ? 0 : part / oil.phototoxicLimitPercent),
    0,
  );
  const contents = new Map<string, [number, number, number]>();
  for (const { oil, share: part } of inside) {
    for (const [constituent, low, typical, high] of oil.capped?.constituents ?? []) {
      const sum = contents.get(constituent) ?? [0, 0, 0];
      contents.set(constituent, [
        sum[0] + part * low,
        sum[1] + part * typical,
        sum[2] + part * high,
      ]);
    }
  }
  const notForHome = oils.find(({ notForHomeBlending }) => notForHomeBlending !== null);
  return {
    dermalMaximum: unknown
      ? { percent: null, status: 'not known', basis: null, confidence: 'none' }
      : {
          percent: maxima.length > 0 ? lowest : null,
          status: maxima.length > 0 ? 'assumed' : 'none stated',
          basis: 'from the oils in it',
          confidence: 'low',
        },
    phototoxicLimitPercent: light > 0 ? Math.min(100, 1 / light) : null,
    keepOffSkin: oils.some(({ keepOffSkin }) => keepOffSkin),
    notForHomeBlending: notForHome?.notForHomeBlending ?? null,
    age: oils.flatMap(({ age }) => age),
    pregnancy:
      worse(
        ['avoid', 'caution', 'ok'] as const,
        oils.map(({ pregnancy }) => pregnancy),
      ) ?? 'caution',
    breastfeeding:
      worse(
        ['avoid', 'caution', 'ok'] as const,
        oils.map(({ breastfeeding }) => breastfeeding),
      ) ?? 'caution',
    conditions: oils.flatMap(({ conditions }) => conditions),
    allergens: oils.flatMap(({ allergens }) => allergens),
    oxidation:
      worse(
        ['high', 'medium', 'low'] as const,
        oils.map(({ oxidation }) => oxidation),
      ) ?? 'medium',
    capped: oils.some(({ capped }) => capped === null)
      ? null
      : {
          confidence: 'low',
          constituents: [...contents].map(([constituent, [low, typical, high]]): Content => [
            constituent,
            low,
            typical,
            Math.min(100, high),
          ]),
        },
  };
};

const asOil = (own: OwnOil, find: (id: string) => Oil | undefined): Oil => {
  const plain = plainOil(own);
  switch (own.kind) {
    case 'oil':
      return {
        ...plain,
        dermalMaximum:
          own.maximumPercent === null
            ? plain.dermalMaximum
            : { percent: own.maximumPercent, status: 'stated', basis: null, confidence: 'none' },
        phototoxicLimitPercent: own.lightPercent,
        capped: own.contents && { confidence: 'high', constituents: own.contents },
        own: {
          material: true,
          source: own.source,
          figures: (['maximum', 'light'] as const).map((figure) => ({
            figure,
            value: figure === 'maximum' ? own.maximumPercent : own.lightPercent,
            original: null,
            source: own.source,
          })),
        },
      };
    case 'ready-made':
      return {
        ...plain,
        ...fromParts(own, find),
        essentialShare: own.essentialPercent === null ? null : own.essentialPercent / 100,
      };
    case 'fragrance':
      return {
        ...plain,
        // Not an essential oil: it has no chemistry that is known, and its certificate counts that.
        capped: { confidence: 'none', constituents: [] },
        certificate: own.certificate,
        own: {
          material: true,
          source: own.source,
          figures: [{ figure: 'maximum', value: null, original: null, source: own.source }],
        },
      };
  }
};

const asBase = (own: Extract<OwnMaterial, { kind: 'base' }>): Base => ({
  id: own.id,
  name: own.name,
  botanical: null,
  inci: own.inci,
  kind: own.baseKind,
  densityGPerMl: own.densityGPerMl,
  meltRangeC: own.meltC === null ? null : [own.meltC, own.meltC],
  shelfMonths: own.shelfMonths,
  allergens: own.allergens.map((family) => ({ family, what: 'avoid' })),
  conditions: [],
  sun: null,
});

type OwnFigure = Extract<OwnMaterial, { kind: 'figure' }>;

const figureOf = (oil: Oil, figure: OwnFigure['figure']): number | null => {
  switch (figure) {
    case 'maximum':
      return oil.dermalMaximum.percent;
    case 'light':
      return oil.phototoxicLimitPercent;
    case 'density':
      return oil.densityGPerMl;
    case 'shelf':
      return oil.shelfYears;
  }
};

const withFigure = (oil: Oil, own: OwnFigure): Oil => {
  const { figure, value } = own;
  const mark = {
    own: {
      ...(oil.own ?? { material: false }),
      figures: [
        ...(oil.own?.figures ?? []),
        { figure, value, original: figureOf(oil, figure), source: own.source },
      ],
    },
  };
  switch (figure) {
    case 'maximum':
      return {
        ...oil,
        ...mark,
        dermalMaximum: { percent: value, status: 'stated', basis: null, confidence: 'none' },
      };
    case 'light':
      return { ...oil, ...mark, phototoxicLimitPercent: value };
    case 'density':
      return { ...oil, ...mark, densityGPerMl: value };
    case 'shelf':
      return { ...oil, ...mark, shelfYears: value };
  }
};

/**
 * What a maker's own materials and figures come to, to be laid over the library. The
 * shipped library may change underneath: what is theirs is kept apart from it.
 */
export const houseMaterials = (own: readonly OwnMaterial[]): LaidOver => {
  const figures = own.filter((entry) => entry.kind === 'figure');
  const marked = (oil: Oil): Oil =>
    figures.filter(({ oilId }) => oilId === oil.id).reduce(withFigure, oil);
  const overridden = shippedOils
    .filter(({ id }) => figures.some(({ oilId }) => oilId === id))
    .map(marked);
  const find = (id: string): Oil | undefined =>
    overridden.find((oil) => oil.id === id) ?? shippedOils.find((oil) => oil.id === id);
  return {
    oils: [
      ...overridden,
      ...own.flatMap((entry) =>
        entry.kind === 'oil' || entry.kind === 'ready-made' || entry.kind === 'fragrance'
          ? [marked(asOil(entry, find))]
          : [],
      ),
    ],
    bases: own.flatMap((entry) => (entry.kind === 'base' ? [asBase(entry)] : [])),
  };
};
