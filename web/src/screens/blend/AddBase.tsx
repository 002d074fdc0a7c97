import { searchBases, type Base } from '@jubbet/core/catalog';
import { materialSaid, readBaseAmount, type Recipe } from '@jubbet/core/recipe';
import { countedWords, takenWords, blendWords } from '@jubbet/core/words';
import { memo, type RefObject } from 'react';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { PickByName } from '../../parts/PickByName';
import { refusalOf } from '../../parts/refusal';
import { useSpoons } from '../../parts/useSpoons';
import { AddAsOwn } from './AddAsOwn';
import { addBaseWith } from './addWith';
import { lineMl } from './OilTotals';
import type { TokenProps } from './tokenProps';

/** Any base by any of its names: three letters and enter. */
export const AddBase = memo(
  ({
    taken,
    change,
    latest,
  }: {
    taken: string;
    change: TokenProps['change'];
    latest: RefObject<Recipe>;
  }) => {
    const catalog = useCatalog();
    const tell = useNotice();
    const { country, heard } = useSpoons();
    const amountOf = (base: Base, query: string) => {
      const { amount } = materialSaid(query, false);
      const { dropsPerMl } = latest.current;
      return amount === null
        ? null
        : readBaseAmount(amount, base, { country, wholeMl: lineMl(latest.current), dropsPerMl });
    };
    return (
      <PickByName<Base>
        label="Add a base"
        placeholder={blendWords.addACarrierButterWax}
        nameIn={(query) => materialSaid(query, false).name}
        search={(text) => searchBases(catalog, materialSaid(text, false).name)}
        isTaken={({ id }) => taken.split(',').includes(id)}
        describe={({ kind, shelfMonths }) => `${kind}; keeps ${countedWords(shelfMonths, 'month')}`}
        doubtOf={(base, query) => {
          const read = amountOf(base, query);
          return read && !read.ok ? refusalOf(catalog, read.problem) : null;
        }}
        nothing={(query) => <AddAsOwn query={query} isOil={false} />}
        onPick={(base, query) => {
          const read = amountOf(base, query);
          const { amount } = materialSaid(query, false);
          if (amount !== null) heard(amount);
          if (read?.ok && read.taken) tell({ text: takenWords(read.taken) });
          change(addBaseWith(catalog, base.id, read?.ok ? read.amount : null));
        }}
      />
    );
  },
);
AddBase.displayName = 'AddBase';
