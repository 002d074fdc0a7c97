import type { Mixture } from '../blend/mixture';

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
  | { readonly id: string; readonly kind: 'label'; readonly vessels: number };

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
