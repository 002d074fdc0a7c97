import type { Oil } from '../catalog';
import type { By } from '../recipe';
import type { BaseInBlend, OilInBlend } from './inBlend';
import type { Mixture } from './mixture';

/** The notes of an oil, in the order in which they are smelt. */
const oilNotes = ['top', 'middle', 'base'] as const satisfies readonly Oil['note'][];

/** How much of the oils is top, middle and base note, in percent of their volume; 0 of no oils. */
export const noteShares = ({
  oils,
}: Pick<Mixture, 'oils'>): readonly { readonly note: Oil['note']; readonly percent: number }[] => {
  const mlOf = (some: readonly OilInBlend[]): number =>
    some.reduce((total, { ml }) => total + ml.likely, 0);
  const whole = mlOf(oils);
  return oilNotes.map((note) => ({
    note,
    percent: whole === 0 ? 0 : (100 * mlOf(oils.filter(({ oil }) => oil.note === note))) / whole,
  }));
};

/** A base in percent of the whole blend, by what the blend is measured by. */
export const baseShare = (
  { totalG, fillMl }: Pick<Mixture, 'totalG' | 'fillMl'>,
  { ml, g }: Pick<BaseInBlend, 'ml' | 'g'>,
  by: By,
): number => (by === 'weight' ? (100 * g.likely) / totalG.likely : (100 * ml.likely) / fillMl);
