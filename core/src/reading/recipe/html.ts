import { Parser } from 'htmlparser2';
import { line, textLines, type SourceLine } from './sourceLine';

const skipped = new Set([
  'script',
  'style',
  'noscript',
  'template',
  'svg',
  'nav',
  'footer',
  'head',
]);
const blocks = new Set(
  'p,div,section,article,header,ul,ol,li,table,tr,h1,h2,h3,h4,h5,h6,br,hr,blockquote,main,dl,dt,dd,figure,figcaption,pre,form'.split(
    ',',
  ),
);

/** Blocks that a cell of a table may hold, and is one cell still. */
const withinCell = new Set(['p', 'div', 'br']);
/** Where a cell ends: a sign that no text holds. */
const cellEnd = '\u0001';

/** The words of a page, block by block, and what recipes it holds in JSON. */
export const htmlLines = (
  html: string,
): { readonly lines: SourceLine[]; readonly json: readonly string[] } => {
  const lines: SourceLine[] = [];
  const json: string[] = [];
  let text = '';
  let heading = 0;
  let isItem = false;
  let isStep = false;
  let hidden = 0;
  let script: string | null = null;
  const lists: string[] = [];
  /** Rows of a table, until it is over: what its columns are stands in the first of them. */
  let rows: string[] = [];
  const drain = (): void => {
    if (rows.length > 0) lines.push(...textLines(rows.join('\n')));
    rows = [];
  };
  const flush = (): void => {
    if (text.includes(cellEnd)) {
      const row = text.replace(/\s+/g, ' ').replaceAll('|', '/').replaceAll(cellEnd, '|');
      if (/[^| ]/.test(row)) rows.push(`|${row}`);
    } else if (text.trim() !== '') {
      drain();
      lines.push(line(text, { heading, isItem, isStep }));
    }
    text = '';
  };
  let isInRow = false;
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'script' && /ld\+json/i.test(attributes['type'] ?? '')) script = '';
        if (skipped.has(name)) hidden += 1;
        if (isInRow && withinCell.has(name)) text += ' ';
        else if (blocks.has(name)) flush();
        if (name === 'tr') isInRow = true;
        if (/^h[1-6]$/.test(name)) heading = Number(name.charAt(1));
        if (name === 'ul' || name === 'ol') lists.push(name);
        if (name === 'li') {
          isItem = true;
          isStep = lists[lists.length - 1] === 'ol';
        }
        if (name === 'tr' || name === 'dd') isItem = true;
      },
      ontext(part) {
        if (script !== null) script += part;
        if (hidden === 0) text += part;
      },
      onclosetag(name) {
        if (name === 'script' && script !== null) {
          json.push(script);
          script = null;
        }
        if (skipped.has(name)) hidden = Math.max(0, hidden - 1);
        if (name === 'td' || name === 'th') text += cellEnd;
        if (isInRow && withinCell.has(name)) text += ' ';
        else if (blocks.has(name)) flush();
        if (name === 'tr') isInRow = false;
        if (name === 'table') drain();
        if (/^h[1-6]$/.test(name)) heading = 0;
        if (name === 'ul' || name === 'ol') lists.pop();
        if (name === 'li' || name === 'tr' || name === 'dd') {
          isItem = false;
          isStep = false;
        }
        if (name === 'p' || name === 'ul' || name === 'ol' || name === 'table')
          lines.push(line(''));
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.write(html);
  parser.end();
  flush();
  drain();
  return { lines, json };
};
