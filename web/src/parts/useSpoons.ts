import { countryNamedIn, type SpoonCountry } from '@jubbet/core/quantity';
import { settings } from '../store/settings';
import { useStored } from '../store/useStored';
import { useNotice } from './notice';
import { useWrite } from './useWrite';

/** The set of spoons, cups and fluid ounces, in words. */
export const spoonSets: Readonly<Record<SpoonCountry, string>> = {
  metric: 'metric',
  us: 'US',
  imperial: 'imperial',
  australian: 'Australian',
};

/** Whose spoons are meant, null until someone has said; and what hears an amount that says it. */
export const useSpoons = (): {
  readonly country: SpoonCountry | null;
  /** False for the moment in which the settings are still on their way: nothing is read then. */
  readonly isKnown: boolean;
  readonly heard: (text: string) => void;
} => {
  const tell = useNotice();
  const write = useWrite();
  const { data } = useStored(['settings'], () => settings.read());
  const set = data?.spoons ?? 'ask';
  return {
    country: set === 'ask' ? null : set,
    isKnown: data !== undefined,
    heard: (text) => {
      const named = countryNamedIn(text);
      if (set !== 'ask' || named === null) return;
      void write('Your spoon set', () => settings.write('spoons', named));
      tell({
        text: `From now on spoons, cups and fluid ounces are ${spoonSets[named]}. Settings can change that.`,
      });
    },
  };
};
