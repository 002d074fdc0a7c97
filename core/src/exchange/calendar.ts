/** One thing to be reminded of. */
export interface CalendarEntry {
  /** Stays the same when the file is made again, so that no calendar has it twice. */
  readonly id: string;
  /** When, `2026-11-26T10:15:00.000Z`. */
  readonly at: string;
  readonly title: string;
  readonly text: string;
}

/** `20261126T101500Z`. */
const stamp = (moment: string): string =>
  `${new Date(moment).toISOString().slice(0, 19).replace(/[-:]/g, '')}Z`;

/**
 * Text as RFC 5545 wants it: marks that mean something are escaped, line ends written out, and no other
 * control character is in it.
 */
const escaped = (text: string): string =>
  text
    .replace(/[\\;,]/g, (mark) => `\\${mark}`)
    .replace(/\r\n|\r|\n|\u2028|\u2029/g, '\\n')
    .replace(/[\p{Cc}\u200e\u200f\u202a-\u202e]/gu, ' ');

const encoder = new TextEncoder();

/** Lines are at most 75 bytes; what is longer goes on after a space. No letter is cut in two. */
const folded = (line: string): string => {
  let out = '';
  let bytes = 0;
  for (const letter of line) {
    const size = encoder.encode(letter).length;
    if (bytes + size > 75) {
      out += '\r\n ';
      bytes = 1;
    }
    out += letter;
    bytes += size;
  }
  return out;
};

/**
 * Reminders as an iCalendar file (RFC 5545): each an event without length, with an alarm at its
 * time.
 *
 * @param madeAt the moment at which the file is made
 */
export const calendarOf = (entries: readonly CalendarEntry[], madeAt: string): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Jubbet//Bench//EN',
    ...entries.flatMap(({ id, at, title, text }) => [
      'BEGIN:VEVENT',
      `UID:${id}@jubbet`,
      `DTSTAMP:${stamp(madeAt)}`,
      `DTSTART:${stamp(at)}`,
      `SUMMARY:${escaped(title)}`,
      `DESCRIPTION:${escaped(text)}`,
      'BEGIN:VALARM',
      'ACTION:DISPLAY',
      `DESCRIPTION:${escaped(title)}`,
      'TRIGGER:PT0S',
      'END:VALARM',
      'END:VEVENT',
    ]),
    'END:VCALENDAR',
    '',
  ]
    .map(folded)
    .join('\r\n');
