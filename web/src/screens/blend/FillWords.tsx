import {
  carrierWords,
  fillMl,
  formatList,
  formatMl,
  formatNumber,
  oneUse,
  vesselKind,
  type Mixture,
  type Vessel,
} from '@jubbet/core';
import { together } from '../../parts/together';

/** What one use takes, and how long the vessel lasts, where its kind has a dose. */
const DoseWords = ({ vessel, mixture }: { vessel: Vessel; mixture: Mixture }) => {
  const { dose: act } = vesselKind(vessel.kind);
  const use = act === null ? null : oneUse(vessel, mixture);
  if (!use) return null;
  const [least, most] = use.ml;
  return (
    <p className="mt-1 text-sm text-soft">
      {together(
        `One ${act} gives ${formatNumber(least)} to ${formatMl(most)}, with ${formatNumber(use.oilMl[0])} to ${formatMl(use.oilMl[1])} of essential oil. It lasts for ${use.uses.map((count) => formatNumber(count)).join(' to ')}.`,
      )}
    </p>
  );
};

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
          `${each}The line is at ${formatMl(fillMl(vessel), 3)}. ${vesselKind(vessel.kind).fillWhy}`,
        )}
      </p>
      {mixture && <DoseWords vessel={vessel} mixture={mixture} />}
    </>
  );
};
