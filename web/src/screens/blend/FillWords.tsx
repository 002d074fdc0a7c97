import {
  carrierWords,
  fillMl,
  formatList,
  formatMl,
  type Mixture,
  type Vessel,
} from '@jubbet/core';
import { together } from '../../parts/together';

/** What goes in beside the oils, and how far. */
export const FillWords = ({ vessel, mixture }: { vessel: Vessel; mixture: Mixture | null }) => {
  const carrier = mixture?.bases.reduce((total, { ml }) => total + ml.likely, 0);
  const each =
    mixture && mixture.bases.length > 1
      ? `${formatList(
          mixture.bases.map(({ base, ml }) => `${formatMl(ml.likely)} ${carrierWords(base)}`),
        )}. `
      : '';
  return (
    <>
      {carrier !== undefined && (
        <p className="mt-2 font-semibold">{together(formatMl(carrier, 3))} carrier</p>
      )}
      <p className="text-sm text-soft">
        {together(
          `${each}Fill to the shoulder, ${formatMl(fillMl(vessel), 3)}: the ball takes the rest.`,
        )}
      </p>
    </>
  );
};
