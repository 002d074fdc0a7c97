import { dayWords } from './days';
import { formatList } from './numbers';
import { doNotUseLines, doNotUseWords, type LabelText } from './label';

/** A stretch of a label in one weight. */
export interface LabelRun {
  readonly text: string;
  readonly bold: boolean;
}

/** A paragraph of a label. */
export interface LabelParagraph {
  /** What it is about, as a maker is reported where there is no room for it. */
  readonly about: string;
  readonly size: 'title' | 'lead' | 'text';
  readonly runs: readonly LabelRun[];
}

/** What is on a label, from top to foot. */
export interface LabelFaces {
  readonly front: readonly LabelParagraph[];
  /** Between front and foot where there is room, else on a second label under the name. */
  readonly back: readonly LabelParagraph[];
  /** Empty on what must not be used. */
  readonly foot: readonly LabelParagraph[];
  /** The name as it covers what is on a second label. */
  readonly again: LabelParagraph;
}

const plain = (text: string): LabelRun => ({ text, bold: false });
const bold = (text: string): LabelRun => ({ text, bold: true });

const text = (about: string, ...runs: readonly LabelRun[]): LabelParagraph => ({
  about,
  size: 'text',
  runs,
});

const title = ({ name }: LabelText): LabelParagraph => ({
  about: 'the name',
  size: 'title',
  runs: [bold(name)],
});

const again = ({ name }: LabelText): LabelParagraph => text('the name', bold(name));

const cautionsOf = ({ cautions }: LabelText): LabelParagraph =>
  text('the cautions', plain(cautions.join(' ')));

const toGive = (label: LabelText): LabelFaces => ({
  front: [
    title(label),
    {
      about: 'its strength',
      size: 'lead',
      runs: [bold(label.strength), plain(` · ${label.what} · `), bold(label.forWhom)],
    },
    text(
      'how to use it',
      ...(label.purpose ? [plain(`${label.purpose}. `)] : []),
      bold(label.directions),
    ),
    text('the ingredients', plain(`Ingredients: ${[...label.bases, ...label.oils].join('; ')}.`)),
  ],
  back: label.cautions.length > 0 ? [cautionsOf(label)] : [],
  foot: [
    text(
      'dates and batch',
      plain(`Made ${label.isPlanned ? blank : dayWords(label.madeOn)} · `),
      bold(`Best before ${label.isPlanned ? blank : dayWords(label.bestBefore.date)}`),
      plain(` · Batch ${label.batch || blank}${label.maker ? ` · ${label.maker}` : ''}`),
    ),
  ],
  again: again(label),
});

/** Room to write by hand what is not known yet. */
const blank = '________';

const toSell = (label: LabelText, sale: NonNullable<LabelText['sale']>): LabelFaces => ({
  front: [
    title(label),
    {
      about: 'what it is',
      size: 'lead',
      runs: [bold(label.purpose || blank), plain(` · ${sale.content}`)],
    },
    text('how to use it', plain(label.directions)),
  ],
  back: [
    text('the precautions', plain([...label.cautions, ...sale.warnings].join(' '))),
    text('how to store it', plain(sale.storage)),
    ...(sale.isBoxed ? [] : [text('the ingredients', plain(sale.ingredients))]),
  ],
  foot: [
    text(
      'date, batch and address',
      bold(`Best before ${label.isPlanned ? blank : dayWords(label.bestBefore.date)}`),
      plain(` · Batch ${label.batch || blank} · ${sale.responsible || blank}`),
    ),
  ],
  again: again(label),
});

/** A label as paragraphs. What must not be used says that, and which it is. */
export const labelFaces = (label: LabelText): LabelFaces => {
  if (label.doNotUse) {
    const only = { ...text('the words', bold(doNotUseWords)), size: 'title' as const };
    const what = doNotUseLines(label).filter((line) => line !== '');
    return {
      front: [only, text('what it is', plain(what.join(' · ')))],
      back: [],
      foot: [],
      again: only,
    };
  }
  return label.sale ? toSell(label, label.sale) : toGive(label);
};

/** What is stated of a label that is too small: of what there is no room for. */
export const tooSmallWords = (left: readonly string[]): string =>
  `It does not fit on a label of this size: there is no room for ${formatList(left)}. Use a larger label, or tie on a tag.`;
