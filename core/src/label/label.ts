import { oneOf } from '../brief/vesselKinds';
import type { Blend } from '../dose/blend';
import type { Brief } from '../brief/brief';
import { placeWords, someoneOfAge } from '../brief/words';
import { mixtureBestBefore, type BestBefore, type Day } from '../keep/bestBefore';
import type { Evaluation } from '../dose/evaluate';
import { knownWearer } from '../limits/question';
import { contentsOf, part, type Content } from '../blend/fillings';
import type { Made, MadeVessel } from '../make/made';
import { strengthWords } from '../blend/words';
import { formatG, formatMl } from '../quantity/format';
import { labelCautions } from './cautions';

/** Everything that must stand on a container. */
export interface Label {
  /** It must not be used: the label says `doNotUseWords`, and nothing of what follows. */
  readonly doNotUse: boolean;
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

/** Containers that bear the same label, with what is in them. */
export interface Piece extends Content {
  readonly evaluation: Evaluation;
  /** Their numbers at the bench, from 0; none where all come from one jug. */
  readonly numbers: readonly number[];
}

const pourFrom = (blend: Blend, evaluation: Evaluation): Piece[] => {
  const { mixture } = evaluation;
  const parted = part(blend.fillings, mixture.fillMl, mixture.totalG?.likely ?? null, blend);
  return contentsOf(parted).map((content) => ({ ...content, evaluation, numbers: [] }));
};

/** What the containers of a blend will hold when it is made as planned. */
export const plannedPieces = (blend: Blend, evaluation: Evaluation): Piece[] =>
  blend.inOne
    ? pourFrom(blend, evaluation)
    : [
        {
          vessel: blend.fillings[0]?.vessel ?? blend.formula.vessel,
          count: blend.count,
          ml: evaluation.mixture.fillMl,
          g: evaluation.mixture.totalG?.likely ?? null,
          isFull: true,
          evaluation,
          numbers: Array.from({ length: blend.count }, (_, n) => n),
        },
      ];

/** What the containers of a batch really hold; those that are alike together, empty ones left out. */
export const madePieces = ({ blend, vessels }: Made): Piece[] => {
  const filled = vessels.filter(({ isEmpty }) => !isEmpty);
  if (blend.inOne) return filled.flatMap(({ evaluation }) => pourFrom(blend, evaluation));
  const alike = new Map<Evaluation, MadeVessel[]>();
  for (const one of filled) {
    alike.set(one.evaluation, [...(alike.get(one.evaluation) ?? []), one]);
  }
  return [...alike].flatMap(([evaluation, [first, ...others]]): Piece[] =>
    first
      ? [
          {
            vessel: first.vessel,
            count: 1 + others.length,
            ml: evaluation.mixture.fillMl,
            g: evaluation.mixture.totalG?.likely ?? null,
            isFull: true,
            evaluation,
            numbers: [first, ...others].map(({ number }) => number),
          },
        ]
      : [],
  );
};

/** What stands in it: `13.5 ml`; of what is weighed `12.2 g, 13.5 ml`. */
const contentWords = ({ formula }: Blend, { ml, g }: Content): string =>
  formula.by === 'weight' && g !== null ? `${formatG(g, 3)}, ${formatMl(ml, 3)}` : formatMl(ml, 3);

/** `For Ines`, `For a 4-year-old`, `For anyone`. */
const forWhomWords = (brief: Brief): string => {
  const wearer = knownWearer(brief);
  if (!wearer) return 'For anyone';
  return `For ${wearer.name ?? someoneOfAge(wearer.ageMonths)}`;
};

/**
 * The content of the label of a piece. What must not be used by its wearer says that, and
 * nothing else.
 *
 * @param notToBeUsed where the batch was finished so
 */
export const labelOf = (
  blend: Blend,
  piece: Piece,
  facts: LabelFacts,
  notToBeUsed = false,
): Label => {
  const { mixture, findings, hard } = piece.evaluation;
  const oils = mixture.oils.filter(({ ml }) => ml.likely > 0);
  const rinse = blend.brief.use === 'rinse-off' ? ', rinsed off' : '';
  return {
    doNotUse: notToBeUsed || hard,
    name: blend.name,
    what: `${capital(oneOf(piece.vessel.kind))}, ${contentWords(blend, piece)}`,
    purpose: blend.purpose,
    forWhom: forWhomWords(blend.brief),
    where: `${placeWords[blend.brief.place]}${rinse}`,
    oils: oils.map(({ oil }) => oil.name),
    bases: mixture.bases.map(({ base }) => base.name),
    strength: strengthWords(mixture, blend.formula.by),
    madeOn: facts.madeOn,
    bestBefore: mixtureBestBefore(facts.madeOn, mixture),
    batch: facts.batch,
    maker: facts.maker,
    cautions: labelCautions(mixture, blend.brief, findings),
  };
};

/** What stands on a container that must not be used, and nothing else. */
export const doNotUseWords = 'DO NOT USE';

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
export const handLabel = (label: Label): readonly string[] =>
  label.doNotUse
    ? [doNotUseWords]
    : [
        `${label.name}, ${label.strength}`,
        label.oils.join('; '),
        `${label.forWhom}. ${label.batch}`,
        `Made ${dayWords(label.madeOn)}, best before ${dayWords(label.bestBefore.date)}`,
      ];
