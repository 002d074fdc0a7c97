import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { constituentNames } from './commonNames';
import { constituentNamed, membersOfSum } from './constituentIndex';
import constituentsJson from './data/constituents.json';
import listJson from './data/constituent-list.json';

const all = [...listJson, ...Object.keys(constituentNames.names)];

describe('names of constituents', () => {
  test('the list is that of the library', () => {
    expect(listJson).toEqual(constituentsJson.constituents.map(({ name }) => name));
  });

  test('every name of the library is found as itself, and every synonym as what it is for', () => {
    expect(all.filter((name) => constituentNamed(name) !== name)).toEqual([]);
    const wrong = Object.entries(constituentNames.names).flatMap(([name, others]) =>
      others.flatMap((other) =>
        constituentNamed(other) === name ? [] : [[other, constituentNamed(other)]],
      ),
    );
    expect(wrong).toEqual([]);
  });

  test.each([
    ['trans-Zimtaldehyd', 'cinnamaldehyde'],
    ['Cumarin', 'coumarin'],
    ['Camphre', 'camphor'],
    ['1,8-Cineol (Eucalyptol)', '1,8-cineole'],
    ['EUCALYPTOL', '1,8-cineole'],
    ['1.8 cinéole', '1,8-cineole'],
    ['Cineole, 1,8-', '1,8-cineole'],
    ['Geranial (citral a)', 'geranial'],
    ['Geranial (citral)', 'geranial'],
    ['Citral', 'citral'],
    ['Menthol (L)', 'menthol'],
    ['L-Menthol', 'menthol'],
    ['(-)-menthol', 'menthol'],
    ['(1R,2S,5R)-Menthol', 'menthol'],
    ['menthol (natural)', 'menthol'],
    ['mentolo', 'menthol'],
    ['Timol', 'thymol'],
    ['Karvakrol', 'carvacrol'],
    ['a-Pinene', 'alpha-pinene'],
    ['α-pinène', 'alpha-pinene'],
    ['Pinene, beta', 'beta-pinene'],
    ['ß-Caryophyllen', 'beta-caryophyllene'],
    ['(+)-Limonene', 'limonene'],
    ['d-Limonène', 'limonene'],
    ['R-(+)-limonene', 'limonene'],
    ['dl-limonene', 'limonene'],
    ['(E)-Anethol', '(e)-anethole'],
    ['trans anethole', '(e)-anethole'],
    ['cis-Anethole', '(z)-anethole'],
    ['Methylchavicol / Estragole', 'estragole'],
    ['methyl chavicol = estragol', 'estragole'],
    ['Methyl-Eugenol', 'methyl eugenol'],
    ['Methylsalicylat', 'methyl salicylate'],
    ['Salicylate de méthyle', 'methyl salicylate'],
    ['cis-thujone', 'alpha-thujone'],
    ['trans-Thujon', 'beta-thujone'],
    ['Thujones', 'thujone'],
    ['5-Methoxypsoralen', 'bergapten'],
    ['5-MOP', 'bergapten'],
    ['Terpinen-4-ol', 'terpinen-4-ol'],
    ['terpinene 4 ol', 'terpinen-4-ol'],
    ['4-Terpineol', 'terpinen-4-ol'],
    ['delta-3-Carene', 'delta-3-carene'],
    ['d-3-carene', 'delta-3-carene'],
    ['d-cadinene', 'delta-cadinene'],
    ['Germacrene D', 'germacrene d'],
    ['para-cymene', 'p-cymene'],
    ['Acetate de linalyle', 'linalyl acetate'],
    ['(Z)-β-Ocimene', '(z)-beta-ocimene'],
    ['n-Decanal', 'decanal'],
  ])('%s is %s', (written, name) => {
    expect(constituentNamed(written)).toBe(name);
  });

  test.each([
    'minty stuff',
    'essential oil',
    'menthyl',
    'Menthol (acetate)',
    'citral / limonene',
    '(Z)-nerolidol',
    'germacrene a',
    'alpha-bisabolol oxide',
    'pinene',
    'terpenes',
    'linalool acetate oxide',
    'delta-limonene 3',
    '',
    '   ',
    '\u200b',
  ])('“%s” is not known', (written) => {
    expect(constituentNamed(written)).toBeNull();
  });

  test('a total names its members', () => {
    expect(membersOfSum('citral')).toEqual(['geranial', 'neral']);
    expect(membersOfSum('menthol')).toEqual([]);
  });

  test('any case, accent, hyphen, order or mirror image leads to the same, never to another', () => {
    const accented = (text: string): string => text.replace(/e/g, 'é').replace(/o/g, 'ö');
    const ways: readonly ((name: string) => string)[] = [
      (name) => name.toUpperCase(),
      accented,
      (name) => name.replace(/-/g, ' '),
      (name) => name.replace(/ /g, '-'),
      (name) => name.split(/[ -]/).reverse().join(' '),
      (name) => `(+)-${name}`,
      (name) => `(R)-${name}`,
      (name) => `${name} (natural)`,
      (name) => `${name}*`,
      (name) => name.replace('alpha', 'α').replace('beta', 'β'),
      (name) => name.replace(/(?<!^)e\b/, ''),
    ];
    let known = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.subarray([...ways], { minLength: 1, maxLength: 3 }),
        (name, chosen) => {
          const found = constituentNamed(chosen.reduce((text, way) => way(text), name));
          if (found !== null) known += 1;
          expect([name, null]).toContain(found);
        },
      ),
      { numRuns: 3000 },
    );
    expect(known).toBeGreaterThan(2000);
  });
});
