import {
  carrierWords,
  fillMl,
  findVessel,
  formatList,
  formatMl,
  formatNumber,
  vesselKind,
  type Mixture,
  type Vessel,
} from '@jubbet/core';
import { together } from '../../parts/together';

/** What one use takes, and how long the vessel lasts, where its kind has a dose. */
const DoseWords = ({ vessel, mixture }: { vessel: Vessel; mixture: Mixture }) => {
  const dose = vessel.id ? findVessel(vessel.id)?.doseMl : undefined;
  const { dose: act } = vesselKind(vessel.kind);
  if (!dose || !act) return null;
  const uses = (ml: number) => formatNumber(Math.floor(fillMl(vessel) / ml), 2);
  const share = mixture.strength.byVolume.likely / 100;
  return (
    <p className="mt-1 text-sm text-soft">
      {together(
        `One ${act} gives ${formatNumber(dose[0])} to ${formatMl(dose[1])}, with ${formatNumber(dose[0] * share)} to ${formatMl(dose[1] * share)} of essential oil. It lasts for ${uses(dose[1])} to ${uses(dose[0])}.`,
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
