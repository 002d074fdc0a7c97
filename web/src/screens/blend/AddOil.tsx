import { addOil } from '@jubbet/core/recipe';
import { botanicalOf, searchOils, tellApart, type Oil } from '@jubbet/core/catalog';
import { formatPercent, maximumWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { memo, type Ref } from 'react';
import { PickByName } from '../../parts/PickByName';
import type { TokenProps } from './tokenProps';

/** The limit of an oil in a few words, as the list of names shows it. */
const limitWords = (oil: Oil): string => {
  if (oil.keepOffSkin) return 'never on skin';
  if (oil.notForHomeBlending) return 'not for home blending';
  if (oil.phototoxicLimitPercent !== null) {
    return `${formatPercent(oil.phototoxicLimitPercent)} in sun`;
  }
  const { percent } = oil.dermalMaximum;
  return percent === null ? maximumWords(oil.dermalMaximum) : `at most ${formatPercent(percent)}`;
};

/** Three letters and enter. */
export const AddOil = memo(
  ({
    taken,
    change,
    ref,
  }: {
    /** Ids of the oils that are in already, with commas. */
    taken: string;
    change: TokenProps['change'];
    ref?: Ref<HTMLInputElement>;
  }) => {
    const catalog = useCatalog();
    return (
      <PickByName<Oil>
        ref={ref ?? null}
        label="Add an oil"
        placeholder="Add an oil: type three letters, then Enter"
        search={(one) => searchOils(catalog, one)}
        isTaken={({ id }) => taken.split(',').includes(id)}
        describe={(oil, query) => tellApart(query, oil.id) ?? botanicalOf(oil)}
        aside={limitWords}
        onPick={({ id }) => change(addOil(catalog, id))}
      />
    );
  },
);
AddOil.displayName = 'AddOil';
