import { withoutTables } from './tables';

/** One line of a source, as far as its markup tells what it is. */
export interface SourceLine {
  readonly text: string;
  /** 0 for no heading, else its level. */
  readonly heading: number;
  /** In a list. */
  readonly isItem: boolean;
  /** In a numbered list, or a step of a recipe in JSON. */
  readonly isStep: boolean;
  /** Certain to be something to do: `Step 2: …`. */
  readonly isDeed: boolean;
  /** Certain to be an ingredient: a recipe in JSON says so. */
  readonly isIngredient: boolean;
}

/** A line is cut here: what is longer is no recipe. */
const mostInLine = 2_000;

/** A line, with single spaces between its words. */
export const line = (text: string, more: Partial<SourceLine> = {}): SourceLine => ({
  text: text.replace(/\s+/g, ' ').trim().slice(0, mostInLine),
  heading: 0,
  isItem: false,
  isStep: false,
  isDeed: false,
  isIngredient: false,
  ...more,
});

/** Marks of Markdown around words say nothing here. */
const withoutMarks = (text: string): string =>
  text
    .replace(/!\[[^\]]*\]\([^)]*\)/g, '')
    .replace(/\[([^\]]+)\]\([^)]*\)/g, '$1')
    .replace(/(\*\*|__)(?=\S)(.*?\S)\1/g, '$2')
    .replace(/(?<!\w)[*_](?=\S)([^*_]*\S)[*_](?!\w)/g, '$1')
    .replace(/`([^`]*)`/g, '$1')
    .replace(/\\([\\`*_{}[\]()#+\-.!|])/g, '$1');

const tableRule = /^\s*\|?\s*:?-{2,}:?\s*(?:\|\s*:?-{2,}:?\s*)*\|?\s*$/;

/** Plain text and Markdown, line by line. */
export const textLines = (text: string): SourceLine[] =>
  withoutTables(text.split(/\r\n|\r|\n|\u2028|\u2029/)).flatMap(
    ({ text: raw, isRow }, n, all): SourceLine[] => {
      if (isRow) return [line(withoutMarks(raw), { isItem: true })];
      if (
        tableRule.test(raw) &&
        raw.includes('-') &&
        (raw.includes('|') || /^\s*-{3,}\s*$/.test(raw))
      ) {
        return raw.includes('|') ? [] : [line('')];
      }
      if (/^\s*={3,}\s*$/.test(raw)) return [];
      if (/^\s*(?:```|~~~)/.test(raw)) return [];
      const heading = /^\s{0,3}(#{1,6})\s+(.*?)\s*#*$/.exec(raw);
      if (heading) {
        return [line(withoutMarks(heading[2] ?? ''), { heading: heading[1]?.length ?? 1 })];
      }
      const isUnderlined = /^\s*={3,}\s*$/.test(all[n + 1]?.text ?? '') && raw.trim() !== '';
      if (isUnderlined) return [line(withoutMarks(raw), { heading: 1 })];
      const bold = /^\s*(\*\*|__)([^*_]{2,80})\1:?\s*$/.exec(raw);
      if (bold) return [line(bold[2] ?? '', { heading: 4 })];
      const unquoted = raw.replace(/^\s*>+\s?/, '');
      if (/^\s*\|.*\|/.test(unquoted) || (unquoted.match(/\|/g) ?? []).length >= 2) {
        return [line(cells(unquoted), { isItem: true })];
      }
      if (/\S\t+\S/.test(unquoted))
        return [line(unquoted.trim().replace(/\t+/g, ' : '), { isItem: true })];
      const item = /^\s*(?:[-*+•·▪◦‣●✓✔☐]|\[[ x]?\]|[-*] \[[ x]?\])\s+(.*)$/u.exec(unquoted);
      if (item) {
        return [line(withoutMarks((item[1] ?? '').replace(/^\[[ x]?\]\s*/, '')), { isItem: true })];
      }
      const numbered = /^\s*step\s*\d{1,2}\s*[.):-]\s+(.*)$/i.exec(unquoted);
      if (numbered) return [line(withoutMarks(numbered[1] ?? ''), { isStep: true, isDeed: true })];
      const step = /^\s*(?:step\s*)?(\d{1,2})\s*[.):]\s+(\D.*)$/i.exec(unquoted);
      if (step) return [line(withoutMarks(step[2] ?? ''), { isStep: true })];
      return [line(withoutMarks(unquoted))];
    },
  );

/** The cells of a row of a table, with a colon between them. */
const cells = (row: string): string =>
  row
    .split('|')
    .map((cell) => withoutMarks(cell).trim())
    .filter(Boolean)
    .join(' : ');
