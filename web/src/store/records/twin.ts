/** Stands after the name of what was changed here and in a file: both are kept. */
export const twinName = (name: string, most: number): string =>
  `${name.slice(0, most - twinMark.length)}${twinMark}`;

const twinMark = ', from the file';
