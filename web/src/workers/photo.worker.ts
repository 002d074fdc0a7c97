import { expose } from 'comlink';
import { CodedError } from '@jubbet/core/words';

/** The longer side of what is kept, in pixels: enough for a screen. */
const longestSide = 1_200;
/** Tried in turn until it is small enough. */
const qualities = [0.82, 0.7, 0.55, 0.4];
/** Bytes of a JPEG that is kept: Base64 makes four letters of three. */
const largest = 500_000;

/** A picture as it is kept. */
export interface Scaled {
  readonly jpeg: string;
  readonly width: number;
  readonly height: number;
}

const base64 = (bytes: Uint8Array): string => {
  let text = '';
  for (let n = 0; n < bytes.length; n += 3_000) {
    text += String.fromCharCode(...bytes.subarray(n, n + 3_000));
  }
  return btoa(text);
};

const worker = {
  /** Drawn again: place, device and time, which cameras write into a file, are not in it. */
  scale: async (file: Blob): Promise<Scaled> => {
    const picture = await createImageBitmap(file);
    const scale = Math.min(1, longestSide / Math.max(picture.width, picture.height));
    const width = Math.max(1, Math.round(picture.width * scale));
    const height = Math.max(1, Math.round(picture.height * scale));
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d');
    if (!context) throw new CodedError('no-picture', {});
    context.drawImage(picture, 0, 0, width, height);
    picture.close();
    for (const quality of qualities) {
      const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
      if (blob.size > largest) continue;
      return { jpeg: base64(new Uint8Array(await blob.arrayBuffer())), width, height };
    }
    throw new Error('the picture stays too large');
  },
};

export type PhotoWorker = typeof worker;

expose(worker);
