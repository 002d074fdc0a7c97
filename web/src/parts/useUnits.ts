import { useMemo } from 'react';
import { metricUnits, type Units } from '@jubbet/core/words';
import { settings, type Settings } from '../store/settings';
import { useStored } from '../store/useStored';

/** The units that the settings ask for. */
export const unitsOf = ({
  degrees,
  ounces,
  spoons,
}: Pick<Settings, 'degrees' | 'ounces' | 'spoons'>): Units => ({
  degrees,
  // As they are read where they are typed: imperial outside the United States.
  ounces: !ounces ? null : spoons === 'us' || spoons === 'ask' ? 'us' : 'imperial',
});

/** In which units figures are stated here. */
export const useUnits = (): Units => {
  const { data } = useStored(['settings'], () => settings.read());
  return useMemo(() => (data ? unitsOf(data) : metricUnits), [data]);
};
