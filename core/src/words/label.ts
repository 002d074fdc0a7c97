import { botanicalOf, cautions, guidelines, type Catalog } from '../catalog';
import type { Label, LabelCaution } from '../label';
import type { KindCaution, PlaceCaution } from '../limits';
import { unique, type Day } from '../quantity';
import { ageWords, onPlaceWords, someoneOfAge, timesWords } from './brief';
import { nameOrNone } from './blend';
import { oneOf, containerWordsOf } from './containers';
import { allergyWords, conditionWords } from './conditions';
import { dayWords } from './days';
import { massWords, metricUnits, volumeWords, type Units } from './units';
import { findingMessage } from './findings';
import { capitalised, formatList, formatMl, formatPercent } from './numbers';
import type { SaleText } from './salePack';
import { nameInSentence } from './inSentence';

/** A label as it is read: every line of it in words. */
export interface LabelText {
  /** It must not be used: the label says `doNotUseWords`, and nothing of what follows. */
  readonly doNotUse: boolean;
  /** Of a blend that is not made yet: dates and batch are left to be written. */
  readonly isPlanned: boolean;
  readonly name: string;
  /** What it is and what is in it: `Roll-on, 9.5 ml`. */
  readonly what: string;
  readonly purpose: string;
  /** `For Ines` or `For anyone`. */
  readonly forWhom: string;
  /** How it is used: `Roll onto the wrists and neck, up to twice a day`. */
  readonly directions: string;
  readonly oils: readonly string[];
  readonly bases: readonly string[];
  /** Essential oil, `3.2 %`; of what is weighed `3.2 % by weight`. */
  readonly strength: string;
  readonly madeOn: Day;
  readonly bestBefore: Label['bestBefore'];
  readonly batch: string;
  readonly maker: string;
  readonly cautions: readonly string[];
  /** What is drawn beside the name, of what its cautions say. */
  readonly signs: readonly LabelSign[];
  /** What the law adds where it is sold; null on what is kept or given away. */
  readonly sale: SaleText | null;
}

/** Drawn on a label: keep the skin out of the sun; not for young children. */
export type LabelSign = 'sun' | 'child';

const signsOf = (cautions: readonly LabelCaution[]): readonly LabelSign[] => {
  const has = (...codes: LabelCaution['code'][]): boolean =>
    cautions.some(({ code }) => codes.includes(code));
  return [
    ...(has('out-of-sun') ? (['sun'] as const) : []),
    ...(has('not-under', 'not-near-face-under') ? (['child'] as const) : []),
  ];
};

/** What the kind of product asks of whoever opens it; the rest is a matter of making it. */
const kindOnLabel: Partial<Record<KindCaution, string>> = {
  'bath-undispersed': 'Disperse before bathing: it floats on the water and reaches skin undiluted.',
  'bath-fat': 'Disperse before bathing: it floats on the water as a film.',
  mist: 'Do not breathe in the mist.',
  'bath-solubiliser': 'Disperse before bathing: some of the oil floats.',
  'bath-slip': 'Makes the bath slippery.',
  'keep-dry': 'Keep water out of it. Makes a shower floor slippery.',
  flame: 'Keep away from flames.',
  'water-floats': 'Shake before use: the oil floats.',
  water: `Shake before use. Use within ${cautions.water.keepsDays} days of making.`,
};

/** What the place asks of whoever uses it. */
const placeOnLabel: Partial<Record<PlaceCaution, string>> = {
  shaved: 'Do not use straight after shaving.',
  broken: 'Do not use on broken skin.',
  breast: 'Do not use on the breast.',
  'bath-little': 'Feels very cold in bath water: use very little.',
};

const stageWords = { pregnant: 'pregnant', breastfeeding: 'breastfeeding' } as const;

const cautionWords = (catalog: Catalog, caution: LabelCaution): string | undefined => {
  switch (caution.code) {
    case 'out-of-sun':
      return `Keep treated skin out of the sun for ${caution.hours} hours.`;
    case 'not-when':
      return `Do not use if ${caution.stages.map((stage) => stageWords[stage]).join(' or ')}.`;
    case 'ask-when':
      return `Ask a midwife or doctor first if ${caution.stages.map((stage) => stageWords[stage]).join(' or ')}.`;
    case 'not-with':
      return `Do not use with: ${formatList(caution.conditions.map(conditionWords))}.`;
    case 'not-under':
      return `Do not use on children under ${ageWords(caution.months)}.`;
    case 'not-near-face-under':
      return `Keep away from the face of children under ${ageWords(caution.months)}.`;
    case 'ask-first':
      return `Ask a pharmacist or doctor first with: ${formatList(caution.conditions.map(conditionWords))}.`;
    case 'allergies':
      return `Do not use if allergic to ${formatList(caution.to.map((id) => allergyWords(catalog, id)))}.`;
    case 'contains':
      return `Contains ${nameInSentence(catalog, caution.id)} (${formatList(caution.to.map((id) => allergyWords(catalog, id)))}).`;
    case 'finding':
      return findingMessage(catalog, caution.finding);
    case 'kind':
      return kindOnLabel[caution.what];
    case 'place':
      return placeOnLabel[caution.what];
    case 'something-else':
      return `Also contains ${caution.words} (not checked).`;
    case 'bath-most':
      return `Use no more than ${formatMl(caution.ml)} in a bath.`;
    case 'made-for':
      return `For ${caution.wearer.name ?? someoneOfAge(caution.wearer.ageMonths)} only.`;
    case 'everywhere':
      return `${guidelines.everywhere.map(capitalised).join('. ')}.`;
  }
};

/** What is in it: `13.5 ml`; of what is weighed `12.2 g, 13.5 ml`. */
const contentWords = ({ by, ml, g }: Label, units: Units): string =>
  by === 'weight' ? `${massWords(g, units)}, ${formatMl(ml, 3)}` : volumeWords(ml, units);

/** `For Ines`, `For a 4-year-old`, `For anyone`. */
const forWhomWords = ({ wearer }: Label): string =>
  wearer ? `For ${wearer.name ?? someoneOfAge(wearer.ageMonths)}` : 'For anyone';

const verbOf = ({ kind, place }: Label): string =>
  containerWordsOf(kind).verb ?? (place === 'body-massage' ? 'Massage into' : 'Apply to');

/** `Roll onto the wrists and neck, up to twice a day.`, as the brief has it. */
const directionsWords = (label: Label): string => {
  const night = label.nightOnly ? ', at night only' : '';
  const often = `${label.timesPerDay === null ? '' : `, ${timesWords(label.timesPerDay)}`}${night}`;
  if (label.place === 'bath') return `For the bath${often}.`;
  const where = formatList(
    unique(
      label.places.map((place) =>
        place === 'body-massage' || place === 'wash-off' ? 'the body' : onPlaceWords(place),
      ),
    ),
  );
  const off = label.use === 'rinse-off' ? ', then rinse off' : '';
  return `${verbOf(label)} ${where}${off}${often}.`;
};

/** By which names a label says what is in it. */
type IngredientNames = 'common' | 'botanical';

/** How a label says what it says. */
export interface LabelChoices {
  readonly names?: IngredientNames;
  readonly units?: Units;
  readonly sale?: SaleText | null;
}

const markWords = { 'not-finished': 'NOT FINISHED', practice: 'PRACTICE' } as const;

/** A label in words. */
export const labelText = (
  catalog: Catalog,
  label: Label,
  { names = 'common', units = metricUnits, sale = null }: LabelChoices = {},
): LabelText => ({
  doNotUse: label.doNotUse,
  isPlanned: label.isPlanned,
  name: `${label.mark ? `${markWords[label.mark]}: ` : ''}${nameOrNone(label.name)}`,
  what: `${capitalised(oneOf(label.kind))}, ${contentWords(label, units)}`,
  purpose: label.purpose,
  forWhom: forWhomWords(label),
  directions: directionsWords(label),
  oils: label.oils.map((oil) => (names === 'botanical' && botanicalOf(oil)) || oil.name),
  bases: label.bases.map(({ inci, name }) => (names === 'botanical' && inci) || name),
  strength: `${formatPercent(label.percent)}${label.by === 'weight' ? ' by weight' : ''}`,
  madeOn: label.madeOn,
  bestBefore: label.bestBefore,
  batch: label.batch,
  maker: label.maker,
  cautions: [...new Set(label.cautions.flatMap((caution) => cautionWords(catalog, caution) ?? []))],
  signs: signsOf(label.cautions),
  sale,
});

const each = <T>(labels: readonly LabelText[], of: (label: LabelText) => readonly T[]): T[] => [
  ...new Set(labels.flatMap(of)),
];

/**
 * One label for the box that holds all pieces of a batch: what is true of any of them. Where one
 * must not be used, the box says so.
 *
 * @param inside what is in the box: `9 tins of 15 ml, 4 sticks of 5 ml`
 */
export const boxLabelText = (
  [first, ...others]: readonly [LabelText, ...LabelText[]],
  inside: string,
): LabelText => {
  const all = [first, ...others];
  return {
    ...first,
    doNotUse: all.some(({ doNotUse }) => doNotUse),
    what: inside,
    directions: each(all, ({ directions }) => [directions]).join(' '),
    oils: each(all, ({ oils }) => oils),
    bases: each(all, ({ bases }) => bases),
    strength: formatList(each(all, ({ strength }) => [strength])),
    bestBefore: all.map(({ bestBefore }) => bestBefore).reduce((a, b) => (b.date < a.date ? b : a)),
    cautions: each(all, ({ cautions }) => cautions),
    signs: each(all, ({ signs }) => signs),
    // What the box bears, it bears whole.
    sale: first.sale && {
      ...first.sale,
      content: inside,
      isBoxed: false,
      ingredients: each(all, ({ sale }) => (sale ? [sale.ingredients] : [])).join(' '),
    },
  };
};

/** What is on a container that must not be used, and nothing else. */
export const doNotUseWords = 'DO NOT USE';

/** What it is that must not be used: name, batch, content and date. */
export const doNotUseLines = (label: LabelText): readonly string[] => [
  label.name,
  label.what,
  label.isPlanned ? '' : `Made ${dayWords(label.madeOn)} · Batch ${label.batch}`,
];

/** The short form, to be written by hand: four lines. */
export const handLabel = (label: LabelText): readonly string[] =>
  label.doNotUse
    ? [doNotUseWords, ...doNotUseLines(label)]
    : [
        `${label.name}, ${label.strength}`,
        label.oils.join('; '),
        `${label.forWhom}. ${label.batch}`,
        label.isPlanned
          ? 'Made ________, best before ________'
          : `Made ${dayWords(label.madeOn)}, best before ${dayWords(label.bestBefore.date)}`,
      ];
