/** Letters without case, accents or punctuation, so that "Ylang-Ylang" and "ylang ylang" are one. */
export const plainName = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
