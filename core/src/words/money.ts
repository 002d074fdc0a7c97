/**
 * An amount of money as it is told: `£2.31`, `2.31 EUR`, `2.31` where no currency is set.
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
