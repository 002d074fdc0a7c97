/** A number as it was written, or why it cannot be read. */
export type ReadDecimal =
  | { readonly ok: true; readonly value: number }
  /** It can be read two ways: `1,000` is a thousand to some and one to others. */
  | { readonly ok: false; readonly code: 'two-ways'; readonly readings: readonly [number, number] }
  | { readonly ok: false; readonly code: 'no-number' };

const none: ReadDecimal = { ok: false, code: 'no-number' };
const read = (text: string): ReadDecimal => ({ ok: true, value: Number(text) });

/** Groups of three after one to three digits, parted by one and the same mark. */
const grouped = /^\d{1,3}(?:([ \u00a0\u2009\u202f'’])\d{3}(?:\1\d{3})*)$/u;

/**
 * Reads a number as it is written in either custom: thousands parted by commas, points, spaces
 * or apostrophes, and a comma or a point before decimals. What can be read two ways is not
 * guessed at.
 */
export const readDecimal = (text: string): ReadDecimal => {
  const [, sign = '', plain = ''] = /^([+-]?)(.*)$/su.exec(text.trim()) ?? [];
  const signed = (found: ReadDecimal): ReadDecimal => {
    if (sign !== '-') return found;
    if (found.ok) return { ok: true, value: -found.value };
    return found.code === 'two-ways'
      ? { ...found, readings: [-found.readings[0], -found.readings[1]] }
      : found;
  };
  if (/^(\d+|\d+[.,]|[.,]\d+)$/.test(plain)) return signed(read(plain.replace(',', '.')));
  if (grouped.test(plain)) return signed(read(plain.replace(/\D/gu, '')));
  const marks = plain.replace(/\d/g, '');
  if (!/^[\d.,]+$/.test(plain) || !/\d/.test(plain) || marks === '') return none;
  if (marks.length === 1) {
    const [before = '', after = ''] = plain.split(marks);
    // A thousand is never written with more than three digits, or a zero, before the mark.
    if (after.length === 3 && /^[1-9]\d{0,2}$/.test(before)) {
      return signed({
        ok: false,
        code: 'two-ways',
        readings: [Number(before + after), Number(`${before}.${after}`)],
      });
    }
    return signed(read(`${before}.${after}`));
  }
  const thousands = marks.charAt(0);
  const last = marks.charAt(marks.length - 1);
  // 1,234,567 or 1.234.567; and with the other mark before decimals: 1,234.5 or 1.234,5.
  if (marks === thousands.repeat(marks.length)) {
    return /^\d{1,3}([.,]\d{3})+$/.test(plain) ? signed(read(plain.replace(/\D/g, ''))) : none;
  }
  const [whole = '', decimals = '', ...more] = plain.split(last);
  const groups = last === '.' ? /^\d{1,3}(,\d{3})+$/ : /^\d{1,3}(\.\d{3})+$/;
  return more.length === 0 && groups.test(whole) && decimals !== ''
    ? signed(read(`${whole.replace(/\D/g, '')}.${decimals}`))
    : none;
};
