import { oilsToAsk } from '@jubbet/core/advice';
import { materialSaid, readOilAmount, type Recipe } from '@jubbet/core/recipe';
import { botanicalOf, searchOils, tellApart, type Oil } from '@jubbet/core/catalog';
import { formatPercent, maximumWords, blendWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { memo, type Ref, type RefObject } from 'react';
import { PickByName } from '../../parts/PickByName';
import { refusalOf } from '../../parts/refusal';
import { useNotice } from '../../parts/notice';
import { useSpoons } from '../../parts/useSpoons';
import { AddAsOwn } from './AddAsOwn';
import { addOilWith } from './addWith';
import { lineMl } from './OilTotals';
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
    latest,
    ref,
  }: {
    /** Ids of the oils that are in already, with commas. */
    taken: string;
    change: TokenProps['change'];
    /** For whom and where it is: what is asked of a name depends on that. */
    latest: RefObject<Recipe>;
    ref?: Ref<HTMLInputElement>;
  }) => {
    const catalog = useCatalog();
    const tell = useNotice();
    const { country, heard } = useSpoons();
    const amountOf = (query: string) => {
      const { amount } = materialSaid(query, true);
      return amount === null
        ? null
        : readOilAmount(amount, { country, fillMl: lineMl(latest.current) });
    };
    const add = async (text: string): Promise<void> => {
      const { addListed } = await import('./addListed');
      const { edit, words } = addListed(catalog, text, taken.split(','));
      change(edit);
      tell({ text: words });
    };
    return (
      <PickByName<Oil>
        ref={ref ?? null}
        label="Add an oil"
        placeholder={blendWords.addAnOilTypeThree}
        nameIn={(query) => materialSaid(query, true).name}
        meaningsOf={(name) => oilsToAsk(catalog, latest.current, name)}
        search={(entry) => searchOils(catalog, materialSaid(entry, true).name)}
        isTaken={({ id }) => taken.split(',').includes(id)}
        describe={(oil, query) =>
          tellApart(materialSaid(query, true).name, oil.id) ?? botanicalOf(oil)
        }
        aside={limitWords}
        doubtOf={(_, query) => {
          const read = amountOf(query);
          return read && !read.ok ? refusalOf(catalog, read.problem) : null;
        }}
        nothing={(query) => <AddAsOwn query={query} isOil />}
        onPick={({ id }, query) => {
          const read = amountOf(query);
          const { amount } = materialSaid(query, true);
          if (amount !== null) heard(amount);
          change(addOilWith(catalog, id, read?.ok ? read.amount : null));
        }}
        onList={(text) => {
          const isList = /\S\s*[\n;]\s*\S/.test(text);
          if (isList) void add(text);
          return isList;
        }}
      />
    );
  },
);
AddOil.displayName = 'AddOil';
