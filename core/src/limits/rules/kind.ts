import type { Mixture } from '../../mixture';
import { containerFacts, cautions } from '../../catalog';
import { isPast } from '../../quantity';
import { finding, type Finding, type KindCaution } from '../finding';
import { isBath } from '../placeWords';
import { knownWearer, type Question } from '../question';

const { bath, doses, heat, pours, sprays, water } = cautions;

const fats: ReadonlySet<string> = new Set(['oil', 'butter', 'wax']);

/** What takes up oil in water: a solubiliser, or soap. */
const dispersing: ReadonlySet<string> = new Set(['solubiliser', 'soap']);

const mlOf = (
  { bases }: Mixture,
  is: (kind: Mixture['bases'][number]['base']['kind']) => boolean,
): number => bases.reduce((total, { base, ml }) => (is(base.kind) ? total + ml.likely : total), 0);

/** True where grains are what it is, not what thickens it: over a quarter of its weight. */
const isScrub = ({ bases }: Mixture): boolean => {
  const weigh = (list: Mixture['bases']) => list.reduce((total, { g }) => total + g.likely, 0);
  return weigh(bases.filter(({ base }) => base.kind === 'dry')) > weigh(bases) / 4;
};

const say = (
  verdict: 'over' | 'caution' | 'note',
  what: KindCaution,
  subject = 'blend',
  source: string = bath.source,
): Finding => finding({ rule: 'kind', verdict, subject, source, reason: { code: 'kind', what } });

/** What disperses oil in water: fat carries the oil off, so that nothing does. */
const inBath = (mixture: Mixture): Finding[] => {
  const oil = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
  if (oil === 0) return [];
  const fat = mlOf(mixture, (kind) => fats.has(kind));
  const solubiliser = mlOf(mixture, (kind) => dispersing.has(kind));
  const emulsion = mlOf(mixture, (kind) => kind === 'emulsion');
  if (fat >= oil) return [say('caution', 'bath-fat'), say('note', 'bath-slip')];
  if (emulsion >= bath.solubiliserParts * oil && fat === 0) return [];
  if (solubiliser >= bath.solubiliserParts * oil) return fat > 0 ? [say('note', 'bath-slip')] : [];
  return [say('over', solubiliser > 0 ? 'bath-solubiliser' : 'bath-undispersed')];
};

/**
 * Oil in water that goes on skin: it floats, and is sprayed or poured undiluted, unless something
 * takes it up. Fat that is shaken with the water carries it, and so does alcohol of which there is
 * more than water.
 */
const floatsOnWater = (mixture: Mixture): boolean => {
  const oil = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
  const water = mlOf(mixture, (kind) => kind === 'aqueous');
  if (oil === 0 || water === 0) return false;
  return !(
    mlOf(mixture, (kind) => fats.has(kind)) >= oil ||
    mlOf(mixture, (kind) => kind === 'emulsion' || kind === 'emulsifier') > 0 ||
    mlOf(mixture, (kind) => kind === 'alcohol') > water ||
    mlOf(mixture, (kind) => dispersing.has(kind)) >= bath.solubiliserParts * oil
  );
};

/** Most drops of essential oil in a tub for someone of this age; an adult where no one is known. */
const dropsPerTub = (ageMonths: number): number =>
  bath.dropsPerTub.find(({ belowMonths }) => belowMonths === null || ageMonths < belowMonths)
    ?.drops ?? 0;

/** Containers of which one is one bath. */
const onePerBath: ReadonlySet<string> = new Set(['mould']);

/** Drops of essential oil that go into one tub, against what a tub takes at that age. */
const dropsInTub = ({ mixture, poured, brief, useMl, eachMl, containers }: Question): Finding[] => {
  const oil = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
  if (oil === 0) return [];
  const most = dropsPerTub(knownWearer(brief)?.ageMonths ?? Infinity);
  // Drops of the customary size: the figure is of those.
  const mostMl = (most / 20) * (poured.fillMl / oil);
  const used =
    useMl ??
    (isPast(eachMl, mostMl) && !containers.every((container) => onePerBath.has(container))
      ? null
      : eachMl);
  const isOver = used !== null && isPast(used, mostMl);
  if (used !== null && !isOver) return [];
  return [
    finding({
      rule: 'kind',
      verdict: isOver ? 'over' : 'note',
      source: bath.source,
      reason: { code: 'bath-drops', useMl: used, mostMl, drops: most },
    }),
  ];
};

/**
 * Rule 10. What a kind of product asks: in a bath only a real dispersion counts, and only so many
 * drops go into a tub; water without a preservative spoils. What is a matter of handling is a
 * note: hot wax, flame, fat that is slippery, what sets or is too thick to spray.
 */
export const kind = (question: Question): Finding[] => {
  const { mixture, brief, named, containers } = question;
  const found: Finding[] = isBath(brief.place, named)
    ? [...inBath(mixture), ...dropsInTub(question)]
    : floatsOnWater(mixture)
      ? [say('caution', 'water-floats', 'blend', water.source)]
      : [];
  const runs = containers.some((container) => containerFacts(container).runs);
  const sprayed = containers.includes('spray bottle');
  const isPreserved = mixture.bases.some(({ base }) => base.kind === 'preservative');
  const wholeG = mixture.totalG.likely;
  let burns = sprayed;
  let hot = false;
  for (const { base, g, ml } of mixture.bases) {
    if (base.kind === 'aqueous' && !isPreserved) {
      found.push(say('caution', 'water', base.id, water.source));
    }
    const dose = doses.find(({ of }) => of.includes(base.id));
    // One part of a hundred by volume is not past one percent for its density.
    const share = Math.min(g.likely / wholeG, ml.likely / mixture.fillMl);
    if (dose && isPast(100 * share, dose.mostPercent)) {
      found.push(say('note', 'much-of-it', base.id, dose.source));
    }
    if (base.kind === 'alcohol') burns = true;
    if (base.kind === 'wax' || base.kind === 'butter') hot = true;
    const highest = base.meltRangeC?.[1] ?? 0;
    if (base.kind === 'dry') {
      if (runs) found.push(say('note', 'dry', base.id, pours.source));
    } else if (runs && highest > pours.aboveC) {
      found.push(say('note', 'sets', base.id, pours.source));
    }
    if (sprayed && sprays.tooThick.includes(base.id)) {
      found.push(say('note', 'thick', base.id, sprays.source));
    }
  }
  if (sprayed && mixture.oils.length > 0) found.push(say('note', 'mist', 'blend', 'TEACH'));
  if (hot) found.push(say('note', 'hot-wax', 'blend', heat.source));
  if (isScrub(mixture) && !runs) found.push(say('note', 'keep-dry'));
  if (burns) found.push(say('note', 'flame'));
  return found.length > 0
    ? found
    : [
        finding({
          rule: 'kind',
          source: bath.source,
          verdict: 'within',
          reason: { code: 'nothing-found' },
        }),
      ];
};
