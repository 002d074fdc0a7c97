/** The name of the copy that is kept when a record was changed both here and in a file. */
export const conflictCopyName = (name: string, most: number): string =>
  `${name.slice(0, most - conflictMark.length)}${conflictMark}`;

const conflictMark = ', from the file';
