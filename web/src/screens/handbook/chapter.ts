import { capitalised } from '@jubbet/core/words';
import { searchFor } from '@jubbet/core/quantity';

/** A table with its heading; cells are text, the first of each row names it. */
export interface Table {
  readonly kind: 'table';
  readonly caption: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Paragraphs, or points of a list. */
export interface Lines {
  readonly kind: 'text' | 'list';
  readonly lines: readonly string[];
}

/** Recommended and maximum of each, in percent, to be drawn; a table beside it says the same. */
export interface Bars {
  readonly kind: 'bars';
  readonly bars: readonly {
    readonly name: string;
    readonly recommended: number;
    readonly maximum: number;
  }[];
}

export interface Chapter {
  readonly id: string;
  readonly title: string;
  readonly blocks: readonly (Table | Lines | Bars)[];
}

export const text = (...lines: string[]): Lines => ({ kind: 'text', lines });
export const list = (lines: readonly string[]): Lines => ({ kind: 'list', lines });
export const table = (
  caption: string,
  head: readonly string[],
  rows: readonly (readonly string[])[],
): Table => ({ kind: 'table', caption, head, rows });

/** Of each chapter what holds all words; a chapter whose title does is kept whole. */
export const searchChapters = (all: readonly Chapter[], query: string): readonly Chapter[] => {
  if (query.trim() === '') return all;
  const holds = searchFor(query);
  return all.flatMap((chapter): Chapter[] => {
    if (holds(chapter.title)) return [chapter];
    const blocks = chapter.blocks.flatMap((block): (Table | Lines)[] => {
      // Of what is looked for the words are shown, not the drawing.
      if (block.kind === 'bars') return [];
      if (block.kind === 'table') {
        if (holds(block.caption)) return [block];
        const rows = block.rows.filter((row) => holds(row.join(' ')));
        return rows.length > 0 ? [{ ...block, rows }] : [];
      }
      const lines = block.lines.filter((line) => holds(line));
      return lines.length > 0 ? [{ ...block, lines }] : [];
    });
    return blocks.length > 0 ? [{ ...chapter, blocks }] : [];
  });
};

export const degrees = (range: readonly [number, number] | null): string =>
  range === null ? 'not known' : `${range[0]} to ${range[1]} °C`;

export const readable = (id: string): string => capitalised(id.replace(/[-_]/g, ' '));
