import jsQR from 'jsqr';

/** A photograph is looked at no larger than this, in pixels of the longer side. */
const longestSide = 1_400;

/**
 * The words of the QR code in a picture; null where there is none.
 *
 * @param longest pixels of the longer side that are looked at: fewer take less time
 */
export const qrIn = (
  source: CanvasImageSource,
  width: number,
  height: number,
  longest = longestSide,
): string | null => {
  const scale = Math.min(1, longest / Math.max(width, height, 1));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
  return jsQR(data, canvas.width, canvas.height)?.data ?? null;
};

/** The words of the QR code in a picture file; null where there is none, or it is no picture. */
export const qrInFile = async (file: Blob): Promise<string | null> => {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return null;
  try {
    return qrIn(picture, picture.width, picture.height);
  } finally {
    picture.close();
  }
};
