/** Letters that a QR code packs closest, in the order of RFC 9285 (Base45). */
const letters = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:';

/** What every code of a blend begins with; the number is the version of its form. */
export const codeStart = 'JUBBET1:';

/** More letters than this no QR code takes. */
const longestCode = 4_296;

/** Bytes as letters of Base45: three for two bytes. */
export const shareCodeOf = (bytes: Uint8Array): string => {
  let text = '';
  for (let n = 0; n < bytes.length; n += 2) {
    const first = bytes[n] ?? 0;
    const second = bytes[n + 1];
    let value = second === undefined ? first : first * 256 + second;
    for (let left = second === undefined ? 2 : 3; left > 0; left -= 1) {
      text += letters.charAt(value % 45);
      value = Math.floor(value / 45);
    }
  }
  return codeStart + text;
};

/** The bytes of a code; null where it is none of Jubbet’s, cut off, or of a later form. */
export const bytesOfShareCode = (code: string): Uint8Array | null => {
  if (!code.startsWith(codeStart) || code.length > longestCode) return null;
  const text = code.slice(codeStart.length);
  if (text.length % 3 === 1) return null;
  const bytes: number[] = [];
  for (let n = 0; n < text.length; n += 3) {
    const values = Array.from(text.slice(n, n + 3), (letter) => letters.indexOf(letter));
    if (values.some((value) => value < 0)) return null;
    const [a = 0, b = 0, c] = values;
    const value = a + 45 * b + 2025 * (c ?? 0);
    if (value > (c === undefined ? 0xff : 0xffff)) return null;
    if (c !== undefined) bytes.push(value >> 8);
    bytes.push(value & 0xff);
  }
  return Uint8Array.from(bytes);
};
