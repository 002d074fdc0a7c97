import { nameIn, type Catalog, type SmellFamily } from '../catalog';
import { hardlySmelt, type Assumption, type Phase } from '../scent';
import { capitalised, countedWords, formatList, formatMl, formatNumber } from './numbers';
import { nameInSentence } from './inSentence';

/** Families of smell as adjectives: `floral`, `woody`. */
const familyWords: Readonly<Record<SmellFamily, string>> = {
  citrus: 'citrus',
  fruit: 'fruity',
  green: 'green',
  herbal: 'herbal',
  minty: 'minty',
  camphor: 'camphorous',
  anise: 'like aniseed',
  floral: 'floral',
  sweet: 'sweet',
  spice: 'spicy',
  wood: 'woody',
  earth: 'earthy',
  resin: 'resinous',
  balsam: 'balsamic',
  smoke: 'smoky',
  animal: 'animal',
};

export const smellFamilyWords = (family: SmellFamily): string => familyWords[family];

/** `1 minute`, `20 minutes`, `2 hours`. */
export const afterWords = (minutes: number): string =>
  minutes < 120 || minutes % 60 !== 0
    ? countedWords(minutes, 'minute')
    : countedWords(minutes / 60, 'hour');

/** What rules at a time, in a sentence: `Opens citrus and floral: bergamot leads.` */
export const phaseWords = (
  catalog: Catalog,
  { minute, families, oils, intensity }: Phase,
  isFirst: boolean,
): string => {
  const when = isFirst ? 'It opens' : `After ${afterWords(minute)} it is`;
  if (intensity < hardlySmelt) {
    return isFirst
      ? 'It hardly smells of anything.'
      : `After ${afterWords(minute)} hardly anything is left to smell.`;
  }
  const smells = formatList(families.map((family) => familyWords[family]));
  const names = formatList(oils.map((id) => nameInSentence(catalog, id)));
  const verb = oils.length === 1 ? 'leads' : 'lead together';
  const leads = names === '' ? '' : `${capitalised(names)} ${verb}.`;
  return smells === ''
    ? `${when} hard to name. ${leads}`.trim()
    : `${when} ${smells}. ${leads}`.trim();
};

/** What was taken for granted, in a sentence. */
export const assumptionWords = (catalog: Catalog, assumption: Assumption): string => {
  switch (assumption.code) {
    case 'dose':
      return assumption.isOwn
        ? `One use is ${formatMl(assumption.ml)}, as you measured it, on skin at 32 °C in still air.`
        : `One use is two swipes of a roll-on, ${formatMl(assumption.ml)} on 10 cm² of skin at 32 °C in still air.`;
    case 'unknown-oil':
      return `What is in ${nameInSentence(catalog, assumption.oilId)} is not known: it is drawn by its note and its strength alone.`;
    case 'unnamed':
      return `Not known by name are ${formatList(assumption.oils.map(({ oilId, percent }) => `${formatNumber(Math.round(percent), 2)} % of ${nameInSentence(catalog, oilId)}`))}. From 20 % on that part is drawn by note and strength; less is left out.`;
    case 'pressures':
      return `Of ${formatNumber(assumption.estimated, 4)} of ${countedWords(assumption.of, 'constituent')} the vapour pressure is estimated.`;
    case 'thresholds':
      return `Of ${countedWords(assumption.names.length, 'constituent')}, ${formatNumber(assumption.percent, 2)} % of the oils, no odour threshold is known: they are left out of what is smelt.`;
    case 'changes':
      return changeWords[assumption.what];
    case 'rinsed':
      return assumption.isBath
        ? `It goes into a bath: after ${afterWords(assumption.minute)} the drawing ends, and how it spreads in water is not worked out.`
        : `It is rinsed off after ${afterWords(assumption.minute)}: there the smell ends. What had not left by then went with the water, and stands as remaining.`;
  }
};

const changeWords: Readonly<Record<Extract<Assumption, { code: 'changes' }>['what'], string>> = {
  water: 'Water is left out: while it dries, oils in it smell stronger than drawn.',
  alcohol:
    'Alcohol leaves in the first minutes and leaves a thinner film behind; that it cools skin is left out.',
  wax: 'Wax and butter are taken as melted on skin: while they are firm they hold oils back.',
  grains: 'Grains are left out: what clings to them leaves later than drawn.',
};

/** An oil that drowns the others. */
export const drownsWords = (catalog: Catalog, oilId: string): string =>
  `${nameIn(catalog, oilId)} drowns the rest.`;
