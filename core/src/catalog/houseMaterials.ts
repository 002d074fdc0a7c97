import type { Day } from '../quantity';
import type { LaidOver } from './catalog';
import { forbiddenMark } from './forbiddenMark';
import { asBase } from './ownBase';
import { withFigure } from './ownFigure';
import type { OwnMaterial } from './own';
import type { Base, Content, MadeOf, Oil } from './schema';
import { botanicalOf } from './botanical';
import { forbiddenBehind, forbiddenOil } from './forbidden';
import { namesakesOf } from './namesakes';
import { nothingSaid } from './nothingSaid';
import { heldTo } from './stricter';
import { lightFromContents } from './lightFromContents';
import { asListed, knownByName } from './oilInBottle';
import { plantOf } from './plants';
import { shippedBases, shippedOils } from './shipped';

/** Species of which oils are in the library, as `lavandula angustifolia`. */
const allowedSpecies = new Set(
  shippedOils.flatMap((oil) =>
    [...botanicalOf(oil).matchAll(/\b([A-Z][a-z]+) (?:x )?([a-z]{3,})\b/g)].map(
      ([, genus, species]) => `${genus} ${species}`.toLowerCase(),
    ),
  ),
);

type OwnOil = Extract<OwnMaterial, { kind: 'oil' | 'ready-made' | 'fragrance' }>;

/** What no one has said of it is to be minded, never quietly fine. */
const plainOil = (own: OwnOil): Oil => ({
  id: own.id,
  name: own.name,
  botanical: own.botanical,
  dermalMaximum: { percent: null, status: 'not known', basis: null, confidence: 'none' },
  ...nothingSaid,
  oxidation: 'medium',
  shelfYears: own.shelfYears,
  densityGPerMl: own.densityGPerMl,
  viscosity: own.viscosity,
  note: own.note,
  ...plantOf(own.botanical),
  ...forbiddenMark(forbiddenBehind(own, (species) => allowedSpecies.has(species))),
  counted: null,
  own: { material: true, source: own.source, figures: [] },
});

const worse = <T>(order: readonly T[], found: readonly T[]): T | undefined =>
  order.find((entry) => found.includes(entry));

/** Less than this of an oil accounted for, in percent, says little of the rest. */
const nearlyAll = 80;

/**
 * What an oil's own composition counts for: as the library names it, and whether what is known by
 * name is nearly all. A name that the library does not know is no known composition.
 */
const countedIn = (contents: readonly Content[]): NonNullable<Oil['counted']> => ({
  confidence: 'high',
  constituents: asListed(contents),
  ...(knownByName(contents).percent < nearlyAll ? { isPartial: true } : {}),
});

/** What a house looks its own materials' parts up in. */
interface Inside {
  readonly oil: (id: string) => Oil | undefined;
  readonly base: (id: string) => Base | undefined;
}

/** Of what a ready-made blend is made, by share of the whole; null where that is not all known. */
const madeOf = (own: Extract<OwnOil, { kind: 'ready-made' }>, find: Inside): MadeOf | null => {
  const all = own.parts.reduce((total, { parts }) => total + parts, 0);
  const share = (own.essentialPercent ?? 100) / 100;
  const oils = own.parts.flatMap(({ id, parts }) => {
    const oil = find.oil(id);
    return oil ? [{ oil, share: (share * parts) / all }] : [];
  });
  if (oils.length < own.parts.length || oils.length === 0) return null;
  const carriers = own.carriers ?? [];
  const carried = carriers.reduce((total, { parts }) => total + parts, 0);
  return {
    oils,
    isShareKnown: own.proportionsKnown !== false || oils.length === 1,
    carriers: carriers.flatMap(({ id, parts }) => {
      const base = find.base(id);
      return base ? [{ base, share: ((1 - share) * parts) / carried }] : [];
    }),
  };
};

/**
 * A ready-made blend of known parts as one oil: its maximum is the lowest that one of
 * its oils leaves the whole, light limits and contents add up by share, and every caution
 * of an oil in it is its own. Rules judge it as the oils in it.
 */
const fromParts = (made: MadeOf | null): Partial<Oil> => {
  if (!made) return {};
  const inside = made.oils;
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
    for (const [constituent, low, typical, high] of oil.counted?.constituents ?? []) {
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
    madeOf: made,
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
    counted: oils.some(({ counted }) => counted === null)
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

/** An oil of the maker's own, held to the oils of the library whose name or plant it bears. */
const asOil = (own: OwnOil, find: Inside): Oil => {
  if (own.kind === 'fragrance') return asSaid(own, find);
  const namesakes = namesakesOf(own);
  if (own.kind === 'oil') return namesakes.reduce(heldTo, asSaid(own, find));
  // A ready-made blend is what is in it, unless it bears the name of an oil that is said not to be.
  const isAsNamed =
    own.batch !== undefined ||
    namesakes.length === 0 ||
    namesakes.some(({ id }) => own.parts.some((part) => part.id === id));
  return isAsNamed
    ? asSaid(own, find)
    : namesakes.reduce(heldTo, asSaid({ ...own, parts: [] }, find));
};

/** What is said of it, and no more. */
const asSaid = (own: OwnOil, find: Inside): Oil => {
  const plain = plainOil(own);
  switch (own.kind) {
    case 'oil':
      return {
        ...plain,
        dermalMaximum:
          own.maximumPercent === null
            ? plain.dermalMaximum
            : { percent: own.maximumPercent, status: 'stated', basis: null, confidence: 'none' },
        phototoxicLimitPercent: lightFromContents(own.lightPercent, asListed(own.contents ?? [])),
        counted: own.contents && countedIn(own.contents),
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
        ...fromParts(madeOf(own, find)),
        ...(own.batch ? { keepsUntil: own.batch.bestBefore } : {}),
        essentialShare: own.essentialPercent === null ? null : own.essentialPercent / 100,
      };
    case 'fragrance':
      return {
        ...plain,
        // Not an essential oil: it has no chemistry that is known, and its certificate counts that.
        counted: { confidence: 'none', constituents: [] },
        certificate: own.certificate,
        own: {
          material: true,
          source: own.source,
          figures: [{ figure: 'maximum', value: null, original: null, source: own.source }],
        },
      };
  }
};

/** When and from where materials are read. */
interface ReadOn {
  readonly today?: Day;
  /** They came with a file: a figure that allows more than the library's is none. */
  readonly isFromElsewhere?: boolean;
  /** Where what they are made of is found before the library. */
  readonly house?: Inside;
}

/** What is left of a batch is in the bottle that it was put into, and past its date with the batch. */
const asLeftover = (
  own: Extract<OwnOil, { kind: 'ready-made' }>,
  today: Day,
): Pick<Oil, 'leftover'> => {
  if (!own.batch) return {};
  const { number: lot, bestBefore: keepsUntil } = own.batch;
  return { leftover: { lot, keepsUntil, past: keepsUntil < today } };
};

/**
 * What a maker's own materials and figures come to, to be laid over the library. The
 * shipped library may change underneath: what is theirs is kept apart from it.
 *
 * @param on the day, by which what is left of a batch is past its date; and whether they came with a file
 */
export const houseMaterials = (
  own: readonly OwnMaterial[],
  { today, isFromElsewhere = false, house }: ReadOn = {},
): LaidOver => {
  const figures = own.filter((entry) => entry.kind === 'figure');
  const marked = (oil: Oil): Oil =>
    figures
      .filter(({ oilId }) => oilId === oil.id)
      .reduce((before, figure) => withFigure(before, figure, isFromElsewhere), oil);
  const overridden = shippedOils
    .filter(({ id }) => figures.some(({ oilId }) => oilId === id))
    .map(marked);
  const bases = own.flatMap((entry) => (entry.kind === 'base' ? [asBase(entry)] : []));
  const nothing: Inside = { oil: () => undefined, base: () => undefined };
  const simple = own.flatMap((entry) =>
    entry.kind === 'oil' || entry.kind === 'fragrance' ? [marked(asOil(entry, nothing))] : [],
  );
  const inside: Inside = {
    oil: (id) =>
      simple.find((oil) => oil.id === id) ??
      house?.oil(id) ??
      [...overridden, ...shippedOils].find((oil) => oil.id === id) ??
      forbiddenOil(id),
    base: (id) => house?.base(id) ?? [...bases, ...shippedBases].find((base) => base.id === id),
  };
  return {
    oils: [
      ...overridden,
      ...simple,
      ...own.flatMap((entry) =>
        entry.kind === 'ready-made'
          ? [
              {
                ...marked(asOil(entry, inside)),
                ...(today === undefined ? {} : asLeftover(entry, today)),
              },
            ]
          : [],
      ),
    ],
    bases,
  };
};
