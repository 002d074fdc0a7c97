import type { ComponentProps } from 'react';
import { settings } from '../store/settings';
import { useStored } from '../store/useStored';
import { NumberUnder } from './Field';
import { readNumber } from './readNumber';
import { saidAmount, type SaidOf } from './saidAmount';

/** An amount under its name, typed as people say it: `50`, `2 fl oz`, `1 lb`. */
export const AmountUnder = ({
  of,
  rule,
  onNumber,
  ...rest
}: Omit<ComponentProps<typeof NumberUnder>, 'also' | 'unit'> & { of: SaidOf }) => {
  const country = useStored(['settings'], () => settings.read()).data?.spoons ?? 'metric';
  return (
    <NumberUnder
      {...rest}
      unit={of.unit}
      rule={rule}
      onNumber={onNumber}
      also={(text, act) => {
        const said = saidAmount(text, of, country);
        if (!said.ok) return said.sentence;
        const checked = readNumber(String(said.value), rule);
        if (!checked.ok) return checked.sentence;
        if (act) onNumber(checked.value);
        return null;
      }}
    />
  );
};
