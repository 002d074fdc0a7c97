/** Letters that every file system takes. */
const tame = (name: string): string => name.replace(/[\\/:*?"<>|]+/g, '-').slice(0, 120);

/** By this mark a spreadsheet knows that letters with accents are UTF-8. */
const byteOrderMark = '\ufeff';

/** How long a browser has to fetch what it saves, in ms. */
const linkStaysMs = 60_000;

/** Hands the maker a file made here; nothing leaves the machine. */
export const saveFile = (name: string, content: BlobPart, type: string): void => {
  const url = URL.createObjectURL(
    new Blob(type === 'text/csv' ? [byteOrderMark, content] : [content], { type }),
  );
  const link = document.createElement('a');
  link.href = url;
  link.download = tame(name);
  link.click();
  // A browser may ask where to save it first: the link is taken back once that is over.
  setTimeout(() => URL.revokeObjectURL(url), linkStaysMs);
};
