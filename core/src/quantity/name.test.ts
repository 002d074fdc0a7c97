import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  byName,
  isVisible,
  nameKey,
  nameSchema,
  sameName,
  searchAsTyped,
  searchFor,
  shownName,
} from './name';

describe('names as a reader sees them', () => {
  test.each([
    ['accents as a letter and a mark', 'Zoe\u0301 Ray'],
    ['capitals', 'ZOÉ RAY'],
    ['a blank that does not break', 'Zoé\u00a0Ray'],
    ['a wide blank', 'Zoé\u3000Ray'],
    ['two blanks and some around', '  Zoé  Ray '],
    ['a mark of no width', 'Zo\u200bé Ray'],
    ['a soft hyphen', 'Zo\u00adé Ray'],
    ['a mark for the direction', '\u202eZoé Ray'],
    ['a tag', 'Zoé Ray\u{e0041}'],
    ['letters of full width', 'Ｚｏé Ｒａｙ'],
    ['a letter of another script that looks the same', 'Z\u043eé R\u0430\u0443'],
    ['no accents', 'Zoe Ray'],
    ['a line between', 'Zoé\nRay'],
  ])('%s', (_, spelling) => {
    expect(sameName('Zoé Ray', spelling)).toBe(true);
  });

  test('another name is another', () => {
    expect(sameName('Zoé Ray', 'Zoé Roy')).toBe(false);
    expect(sameName('Ann', 'Anna')).toBe(false);
    expect(sameName('Anna Lee', 'Annalee')).toBe(false);
  });

  test('kinds of hyphen and apostrophe are one', () => {
    expect(sameName('Anne‑Marie O’Dell', "Anne-Marie O'Dell")).toBe(true);
  });

  test.each(['', '   ', '\u200b', '\u200b\u2060\ufeff', '\u3164', '\u2800', '\u{e0020}', '\u00ad'])(
    'of %j nothing can be seen',
    (name) => {
      expect(isVisible(name)).toBe(false);
      expect(nameSchema(80).safeParse(name).success).toBe(false);
    },
  );

  test('a name of any script is one', () => {
    for (const name of ['Ζωή', 'Зоя', '佐江', 'زوي', '👩🏽']) {
      expect(nameSchema(80).safeParse(name).success).toBe(true);
      expect(nameKey(name)).not.toBe('');
    }
  });

  test('what is shown keeps its letters, accents and joined signs', () => {
    expect(shownName(' Zoe\u0301\u00a0 Ray ')).toBe('Zoé Ray');
    expect(shownName('👩🏽\u200d🦰')).toBe('👩🏽\u200d🦰');
    expect(shownName('\u200b')).toBe('');
  });

  test('a key of a key is itself', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (name) => {
        expect(nameKey(nameKey(name))).toBe(nameKey(name));
      }),
    );
  });
});

test('lists stand as in a dictionary', () => {
  expect(['Zoé', 'Éclair', 'eel', 'Balm 10', 'Balm 2', 'ábel'].sort(byName)).toEqual([
    'ábel',
    'Balm 2',
    'Balm 10',
    'Éclair',
    'eel',
    'Zoé',
  ]);
});

test('a search finds words in any capitals and accents', () => {
  expect(searchFor('eclair')('Éclair for the lips')).toBe(true);
  expect(searchFor('LIPS écl')('Éclair for the lips')).toBe(true);
  expect(searchFor('eclair nose')('Éclair for the lips')).toBe(false);
  expect(searchFor('')('anything')).toBe(true);
});

test('what is typed can be looked for as it stands', () => {
  expect(searchAsTyped('raffle fr')('Raffle frost')).toBe(true);
  expect(searchAsTyped('raffle fr')('Raffle table, from the players')).toBe(false);
  expect(searchAsTyped('ylang ylang')('Ylang-Ylang')).toBe(true);
});
