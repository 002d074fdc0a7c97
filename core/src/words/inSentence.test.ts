import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { inSentence } from './inSentence';

test.each([
  ['Orange, sweet', 'sweet orange'],
  ['Cedarwood, Virginian', 'Virginian cedarwood'],
  ['Bay, West Indian', 'West Indian bay'],
  ['Eucalyptus, globulus', 'eucalyptus globulus'],
  ['Eucalyptus, lemon', 'lemon eucalyptus'],
  ['Rosemary, camphor type', 'rosemary (camphor type)'],
  ['Vitamin E (mixed tocopherols)', 'vitamin E (mixed tocopherols)'],
  ['Himalayan salt', 'Himalayan salt'],
  ["St John's wort-infused oil (in olive)", "St John's wort-infused oil (in olive)"],
  ['Litsea (may chang)', 'litsea (may chang)'],
  ['My own, with two, commas', 'my own, with two, commas'],
])('%s is %s', (name, said) => expect(inSentence(name)).toBe(said));

test('no name of the library loses a capital or keeps a comma', () => {
  for (const { name } of [...shippedCatalog.oils, ...shippedCatalog.bases]) {
    const said = inSentence(name);
    expect(said).not.toContain(',');
    // Behind the first word only what is a name by itself has a capital; it keeps it.
    const inside = name
      .split(/[ ,(]+/)
      .slice(1)
      .filter((word) => /^\p{Lu}/u.test(word));
    for (const word of inside) expect([name, said]).toEqual([name, expect.stringContaining(word)]);
  }
});
