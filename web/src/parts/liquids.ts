/** Colours of the liquids in the glass, by their place in the list. */
const tones = [
  '#c4673a',
  '#7aa06a',
  '#b98a1f',
  '#6e5a2e',
  '#8a4a5e',
  '#4f8a8b',
  '#a67c52',
  '#5d6b3a',
];

export const liquidColour = (index: number): string => tones[index % tones.length] ?? '#c4673a';
