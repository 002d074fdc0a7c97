import { readNumber, type NumberRule } from '@jubbet/core/quantity';
import { readAmountInUnit, type AmountOf } from '@jubbet/core/recipe';
import type { ComponentProps } from 'react';
import { useCatalog } from './catalog';
import { NumberUnder } from '../ui/Field';
import { NumberField } from '../ui/NumberField';
import { useSpoons } from './useSpoons';
import { refusalOfNumber, type Refusal } from '../ui/refusal';
import { refusalOf } from './refusal';

/** Reads what is no plain number: `2 fl oz`, `1 lb`, `1 tsp`, in the spoons that were chosen. */
const useTypedAmount = (
  of: AmountOf,
  rule: NumberRule,
  onNumber: (value: number) => void,
): Pick<ComponentProps<typeof NumberField>, 'readTyped' | 'readOnly'> => {
  const catalog = useCatalog();
  const { country, isKnown, heard } = useSpoons();
  const readTyped = (text: string, act: boolean): Refusal | null => {
    const amount = readAmountInUnit(text, of, country);
    if (!amount.ok) return refusalOf(catalog, amount.problem);
    const checked = readNumber(String(amount.value), rule);
    if (!checked.ok) return refusalOfNumber(checked);
    if (act) {
      onNumber(checked.value);
      heard(text);
    }
    return null;
  };
  return { readTyped, readOnly: !isKnown };
};

type Without<T> = Omit<T, 'readTyped' | 'unit'> & { of: AmountOf };

/** An amount, typed as people say it. */
export const AmountField = ({ of, ...rest }: Without<ComponentProps<typeof NumberField>>) => (
  <NumberField {...rest} unit={of.unit} {...useTypedAmount(of, rest.rule, rest.onNumber)} />
);

/** The same under its name. */
export const AmountUnder = ({ of, ...rest }: Without<ComponentProps<typeof NumberUnder>>) => (
  <NumberUnder {...rest} unit={of.unit} {...useTypedAmount(of, rest.rule, rest.onNumber)} />
);
