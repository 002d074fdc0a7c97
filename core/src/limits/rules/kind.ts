import { cautions } from '../../library/library';
import { finding, type Finding, type KindCaution } from '../finding';
import type { Question } from '../question';

const { bath, pours } = cautions;

/** Vessels from which the blend must run. */
const runsFrom = new Set([
  'roll-on',
  'dropper bottle',
  'treatment pump',
  'pump bottle',
  'spray bottle',
]);

/**
 * Rule 10. What a kind of product asks: oil in a bath lies on the water as a film unless
 * something disperses it; water in an oil blend separates and spoils; what sets in a cool
 * room does not run out of a bottle; alcohol and sprays burn near a flame.
 */
export const kind = ({ mixture, brief, vessel }: Question): Finding[] => {
  const common = { rule: 'kind', source: bath.source } as const;
  const say = (what: KindCaution, subject = 'blend', source = bath.source): Finding =>
    finding({ ...common, verdict: 'mind', subject, source, reason: { code: 'kind', what } });
  const found: Finding[] = [];
  const solubiliser = mixture.bases
    .filter(({ base }) => base.kind === 'solubiliser')
    .reduce((total, { ml }) => total + ml.likely, 0);
  const oil = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
  if (brief.place === 'bath' && oil > 0 && solubiliser < bath.solubiliserParts * oil) {
    found.push(say(solubiliser > 0 ? 'bath-solubiliser' : 'bath-film'));
  }
  let burns = vessel === 'spray bottle';
  for (const { base } of mixture.bases) {
    if (base.kind === 'aqueous') found.push(say('water', base.id));
    if (base.kind === 'alcohol') burns = true;
    if (!runsFrom.has(vessel)) continue;
    const highest = base.meltRangeC?.[1] ?? 0;
    if (base.kind === 'dry') found.push(say('dry', base.id, pours.source));
    else if (highest > pours.aboveC) found.push(say('sets', base.id, pours.source));
  }
  if (burns) found.push(say('flame'));
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'holds', reason: { code: 'nothing-found' } })];
};
