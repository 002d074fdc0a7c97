/** Up to this age months are reported beside years. */
const monthsUpToYears = 6;

/** Up to this age only months are reported. */
const onlyMonthsUpTo = 24;

/** An age as it is reported: in months up to two years, in years and months up to six, then in years. */
export const ageInWords = (months: number): { readonly years: number; readonly months: number } => {
  if (months < onlyMonthsUpTo) return { years: 0, months };
  const years = Math.floor(months / 12);
  return { years, months: years < monthsUpToYears ? months % 12 : 0 };
};
