import { part } from '../blend/fillings';
import { asItLies, type Mixture } from '../blend/mixture';
import { textureOf } from '../blend/texture';
import type { LooseAmount } from '../blend/formula';
import type { Blend } from '../dose/blend';
import type { Range } from '../quantity/range';
import { isMelted } from '../library/isMelted';
import type { Base } from '../library/schema';
import { textureFigures } from '../library/texture';

/** Vessels of one kind and size, and what goes into each. */
export interface StepVessels {
  readonly of: string;
  readonly nominalMl: number;
  readonly count: number;
  /** What goes into each, in ml as it stands there. */
  readonly ml: number;
  /** Null where the weight of the whole is not known. */
  readonly g: number | null;
  /** What the last of them takes where it will not be full, in ml; 0 where all are. */
  readonly lastMl: number;
}

/** Into what a base is weighed: the pan that is heated, a jug, or the bowl of grains. */
export type Into = 'pan' | 'jug' | 'bowl';

/** One thing to do at the bench. Its id stays the same for the life of a batch. */
export type Step =
  | { readonly id: string; readonly kind: 'wipe'; readonly vessels: number; readonly of: string }
  | { readonly id: string; readonly kind: 'lay-out'; readonly oilIds: readonly string[] }
  | {
      readonly id: string;
      readonly kind: 'count';
      readonly vessel: number;
      readonly oilId: string;
      readonly drops: number;
      /** What they come to on likely drops, in g; null where the density is not known. */
      readonly g: number | null;
    }
  | {
      readonly id: string;
      readonly kind: 'measure';
      readonly vessel: number;
      readonly oilId: string;
      readonly ml: number;
      /** Null where the density is not known. */
      readonly g: number | null;
    }
  | { readonly id: string; readonly kind: 'smell' }
  | {
      readonly id: string;
      readonly kind: 'top-up';
      /** Kind of the vessel: it says how far. */
      readonly of: string;
      readonly vessel: number;
      readonly ml: number;
      readonly bases: readonly { readonly id: string; readonly ml: number }[];
    }
  | { readonly id: string; readonly kind: 'close'; readonly vessels: number; readonly of: string }
  | { readonly id: string; readonly kind: 'label'; readonly vessels: number }
  // What follows is done once, in one pan or jug, for all vessels.
  | {
      readonly id: string;
      readonly kind: 'set-out' | 'close-all';
      readonly lines: readonly StepVessels[];
      /** True where what goes in is hot. */
      readonly hot: boolean;
    }
  | {
      readonly id: string;
      readonly kind: 'weigh';
      readonly baseId: string;
      readonly into: Into;
      readonly g: number;
      /** What may lie in so many spoons, in g; null where it is weighed to begin with. */
      readonly gRange: Range | null;
      /** As it is measured: powders as they lie. */
      readonly ml: number;
      /** As it was typed, where that was by spoons or cups. */
      readonly loose: LooseAmount | null;
    }
  | {
      readonly id: string;
      readonly kind: 'melt';
      /** What is melted, the hardest first. */
      readonly baseIds: readonly string[];
      /** Warmth to hold, in °C; null where only butters melt. */
      readonly holdC: readonly [number, number] | null;
    }
  | {
      readonly id: string;
      readonly kind: 'warm-in';
      readonly baseIds: readonly string[];
      /** True where there is wax that cold oil would make seize. */
      readonly wax: boolean;
    }
  | { readonly id: string; readonly kind: 'sift'; readonly baseIds: readonly string[] }
  | {
      readonly id: string;
      readonly kind: 'cool';
      readonly toC: readonly [number, number];
      readonly setsAtC: number | null;
    }
  | { readonly id: string; readonly kind: 'stir-in'; readonly baseIds: readonly string[] }
  | {
      readonly id: string;
      readonly kind: 'whip';
      readonly gainPercent: number;
      readonly fromMl: number;
      readonly toMl: number;
    }
  | { readonly id: string; readonly kind: 'combine'; readonly grain: 'paste' | 'dry' | null }
  | {
      readonly id: string;
      readonly kind: 'fill';
      readonly line: StepVessels;
      readonly hot: boolean;
    }
  | { readonly id: string; readonly kind: 'left'; readonly ml: number; readonly g: number | null }
  | { readonly id: string; readonly kind: 'set'; readonly kinds: readonly string[] };

export type CountStep = Extract<Step, { kind: 'count' }>;

/**
 * The steps for what pours into bottles: oils first, so that they marry and the fill line stays
 * true, one bottle after another; then the carrier to the line.
 *
 * @param mixture one bottle, as planned
 * @param vessels how many bottles, 1 or more
 * @param of kind of the bottles: `roll-on`
 */
export const pouringSteps = (mixture: Mixture, vessels: number, of: string): Step[] => {
  const oils = mixture.oils.filter(({ ml }) => ml.likely > 0);
  const numbers = Array.from({ length: vessels }, (_, vessel) => vessel);
  const measuring = numbers.flatMap((vessel) =>
    oils.map(({ oil, drops, ml, g }): Step =>
      drops === null
        ? {
            id: `measure/${vessel}/${oil.id}`,
            kind: 'measure',
            vessel,
            oilId: oil.id,
            ml: ml.likely,
            g: g?.likely ?? null,
          }
        : {
            id: `count/${vessel}/${oil.id}`,
            kind: 'count',
            vessel,
            oilId: oil.id,
            drops,
            g: g?.likely ?? null,
          },
    ),
  );
  const toppingUp = numbers.map((vessel): Step => ({
    id: `top-up/${vessel}`,
    kind: 'top-up',
    of,
    vessel,
    ml: mixture.bases.reduce((total, { ml }) => total + ml.likely, 0),
    bases: mixture.bases.map(({ base, ml }) => ({ id: base.id, ml: ml.likely })),
  }));
  return [
    { id: 'wipe', kind: 'wipe', vessels, of },
    ...(oils.length > 0
      ? ([
          { id: 'lay-out', kind: 'lay-out', oilIds: oils.map(({ oil }) => oil.id) },
          ...measuring,
          { id: 'smell', kind: 'smell' },
        ] satisfies Step[])
      : []),
    ...toppingUp,
    { id: 'close', kind: 'close', vessels, of },
    { id: 'label', kind: 'label', vessels },
  ];
};

const meltsAt = ({ meltRangeC }: Base): number => meltRangeC?.[1] ?? 0;

/** The lines of vessels of a batch, with what goes into each. */
const linesOf = (blend: Blend, mixture: Mixture): StepVessels[] =>
  part(blend.fillings, mixture.fillMl, mixture.totalG?.likely ?? null, blend).lines.map(
    ({ vessel, fillMl, fillG, full, lastMl, lastG }) => ({
      of: vessel.kind,
      nominalMl: vessel.nominalMl,
      count: full + (lastMl > 0 ? 1 : 0),
      // One that will not be full takes what there is, not what it could hold.
      ml: full > 0 ? fillMl : lastMl,
      g: full > 0 ? fillG : lastG,
      lastMl: full > 0 ? lastMl : 0,
    }),
  );

/**
 * The steps for what is mixed in one pan or jug and then poured. The oils are counted into a
 * beaker and the vessels stand open before anything is hot: a melt sets in seconds.
 *
 * @param mixture the whole, as planned
 */
export const mixedSteps = (blend: Blend, mixture: Mixture): Step[] => {
  const bases = mixture.bases.filter(({ ml }) => ml.likely > 0);
  const texture = textureOf(mixture);
  const is = (test: (base: Base) => boolean) => bases.filter(({ base }) => test(base));
  const isHot = texture !== null && blend.gainPercent === 0;
  const melted = is(isMelted).sort((a, b) => meltsAt(b.base) - meltsAt(a.base));
  const dry = is(({ kind }) => kind === 'dry');
  // What heat would harm goes in with the oils.
  const late = is(
    ({ kind }) => melted.length > 0 && !['wax', 'butter', 'oil', 'dry'].includes(kind),
  );
  const liquid = bases.filter((one) => ![...melted, ...dry, ...late].includes(one));
  const weigh =
    (into: Into) =>
    (one: (typeof bases)[number]): Step => ({
      id: `weigh/0/${one.base.id}`,
      kind: 'weigh',
      baseId: one.base.id,
      into,
      g: one.g.likely,
      gRange: one.loose ? one.g : null,
      ml: asItLies(one),
      loose: one.loose ?? null,
    });
  const ids = (list: typeof bases) => list.map(({ base }) => base.id);
  const lines = linesOf(blend, mixture).filter(({ count }) => count > 0);
  const all = lines.reduce((total, { count }) => total + count, 0);
  const { leftMl, leftG, toPourMl } = part(
    blend.fillings,
    mixture.fillMl,
    mixture.totalG?.likely ?? null,
    blend,
  );
  const measuring = pouringSteps(mixture, 1, '').filter(
    ({ kind }) => kind === 'lay-out' || kind === 'count' || kind === 'measure' || kind === 'smell',
  );
  const hot: Step[] = texture
    ? [
        {
          id: 'melt',
          kind: 'melt',
          baseIds: ids(melted),
          holdC:
            textureFigures.holdC.find(({ wax }) => melted.some(({ base }) => base.id === wax))?.c ??
            null,
        },
        ...(liquid.length > 0
          ? [
              {
                id: 'warm-in',
                kind: 'warm-in',
                baseIds: ids(liquid),
                wax: melted.some(({ base }) => base.kind === 'wax'),
              } as const,
            ]
          : []),
        {
          id: 'cool',
          kind: 'cool',
          toC: texture.oilsAtC,
          setsAtC: texture.setPointC?.likely ?? null,
        },
      ]
    : [];
  return [
    { id: 'set-out', kind: 'set-out', lines, hot: isHot },
    ...measuring,
    ...melted.map(weigh('pan')),
    ...liquid.map(weigh('jug')),
    ...late.map(weigh('jug')),
    ...dry.map(weigh('bowl')),
    ...hot,
    ...(texture
      ? [{ id: 'stir-in', kind: 'stir-in', baseIds: ids(late) } as const]
      : [{ id: 'combine', kind: 'combine', grain: blend.grain } as const]),
    ...(texture && dry.length > 0
      ? [{ id: 'sift', kind: 'sift', baseIds: ids(dry) } as const]
      : []),
    ...(blend.gainPercent > 0
      ? [
          {
            id: 'whip',
            kind: 'whip',
            gainPercent: blend.gainPercent,
            fromMl: mixture.fillMl,
            toMl: mixture.fillMl * (1 + blend.gainPercent / 100),
          } as const,
        ]
      : []),
    ...lines.map((line, index): Step => ({
      id: `fill/${index}`,
      kind: 'fill',
      line,
      hot: isHot,
    })),
    ...(leftMl > toPourMl / 1000
      ? [{ id: 'left', kind: 'left', ml: leftMl, g: leftG } as const]
      : []),
    ...(texture && blend.gainPercent === 0
      ? [{ id: 'set', kind: 'set', kinds: [...new Set(lines.map(({ of }) => of))] } as const]
      : []),
    { id: 'close-all', kind: 'close-all', lines, hot: isHot },
    { id: 'label', kind: 'label', vessels: all },
  ];
};

/** The steps of a blend: bottle by bottle, or in one pan or jug. */
export const stepsOf = (blend: Blend, mixture: Mixture): Step[] =>
  blend.inOne
    ? mixedSteps(blend, mixture)
    : pouringSteps(mixture, blend.count, blend.formula.vessel.kind);
