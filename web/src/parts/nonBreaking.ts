/** A number and its unit stay on one line. */
export const nonBreaking = (text: string): string =>
  text.replace(/(\d) (%|ml|g|mm)(?![a-z])/g, '$1\u00a0$2');
