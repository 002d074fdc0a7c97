import { blendWords } from '@jubbet/core/words';
import { textureFigures, type Catalog } from '@jubbet/core/catalog';
import { standingDensity } from '@jubbet/core/advice';
import { isMixedInOne, workOut } from '@jubbet/core/drops';
import { setMixing, type Recipe } from '@jubbet/core/recipe';
import { useMemo } from 'react';
import { AmountField } from '../../parts/AmountField';
import { useCatalog } from '../../parts/catalog';
import { NumberField } from '../../ui/NumberField';
import type { TokenProps } from './tokenProps';
import { Tick } from '../../ui/Tick';

const densityOf = (catalog: Catalog, recipe: Recipe): number | null => {
  const worked = workOut(catalog, recipe);
  return worked.state === 'done' ? standingDensity(worked.blend, worked.evaluation.mixture) : null;
};

/** How it is mixed and parted, where there is something to choose. */
export const MixingFields = ({ recipe, change }: TokenProps) => {
  const catalog = useCatalog();
  const forced = isMixedInOne(catalog, { ...recipe, mixedInOne: false });
  const mixed = isMixedInOne(catalog, recipe);
  const { whipGainPercent: gain } = textureFigures;
  const densityGPerMl = useMemo(() => densityOf(catalog, recipe), [catalog, recipe]);
  return (
    <div className="grid gap-2 border-t border-line pt-3">
      <Tick
        isOn={mixed}
        disabled={forced}
        onTick={(isOn) => change(setMixing({ mixedInOne: isOn }))}
      >
        {blendWords.mixedTogether(forced ? 'pan or jug' : 'jug')}
        {forced && <span className="text-soft">{blendWords.asItHasToBe}</span>}
      </Tick>
      {mixed && (
        <label className="flex flex-wrap items-baseline gap-2">
          {blendWords.extraForWhatStaysIn}
          <NumberField
            label={blendWords.lossAllowanceInPercent}
            framed
            className="w-14"
            unit="%"
            value={recipe.lossPercent}
            rule={{ least: 0, most: 50 }}
            onNumber={(lossPercent) => change(setMixing({ lossPercent }))}
          />
        </label>
      )}
      <Tick
        isOn={recipe.whipPercent !== null}
        onTick={(isOn) => change(setMixing({ whipPercent: isOn ? gain.typical : null }))}
      >
        Whipped
      </Tick>
      {recipe.whipPercent !== null && (
        <label className="flex flex-wrap items-baseline gap-2 pl-6">
          Volume gained
          <NumberField
            label={blendWords.whippingAddsInPercentOf}
            framed
            className="w-14"
            unit="%"
            value={recipe.whipPercent}
            rule={{ least: 10, most: 200 }}
            onNumber={(whipPercent) => change(setMixing({ whipPercent }))}
          />
          <span className="text-sm text-soft">
            usually {gain.typical}, met from {gain.low} to {gain.high}
          </span>
        </label>
      )}
      <label className="flex flex-wrap items-baseline gap-2">
        One use takes
        <AmountField
          label={blendWords.oneUseTakesInMl}
          framed
          className="w-16"
          of={{ unit: 'ml', densityGPerMl, liquid: true }}
          value={recipe.useMl}
          placeholder="–"
          rule={{ least: 0, above: true, most: 1000 }}
          onNumber={(useMl) => change(setMixing({ useMl }))}
          onEmpty={() => change(setMixing({ useMl: null }))}
        />
        <span className="text-sm text-soft">{blendWords.orInGWeighThe}</span>
      </label>
    </div>
  );
};
