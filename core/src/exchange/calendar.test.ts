import fc from 'fast-check';
import { expect, test } from 'vitest';
import { calendarOf } from './calendar';

const at = '2026-11-27T10:15:30.000Z';
const entry = { id: 'timer-1', at, title: 'Smell it again', text: 'Prompt desk, batch 2026-017' };

test('a reminder has its time, its words and an alarm', () => {
  expect(calendarOf([entry], '2026-11-26T08:00:00.000Z').split('\r\n')).toEqual([
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Jubbet//Bench//EN',
    'BEGIN:VEVENT',
    'UID:timer-1@jubbet',
    'DTSTAMP:20261126T080000Z',
    'DTSTART:20261127T101530Z',
    'SUMMARY:Smell it again',
    'DESCRIPTION:Prompt desk\\, batch 2026-017',
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    'DESCRIPTION:Smell it again',
    'TRIGGER:PT0S',
    'END:VALARM',
    'END:VEVENT',
    'END:VCALENDAR',
    '',
  ]);
});

test('whatever is written, no line is longer than 75 bytes, and unfolded it says the same', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 300 }), (text) => {
      const file = calendarOf([{ ...entry, text }], at);
      const lines = file.split('\r\n');
      for (const line of lines) {
        expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
      }
      const unfolded = file.replaceAll('\r\n ', '');
      const description = /\r\nDESCRIPTION:(.*)\r\nBEGIN:VALARM/su.exec(unfolded)?.[1] ?? '';
      const back = description.replace(/\\([\\;,n])/g, (_, mark: string) =>
        mark === 'n' ? '\n' : mark,
      );
      expect(back).toBe(text.replace(/\r\n|\r|\n/g, '\n'));
    }),
  );
});
