import { oilsToAsk } from '@jubbet/core/advice';
import { addOil, oilSaid, readOilAmount, setOilAmount, type Recipe } from '@jubbet/core/recipe';
import { botanicalOf, nameIn, searchOils, tellApart, type Oil } from '@jubbet/core/catalog';
import { formatPercent, maximumWords, saidProblemWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { memo, type Ref, type RefObject } from 'react';
import { PickByName } from '../../parts/PickByName';
import { useNotice } from '../../parts/notice';
import { useSpoons } from '../../parts/useSpoons';
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
    const { country } = useSpoons();
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
        placeholder="Add an oil: type three letters, then Enter"
        nameIn={(query) => oilSaid(query).name}
        meaningsOf={(name) => oilsToAsk(catalog, latest.current, name)}
        search={(entry) => searchOils(catalog, oilSaid(entry).name)}
        isTaken={({ id }) => taken.split(',').includes(id)}
        describe={(oil, query) => tellApart(oilSaid(query).name, oil.id) ?? botanicalOf(oil)}
        aside={limitWords}
        onPick={({ id }, query) => {
          const { amount } = oilSaid(query);
          const read = amount === null ? null : readOilAmount(amount, { country, fillMl: 0 });
          if (read && !read.ok) {
            tell({
              text: `${nameIn(catalog, id)} is added, without “${amount ?? ''}”. ${saidProblemWords(catalog, read.problem)}`,
            });
          }
          change((recipe) => {
            const added = addOil(catalog, id)(recipe);
            return read?.ok ? setOilAmount(id, read.amount)(added) : added;
          });
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
