import type { ComponentProps } from 'react';
import { settings } from '../store/settings';
import { useStored } from '../store/useStored';
import { NumberUnder } from './Field';
import { NumberField } from './NumberField';
import { readNumber, type NumberRule, type Refusal } from './readNumber';
import { saidAmount, type SaidOf } from './saidAmount';

/** Reads what is no plain number: `2 fl oz`, `1 lb`, `1 tsp`, in the spoons that were chosen. */
const useSaid = (of: SaidOf, rule: NumberRule, onNumber: (value: number) => void) => {
  const country = useStored(['settings'], () => settings.read()).data?.spoons ?? 'metric';
  return (text: string, act: boolean): Refusal | null => {
    const said = saidAmount(text, of, country);
    if (!said.ok) return said;
    const checked = readNumber(String(said.value), rule);
    if (!checked.ok) return checked;
    if (act) onNumber(checked.value);
    return null;
  };
};

type Without<T> = Omit<T, 'also' | 'unit'> & { of: SaidOf };

/** An amount, typed as people say it. */
export const AmountField = ({ of, ...rest }: Without<ComponentProps<typeof NumberField>>) => (
  <NumberField {...rest} unit={of.unit} also={useSaid(of, rest.rule, rest.onNumber)} />
);

/** The same under its name. */
export const AmountUnder = ({ of, ...rest }: Without<ComponentProps<typeof NumberUnder>>) => (
  <NumberUnder {...rest} unit={of.unit} also={useSaid(of, rest.rule, rest.onNumber)} />
);
