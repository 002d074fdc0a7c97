import qrcode from 'qrcode-generator';

/** Of a code with more letters than this the squares are too small for a camera. */
const mostLetters = 1_900;

/** A QR code as squares. */
export interface QrCode {
  /** Squares in a row. */
  readonly size: number;
  /** One path of all dark squares, in a box of `size` by `size`. */
  readonly path: string;
}

/** A code drawn; null where its text is too long to be read off a screen. */
export const qrCodeOf = (text: string): QrCode | null => {
  if (text.length > mostLetters) return null;
  const code = qrcode(0, 'L');
  code.addData(text, 'Alphanumeric');
  code.make();
  const size = code.getModuleCount();
  let path = '';
  for (let y = 0; y < size; y += 1) {
    for (let x = 0; x < size; x += 1) if (code.isDark(y, x)) path += `M${x} ${y}h1v1h-1z`;
  }
  return { size, path };
};
