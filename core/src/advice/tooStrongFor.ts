import type { Brief, WearerOrAnyone } from '../brief';
import { wholeBlendLimit } from '../limits';
import type { Guideline } from '../recipe';

/** How a strength compares with what someone may have. */
export interface StrengthFor {
  readonly recommended: number;
  readonly maximum: number;
  /** Times the maximum: above 1 it is too strong; infinite where nothing may be used. */
  readonly times: number;
}

/**
 * A strength against what a wearer may have on a place.
 *
 * @param percent essential oil in all of it
 */
export const strengthFor = (
  percent: number,
  brief: Pick<Brief, 'place'> & { readonly wearer: WearerOrAnyone },
  guideline: Guideline,
): StrengthFor => {
  const { recommended, maximum } = wholeBlendLimit(
    { use: 'leave-on', sun: 'exposed', forSale: false, asked: [], timesPerDay: null, ...brief },
    guideline,
  );
  return { recommended, maximum, times: maximum > 0 ? percent / maximum : Infinity };
};
