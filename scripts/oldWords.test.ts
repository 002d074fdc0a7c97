import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { sourceWords } from '@jubbet/core/words';
import ts from 'typescript';
import { expect, test } from 'vitest';

/** Words that readers stumbled over; what is stated in their place is in docs/glossary.md. */
const phrases = [
  'Read a file in',
  'Save all to a file',
  'What would mend it',
  'What holds it back',
  'Mind one thing',
  'Over in two things',
  'Over: not for this wearer',
  'Every limit that is checked keeps its distance',
  'of own limit',
  'Citral, together',
  'In all, asked',
  'One drop either way moves this bottle by',
  'Held at 3.7 %',
  'thin it first',
  'must not get it',
  'By the guidance that is called',
  'A drop, where it was not measured',
  'minds most things',
  'no rule reads',
  'For the outside of the body',
  'Stop if skin complains',
  'not for others',
  'Scale to nought',
  'More fell than asked',
  'speak to their machine',
  'still has gaps',
  'Recommended: none',
  'This blend is not in the book',
  'None is like that',
  'the cap that oils share',
  'assumed from near kin',
  'the EU restricts in goods',
  'That month is still to come',
  'as it lies',
  'no way past this',
  'light-sensitising oil',
  'drop school',
  'none stated',
] as const;

/** Too common to be looked for within a sentence: these are never all of what is stated. */
const labels = [
  'File in',
  'File out',
  'Leave it',
  'Keep',
  'Keep it',
  'Move in',
  'It holds',
  'Carried by',
  'Wearers',
  'Vessel',
  'Drafts',
  'To the room',
  'Take out',
] as const;

const squeezed = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** Every text of a source file that someone may come to read. */
const textsOf = (file: string): string[] => {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isJsxText(node) || ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node))
      found.push(node.text);
    if (ts.isTemplateExpression(node)) {
      found.push(
        node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join(''),
      );
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found.map(squeezed).filter(Boolean);
};

/** Every text of a file of data. */
const textsIn = (value: unknown): string[] =>
  typeof value === 'string'
    ? [value]
    : typeof value === 'object' && value !== null
      ? Object.values(value).flatMap(textsIn)
      : [];

const files = (folder: string, ending: RegExp): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => ending.test(name) && !/node_modules|dist\/|\btest\.|testing\./.test(name))
    .map((name) => join(folder, name));

/** What is read as code and never shown: what a figure is called in the files of the library. */
const codes: ReadonlySet<string> = new Set(['none stated']);

const read: readonly (readonly [file: string, texts: readonly string[]])[] = [
  ...['core/src', 'web/src', 'server/src'].flatMap((folder) =>
    files(folder, /\.tsx?$/).map((file) => [file, textsOf(file)] as const),
  ),
  ...files('core/src', /\.json$/).map(
    (file) => [file, textsIn(JSON.parse(readFileSync(file, 'utf8')))] as const,
  ),
  ...['README.md', ...files('docs', /\.md$/)].map(
    (file) => [file, [squeezed(readFileSync(file, 'utf8'))]] as const,
  ),
];

test('nothing that is read holds a phrase that readers stumbled over', () => {
  const found = read.flatMap(([file, texts]) =>
    texts
      .filter((text) => !codes.has(text))
      .flatMap((text) =>
        phrases.filter((phrase) => text.includes(phrase)).map((phrase) => `${file}: ${phrase}`),
      ),
  );
  expect(found).toEqual([]);
});

test('no button, field or heading bears a name of before', () => {
  const found = read.flatMap(([file, texts]) =>
    labels.filter((label) => texts.includes(label)).map((label) => `${file}: ${label}`),
  );
  expect(found).toEqual([]);
});

test('as it is shown, no text of the library names a source by code, or a field of a file', () => {
  const found = read.flatMap(([file, texts]) =>
    file.endsWith('.json')
      ? texts
          .map(sourceWords)
          .filter((text) =>
            /\b(EOS2|RECALL|TEACH|CHART|IFRACAT)\b|\b[a-z]+[A-Z]\w*Percent\b/.test(text),
          )
          .map((text) => `${file}: ${text}`)
      : [],
  );
  expect(found).toEqual([]);
});

test('no sentence says a word twice in a row', () => {
  const found = read.flatMap(([file, texts]) =>
    file.endsWith('.md')
      ? []
      : texts
          .flatMap((text) => / (?!ylang|khus)([a-z]{2,}) \1 /i.exec(` ${text} `)?.[0] ?? [])
          .map((twice) => `${file}: ${twice.trim()}`),
  );
  expect(found).toEqual([]);
});
