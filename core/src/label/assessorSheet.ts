import { casOf, packNameOfBase, packNameOfOil, type Base, type Oil, type Region } from '../catalog';
import { mixtureSeen } from '../limits';
import type { Mixture } from '../mixture';

/** A line of the formula, as an assessor reads it. */
export interface SheetLine {
  readonly materialId: string;
  readonly name: string;
  /** Names on the pack, the most first. */
  readonly inci: readonly string[];
  readonly cas: readonly string[];
  /** What it does there, by what it is. */
  readonly use: 'perfuming' | 'emollient' | 'solvent' | Base['kind'];
  readonly g: number;
  /** By weight. */
  readonly percent: number;
}

/** Oils and butters make skin supple, water and alcohol dissolve; the others are named by it. */
const useOf = (kind: Base['kind']): SheetLine['use'] => {
  if (kind === 'oil' || kind === 'butter') return 'emollient';
  return kind === 'alcohol' || kind === 'aqueous' ? 'solvent' : kind;
};

/** The formula by weight, the most first: of ready-made blends what is in them. */
export const assessorSheet = (poured: Mixture, region: Region): readonly SheetLine[] => {
  const { oils, bases, totalG } = mixtureSeen(poured);
  const line = (
    { id, name }: Oil | Base,
    g: number,
    inci: readonly string[],
    use: SheetLine['use'],
  ): SheetLine => ({
    ...{ materialId: id, name, inci, cas: casOf(id), use, g },
    percent: totalG.likely > 0 ? (100 * g) / totalG.likely : 0,
  });
  return [
    ...oils.map(({ oil, g }) => line(oil, g.likely, packNameOfOil(oil, region).names, 'perfuming')),
    ...bases.map(({ base, g }) =>
      line(base, g.likely, packNameOfBase(base, region).names, useOf(base.kind)),
    ),
  ]
    .filter(({ g }) => g > 0)
    .sort((a, b) => b.g - a.g);
};
