import { cautions, guidelines, type Catalog } from '../catalog';
import type { Label, LabelCaution } from '../label';
import type { KindCaution, PlaceCaution } from '../limits';
import type { Day } from '../quantity';
import { ageWords, placeWords, someoneOfAge, timesWords } from './brief';
import { nameOrNone } from './blend';
import { oneOf } from './containers';
import { allergyWords, conditionWords } from './conditions';
import { dayWords } from './days';
import { findingMessage } from './findings';
import { capitalised, formatG, formatList, formatMl, formatPercent } from './numbers';

/** A label as it is read: every line of it in words. */
export interface LabelText {
  /** It must not be used: the label says `doNotUseWords`, and nothing of what follows. */
  readonly doNotUse: boolean;
  readonly name: string;
  /** What it is and what is in it: `Roll-on, 9.5 ml`. */
  readonly what: string;
  readonly purpose: string;
  /** `For Ines` or `For anyone`. */
  readonly forWhom: string;
  readonly where: string;
  readonly oils: readonly string[];
  readonly bases: readonly string[];
  /** Essential oil, `3.2 %`; of what is weighed `3.2 % by weight`. */
  readonly strength: string;
  readonly madeOn: Day;
  readonly bestBefore: Label['bestBefore'];
  readonly batch: string;
  readonly maker: string;
  readonly cautions: readonly string[];
}

/** What the kind of product asks of whoever opens it; the rest is a matter of making it. */
const kindOnLabel: Partial<Record<KindCaution, string>> = {
  'bath-undispersed': 'Disperse before bathing: oil alone floats on the water, neat on skin.',
  'bath-fat': 'Disperse before bathing: it floats on the water as a film.',
  mist: 'Do not breathe the mist.',
  'bath-solubiliser': 'Disperse before bathing: some of the oil floats.',
  'bath-slip': 'The tub gets slippery.',
  'keep-dry': 'Keep water out of it. A shower floor gets slippery.',
  flame: 'Keep away from flames.',
  water: `Shake before use. Use it up within ${cautions.water.keepsDays} days of making.`,
};

/** What the place asks of whoever uses it. */
const placeOnLabel: Partial<Record<PlaceCaution, string>> = {
  shaved: 'Not straight after shaving.',
  broken: 'Not on open skin.',
  breast: 'Not on the breast.',
  'bath-little': 'Feels ice cold in bath water: use very little.',
};

const stageWords = { pregnant: 'pregnant', breastfeeding: 'breastfeeding' } as const;

const cautionWords = (catalog: Catalog, caution: LabelCaution): string | undefined => {
  switch (caution.code) {
    case 'out-of-sun':
      return `Keep treated skin out of sun for ${caution.hours} hours.`;
    case 'not-when':
      return `Not when ${caution.stages.map((stage) => stageWords[stage]).join(' or ')}.`;
    case 'not-under':
      return `Not for children under ${ageWords(caution.months)}.`;
    case 'not-near-face-under':
      return `Not on or near the face of children under ${ageWords(caution.months)}.`;
    case 'ask-first':
      return `Ask first with: ${formatList(caution.conditions.map(conditionWords))}.`;
    case 'allergies':
      return `Mind an allergy to: ${formatList(caution.to.map((id) => allergyWords(catalog, id)))}.`;
    case 'finding':
      return findingMessage(catalog, caution.finding);
    case 'kind':
      return kindOnLabel[caution.what];
    case 'place':
      return placeOnLabel[caution.what];
    case 'something-else':
      return `Also in it: ${caution.words}. It could not be checked.`;
    case 'bath-most':
      return `At most ${formatMl(caution.ml)} in a bath.`;
    case 'made-for':
      return `Made for ${caution.wearer.name ?? someoneOfAge(caution.wearer.ageMonths)}: not for others.`;
    case 'everywhere':
      return `${guidelines.everywhere.map(capitalised).join('. ')}.`;
  }
};

/** What stands in it: `13.5 ml`; of what is weighed `12.2 g, 13.5 ml`. */
const contentWords = ({ by, ml, g }: Label): string =>
  by === 'weight' ? `${formatG(g, 3)}, ${formatMl(ml, 3)}` : formatMl(ml, 3);

/** `For Ines`, `For a 4-year-old`, `For anyone`. */
const forWhomWords = ({ wearer }: Label): string =>
  wearer ? `For ${wearer.name ?? someoneOfAge(wearer.ageMonths)}` : 'For anyone';

/** A label in words. */
export const labelText = (catalog: Catalog, label: Label): LabelText => ({
  doNotUse: label.doNotUse,
  name: nameOrNone(label.name),
  what: `${capitalised(oneOf(label.kind))}, ${contentWords(label)}`,
  purpose: label.purpose,
  forWhom: forWhomWords(label),
  where: [
    placeWords[label.place],
    ...(label.use === 'rinse-off' ? ['rinsed off'] : []),
    ...(label.timesPerDay === null ? [] : [timesWords(label.timesPerDay)]),
  ].join(', '),
  oils: label.oils.map(({ name }) => name),
  bases: label.bases.map(({ name }) => name),
  strength: `${formatPercent(label.percent)}${label.by === 'weight' ? ' by weight' : ''}`,
  madeOn: label.madeOn,
  bestBefore: label.bestBefore,
  batch: label.batch,
  maker: label.maker,
  cautions: [...new Set(label.cautions.flatMap((caution) => cautionWords(catalog, caution) ?? []))],
});

/** What stands on a container that must not be used, and nothing else. */
export const doNotUseWords = 'DO NOT USE';

/** The short form, to be written by hand: four lines. */
export const handLabel = (label: LabelText): readonly string[] =>
  label.doNotUse
    ? [doNotUseWords]
    : [
        `${label.name}, ${label.strength}`,
        label.oils.join('; '),
        `${label.forWhom}. ${label.batch}`,
        `Made ${dayWords(label.madeOn)}, best before ${dayWords(label.bestBefore.date)}`,
      ];
