/**
 * An amount of money as it is reported: `£2.31`, `2.31 EUR`, `2.31` where no currency is set.
 *
 * @param currency a sign or a code, as the maker writes it
 */
export const moneyWords = (amount: number, currency: string): string => {
  const sign = currency.trim();
  // Less than a hundredth is still something.
  const shown = amount > 0 && amount < 0.005 ? 'under 0.01' : amount.toFixed(2);
  if (sign === '') return shown;
  return sign.length === 1 && !shown.startsWith('under') ? `${sign}${shown}` : `${shown} ${sign}`;
};

/** What something costs as far as it is known: `£2.31`, `at least £1.20`, `not known`. */
export const costWords = (
  { known, unknown }: { readonly known: number; readonly unknown: readonly string[] },
  currency: string,
): string =>
  unknown.length === 0
    ? moneyWords(known, currency)
    : known > 0
      ? `at least ${moneyWords(known, currency)}`
      : 'not known';
