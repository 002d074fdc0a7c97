import { HouseFileError } from './houseFileError';

// What a zip says is in it, by the list at its end (zip specification 4.3.12 and 4.3.16): nothing is
// unpacked before that is known to be of a size that a house can have.

/** One file of a zip. */
export interface ZipEntry {
  readonly name: string;
  readonly isStored: boolean;
  readonly sum: number;
  readonly packedSize: number;
  readonly size: number;
  /** Where its own heading begins. */
  readonly at: number;
}

/** Larger than this, in bytes, no house is once it is unpacked. */
export const largestHouse = 1_500_000_000;
/** More files than this are in no backup. */
const mostFiles = 200;
/** No records pack better than this many to one; what does was made to fill a machine. */
const mostPacked = 200;
/** Below this a file may pack as well as it likes, in bytes. */
const smallSize = 20_000_000;

const endMark = 0x06054b50;
const listMark = 0x02014b50;
const fileMark = 0x04034b50;
/** The end of a zip with the longest comment that there can be. */
const longestEnd = 22 + 65_535;

const refuse = (code: 'damaged' | 'cut-off' | 'too-large'): never => {
  throw new HouseFileError({ code });
};

const endOf = (view: DataView): number => {
  const least = Math.max(0, view.byteLength - longestEnd);
  for (let at = view.byteLength - 22; at >= least; at -= 1) {
    if (view.getUint32(at, true) === endMark) return at;
  }
  return refuse('cut-off');
};

/** @throws HouseFileError where the list is damaged, or what it lists is larger than any house */
export const entriesOf = (bytes: Uint8Array): readonly ZipEntry[] => {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const end = endOf(view);
  const count = view.getUint16(end + 10, true);
  let at = view.getUint32(end + 16, true);
  if (count > mostFiles || at > end) refuse('damaged');
  const names = new TextDecoder();
  const entries: ZipEntry[] = [];
  let whole = 0;
  for (let n = 0; n < count; n += 1) {
    if (at + 46 > end || view.getUint32(at, true) !== listMark) refuse('damaged');
    const method = view.getUint16(at + 10, true);
    const nameLength = view.getUint16(at + 28, true);
    const next =
      at + 46 + nameLength + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
    if (next > end || (method !== 0 && method !== 8)) refuse('damaged');
    const entry: ZipEntry = {
      name: names.decode(bytes.subarray(at + 46, at + 46 + nameLength)),
      isStored: method === 0,
      sum: view.getUint32(at + 16, true),
      packedSize: view.getUint32(at + 20, true),
      size: view.getUint32(at + 24, true),
      at: view.getUint32(at + 42, true),
    };
    if (entries.some(({ name }) => name === entry.name)) {
      throw new HouseFileError({ code: 'file-twice', file: entry.name });
    }
    whole += entry.size;
    const isBomb = entry.size > smallSize && entry.size > mostPacked * entry.packedSize;
    if (whole > largestHouse || isBomb) refuse('too-large');
    entries.push(entry);
    at = next;
  }
  return entries;
};

/**
 * What a file of a zip is packed as.
 *
 * @throws where its heading is not there
 */
export const packedOf = (bytes: Uint8Array, { at, packedSize }: ZipEntry): Uint8Array => {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (at + 30 > bytes.length || view.getUint32(at, true) !== fileMark) throw new Error('damaged');
  const from = at + 30 + view.getUint16(at + 26, true) + view.getUint16(at + 28, true);
  if (from + packedSize > bytes.length) throw new Error('damaged');
  return bytes.subarray(from, from + packedSize);
};
