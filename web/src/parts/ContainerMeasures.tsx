import { containerWordsOf, formatMl, partsWords } from '@jubbet/core/words';
import { fillMl, largestContainerMl, type OwnContainer } from '@jubbet/core/catalog';
import { AmountUnder } from './AmountField';
import { NumberUnder } from '../ui/Field';

type Measured = Omit<OwnContainer, 'name'>;

/** Water weighs a gram for each ml, near enough for any container here. */
const water = { unit: 'ml', densityGPerMl: 1, liquid: true } as const;

const volume = { least: 0, above: true, most: largestContainerMl };

/** A container of one's own: what water in it weighed. */
export const ContainerMeasures = <T extends Measured>({
  container,
  name = '',
  onContainer,
}: {
  container: T;
  /** Added to the names of its fields, so that several can be told apart. */
  name?: string;
  onContainer: (container: T) => void;
}) => {
  const { kind, nominalMl, workingFillPercent, brimfulMl } = container;
  return (
    <div className="grid gap-2">
      {brimfulMl !== undefined && fillMl(container) > brimfulMl && (
        <p role="alert" className="text-brick">
          {partsWords.fillLineAtOverThe(formatMl(fillMl(container), 3), formatMl(brimfulMl, 3))}
        </p>
      )}
      <p className="text-soft">{partsWords.putItOnAScale(containerWordsOf(kind).fillWhy)}</p>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <AmountUnder
          name="Holds"
          label={`Holds, in ml${name}`}
          className="w-20"
          of={water}
          value={nominalMl}
          rule={volume}
          onNumber={(ml) => onContainer({ ...container, nominalMl: ml })}
        />
        <NumberUnder
          name="Filled to"
          label={`Filled to, in percent${name}`}
          className="w-14"
          unit="%"
          value={workingFillPercent}
          rule={{ least: 0, above: true, most: 100 }}
          onNumber={(percent) => onContainer({ ...container, workingFillPercent: percent })}
        />
        <AmountUnder
          name="Brimful"
          label={`Brimful, in ml${name}`}
          className="w-20"
          of={water}
          value={brimfulMl ?? null}
          rule={volume}
          onNumber={(ml) => onContainer({ ...container, brimfulMl: ml })}
          onEmpty={() => {
            const { brimfulMl: _brimful, ...rest } = container;
            onContainer(rest as T);
          }}
        />
        <p className="self-end pb-1.5 text-soft">to its line {formatMl(fillMl(container), 3)}</p>
      </div>
    </div>
  );
};
