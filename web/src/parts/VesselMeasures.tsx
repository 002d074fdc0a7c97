import { fillMl, formatMl, largestVesselMl, vesselKind, type OwnVessel } from '@jubbet/core';
import { AmountUnder } from './AmountField';
import { NumberUnder } from './Field';

type Measured = Omit<OwnVessel, 'name'>;

/** Water weighs a gram for each ml, near enough for any vessel here. */
const water = { unit: 'ml', densityGPerMl: 1, liquid: true } as const;

const volume = { least: 0, above: true, most: largestVesselMl };

/** A vessel of one's own: what water in it weighed. */
export const VesselMeasures = <T extends Measured>({
  vessel,
  name = '',
  onVessel,
}: {
  vessel: T;
  /** Added to the names of its fields, so that several can be told apart. */
  name?: string;
  onVessel: (vessel: T) => void;
}) => {
  const { kind, nominalMl, workingFillPercent, brimfulMl } = vessel;
  return (
    <div className="grid gap-2">
      {brimfulMl !== undefined && fillMl(vessel) > brimfulMl && (
        <p role="alert" className="text-brick">
          ■ The line is at {formatMl(fillMl(vessel), 3)}, over the brim at {formatMl(brimfulMl, 3)}.
        </p>
      )}
      <p className="text-soft">
        Stand it on a scale at nought and fill it with water: 1 g is 1 ml.{' '}
        {vesselKind(kind).fillWhy}
      </p>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <AmountUnder
          name="Holds"
          label={`Holds, in ml${name}`}
          className="w-20"
          of={water}
          value={nominalMl}
          rule={volume}
          onNumber={(ml) => onVessel({ ...vessel, nominalMl: ml })}
        />
        <NumberUnder
          name="Filled to"
          label={`Filled to, in percent${name}`}
          className="w-14"
          unit="%"
          value={workingFillPercent}
          rule={{ least: 0, above: true, most: 100 }}
          onNumber={(percent) => onVessel({ ...vessel, workingFillPercent: percent })}
        />
        <AmountUnder
          name="Brimful"
          label={`Brimful, in ml${name}`}
          className="w-20"
          of={water}
          value={brimfulMl ?? null}
          rule={volume}
          onNumber={(ml) => onVessel({ ...vessel, brimfulMl: ml })}
          onEmpty={() => {
            const { brimfulMl: _brimful, ...rest } = vessel;
            onVessel(rest as T);
          }}
        />
        <p className="self-end pb-1.5 text-soft">to its line {formatMl(fillMl(vessel), 3)}</p>
      </div>
    </div>
  );
};
