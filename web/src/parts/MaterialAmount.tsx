import { oilsToAsk } from '@jubbet/core/advice';
import { botanicalOf, searchBases, searchOils, type Base, type Oil } from '@jubbet/core/catalog';
import type { ReactNode } from 'react';
import { Button } from '../ui/Button';
import { NumberUnder, SelectField } from '../ui/Field';
import { useCatalog } from './catalog';
import { PickByName } from './PickByName';

/** What an amount of a material is measured in. */
export type AmountUnit = 'drops' | 'ml' | 'g';

const units: readonly (readonly [AmountUnit, string])[] = [
  ['drops', 'drops'],
  ['ml', 'ml'],
  ['g', 'g'],
];

/** More than this of one material is in no container, in drops and in ml or g. */
const mostDrops = 1000;
const most = 10_000;

/** A material by any of its names and how much of it: any oil or base of the library. */
export const MaterialAmount = ({
  what,
  placeholder,
  materialId,
  onMaterial,
  howMuch,
  howMuchInFull = howMuch,
  unit,
  value,
  onUnit,
  onValue,
  otherwise,
  children,
}: {
  /** What the field that finds it is called. */
  what: string;
  placeholder: string;
  /** Null until one is chosen. */
  materialId: string | null;
  onMaterial: (material: Oil | Base | null) => void;
  howMuch: string;
  howMuchInFull?: string;
  unit: AmountUnit;
  /** Null where it is not known. */
  value: number | null;
  onUnit: (unit: AmountUnit) => void;
  onValue: (value: number | null) => void;
  /** In place of a material of the library. */
  otherwise?: ReactNode;
  /** What else belongs to the amount: where it went, what it came out of. */
  children?: ReactNode;
}) => {
  const catalog = useCatalog();
  const material =
    materialId === null ? null : (catalog.oil(materialId) ?? catalog.base(materialId) ?? null);
  return (
    <>
      {material ? (
        <p className="pb-1.5">
          <b>{material.name}</b>{' '}
          <Button look="quiet" onClick={() => onMaterial(null)}>
            Something else
          </Button>
        </p>
      ) : (
        <>
          <div className="w-80 max-w-full">
            <PickByName<Oil | Base>
              meaningsOf={(name) => oilsToAsk(catalog, null, name)}
              label={what}
              placeholder={placeholder}
              search={(query) => [...searchOils(catalog, query), ...searchBases(catalog, query)]}
              isTaken={() => false}
              describe={botanicalOf}
              onPick={onMaterial}
            />
          </div>
          {otherwise}
        </>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <NumberUnder
          name={howMuch}
          label={howMuchInFull}
          className="w-20"
          value={value}
          rule={{
            least: 0,
            above: true,
            most: unit === 'drops' ? mostDrops : most,
            whole: unit === 'drops',
          }}
          onNumber={onValue}
          onEmpty={() => onValue(null)}
        />
        <SelectField label="In" value={unit} choices={units} onChoose={onUnit} />
        {children}
      </div>
    </>
  );
};
