// The checksum that zips carry of each file: CRC-32 of ISO 3309, polynomial 0xEDB88320, as in the
// zip specification 4.4.7.

let table: Uint32Array | null = null;

const makeTable = (): Uint32Array =>
  Uint32Array.from({ length: 256 }, (_, n) => {
    let sum = n;
    for (let bit = 0; bit < 8; bit += 1) sum = sum & 1 ? (sum >>> 1) ^ 0xedb88320 : sum >>> 1;
    return sum;
  });

/** What a checksum begins with. */
export const crcStart = 0xffffffff;

/** A checksum that goes on over more bytes. */
export const crcOf = (data: Uint8Array, before: number): number => {
  const of = (table ??= makeTable());
  let sum = before;
  for (const byte of data) sum = (sum >>> 8) ^ (of[(sum ^ byte) & 0xff] ?? 0);
  return sum;
};

/** The checksum once all is in it. */
export const crcEnd = (sum: number): number => ~sum >>> 0;
