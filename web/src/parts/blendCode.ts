import { bytesOfShareCode, readAnyBlend, shareCodeOf, writeBlend } from '@jubbet/core/exchange';
import { deflateSync, Inflate } from 'fflate';

/** No blend is larger than this when it is unpacked, in bytes. */
const largestBlend = 200_000;

/** A blend as the words of a QR code: its file, deflated. */
export const codeOfBlend = (file: Parameters<typeof writeBlend>[0]): string =>
  shareCodeOf(
    // Spaces between the parts of a file say nothing.
    deflateSync(new TextEncoder().encode(JSON.stringify(JSON.parse(writeBlend(file)))), {
      level: 9,
    }),
  );

/** Unpacked, or null where it is broken or larger than any blend. */
const unpacked = (bytes: Uint8Array): Uint8Array | null => {
  const parts: Uint8Array[] = [];
  let size = 0;
  try {
    const inflate = new Inflate((part) => {
      size += part.length;
      if (size > largestBlend) throw new Error('too large');
      parts.push(part);
    });
    inflate.push(bytes, true);
  } catch {
    return null;
  }
  const whole = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
};

/** The blend of a code that was read; null where it is none of Jubbet’s. */
export const blendOfCode = (code: string): ReturnType<typeof readAnyBlend> => {
  const bytes = bytesOfShareCode(code);
  const file = bytes && unpacked(bytes);
  return file && readAnyBlend(new TextDecoder().decode(file));
};
