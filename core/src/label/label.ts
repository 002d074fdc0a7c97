import { oneOf } from '../brief/vesselKinds';
import type { Blend } from '../dose/blend';
import { placeWords } from '../brief/words';
import { mixtureBestBefore, type BestBefore, type Day } from '../keep/bestBefore';
import type { Evaluation } from '../dose/evaluate';
import { knownWearer } from '../limits/question';
import { part } from '../blend/fillings';
import { strengthWords } from '../blend/words';
import { formatG, formatMl } from '../quantity/format';
import { labelCautions } from './cautions';

/** Everything that must stand on a vessel. */
export interface Label {
  readonly name: string;
  /** What it is and what is in it: `Roll-on, 9.5 ml`. */
  readonly what: string;
  /** What it is for, in the maker's words; empty where none were given. */
  readonly purpose: string;
  /** `For Ines` or `For anyone`. */
  readonly forWhom: string;
  readonly where: string;
  readonly oils: readonly string[];
  readonly bases: readonly string[];
  /** Essential oil, `3.2 %`; of what is weighed `3.2 % by weight`. */
  readonly strength: string;
  readonly madeOn: Day;
  readonly bestBefore: BestBefore;
  readonly batch: string;
  readonly maker: string;
  readonly cautions: readonly string[];
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What a batch adds to a blend. */
export interface LabelFacts {
  readonly batch: string;
  readonly madeOn: Day;
  readonly maker: string;
}

/** What stands in one vessel of a line: `13.5 ml`; of what is weighed `12.2 g, 13.5 ml`. */
const contentOf = (blend: Blend, { mixture }: Evaluation, line: number): string => {
  if (!blend.inOne) return formatMl(mixture.fillMl, 3);
  const parted = part(blend.fillings, mixture.fillMl, mixture.totalG?.likely ?? null, blend);
  const { fillMl = mixture.fillMl, fillG = null } = parted.lines[line] ?? {};
  return blend.formula.by === 'weight' && fillG !== null
    ? `${formatG(fillG, 3)}, ${formatMl(fillMl, 3)}`
    : formatMl(fillMl, 3);
};

/**
 * The content of the label of one vessel.
 *
 * @param line which of the blend's vessels, from 0
 */
export const labelOf = (
  blend: Blend,
  evaluation: Evaluation,
  facts: LabelFacts,
  line = 0,
): Label => {
  const { mixture } = evaluation;
  const oils = mixture.oils.filter(({ ml }) => ml.likely > 0);
  const wearer = knownWearer(blend.brief);
  const rinse = blend.brief.use === 'rinse-off' ? ', rinsed off' : '';
  return {
    name: blend.name,
    what: `${capital(oneOf(blend.fillings[line]?.vessel.kind ?? blend.formula.vessel.kind))}, ${contentOf(blend, evaluation, line)}`,
    purpose: blend.purpose,
    forWhom: wearer ? `For ${wearer.name ?? 'one wearer'}` : 'For anyone',
    where: `${placeWords[blend.brief.place]}${rinse}`,
    oils: oils.map(({ oil }) => oil.name),
    bases: mixture.bases.map(({ base }) => base.name),
    strength: strengthWords(mixture, blend.formula.by),
    madeOn: facts.madeOn,
    bestBefore: mixtureBestBefore(facts.madeOn, mixture),
    batch: facts.batch,
    maker: facts.maker,
    cautions: labelCautions(mixture, blend.brief, evaluation.findings),
  };
};

/** A day as it stands on a label: `25 Nov 2026`, so that no country reads it otherwise. */
export const dayWords = (day: Day): string => {
  const [year, month, date] = day.split('-').map(Number);
  const names = [
    'Jan',
    'Feb',
    'Mar',
    'Apr',
    'May',
    'Jun',
    'Jul',
    'Aug',
    'Sep',
    'Oct',
    'Nov',
    'Dec',
  ];
  return `${date} ${names[(month ?? 1) - 1]} ${year}`;
};

/** The short form, to be written by hand: four lines. */
export const handLabel = (label: Label): readonly string[] => [
  `${label.name}, ${label.strength}`,
  label.oils.join('; '),
  `${label.forWhom}. ${label.batch}`,
  `Made ${dayWords(label.madeOn)}, best before ${dayWords(label.bestBefore.date)}`,
];
