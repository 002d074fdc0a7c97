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
  // Fluid ounces are the imperial ones outside the United States.
  ounces: !ounces ? null : spoons === 'imperial' || spoons === 'australian' ? 'imperial' : 'us',
});

/** In which units figures are said here. */
export const useUnits = (): Units => {
  const { data } = useStored(['settings'], () => settings.read());
  return useMemo(() => (data ? unitsOf(data) : metricUnits), [data]);
};
