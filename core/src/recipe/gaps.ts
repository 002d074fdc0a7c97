import type { Brief } from '../brief';
import { isIn } from './amount';
import type { Recipe } from './recipe';

/** What a recipe still lacks before anything can be judged. */
export type Gap =
  | { readonly code: 'wearer' | 'place' | 'base' | 'target' }
  /** Oils or bases without an amount, by their ids. */
  | { readonly code: 'amount'; readonly ids: readonly string[] };

/** None where it can be worked out. */
export const gapsOf = ({ brief, target, oils, bases }: Recipe): Gap[] => {
  const unmeasured = [...oils, ...bases].filter(({ amount }) => amount === null);
  return [
    ...(brief.wearer === null ? [{ code: 'wearer' } as const] : []),
    ...(brief.place === null ? [{ code: 'place' } as const] : []),
    ...(target === null && oils.some(({ amount }) => isIn(amount, 'parts'))
      ? [{ code: 'target' } as const]
      : []),
    ...(bases.length === 0 ? [{ code: 'base' } as const] : []),
    ...(unmeasured.length > 0
      ? [{ code: 'amount', ids: unmeasured.map(({ id }) => id) } as const]
      : []),
  ];
};

/** The brief of a recipe without gaps in it; null where wearer or place is not told. */
export const briefOf = ({ brief }: Pick<Recipe, 'brief'>): Brief | null => {
  const { wearer, place, personId: _personId, ...rest } = brief;
  return wearer === null || place === null ? null : { ...rest, wearer, place };
};
