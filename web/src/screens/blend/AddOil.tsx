import { formatPercent, searchOils, tellApart, type Oil } from '@jubbet/core';
import type { Ref } from 'react';
import { PickByName } from '../../parts/PickByName';

/** The limit of an oil in a few words, as the list of names shows it. */
const limitWords = (oil: Oil): string => {
  if (oil.keepOffSkin) return 'never on skin';
  if (oil.notForHomeBlending) return 'not for home blending';
  if (oil.phototoxicLimitPercent !== null) {
    return `${formatPercent(oil.phototoxicLimitPercent)} in sun`;
  }
  const { percent, status } = oil.dermalMaximum;
  if (percent !== null) return `at most ${formatPercent(percent)}`;
  return status === 'none stated' ? 'none stated' : 'not known';
};

/** Three letters and enter. */
export const AddOil = ({
  taken,
  onAdd,
  ref,
}: {
  taken: ReadonlySet<string>;
  onAdd: (id: string) => void;
  ref?: Ref<HTMLInputElement>;
}) => (
  <PickByName<Oil>
    ref={ref ?? null}
    label="Add an oil"
    placeholder="Add an oil: type three letters, then enter"
    search={searchOils}
    isTaken={({ id }) => taken.has(id)}
    describe={(oil, query) => tellApart(query, oil.id) ?? oil.botanical}
    aside={limitWords}
    onPick={({ id }) => onAdd(id)}
  />
);
