import type { Mixture } from '../../mixture';
import { containerFacts, cautions } from '../../catalog';
import { finding, type Finding, type KindCaution } from '../finding';
import type { Question } from '../question';

const { bath, heat, pours, sprays } = cautions;

/** True where grains are what it is, not what thickens it: over a quarter of its weight. */
const isScrub = ({ bases }: Mixture): boolean => {
  const weigh = (list: Mixture['bases']) => list.reduce((total, { g }) => total + g.likely, 0);
  return weigh(bases.filter(({ base }) => base.kind === 'dry')) > weigh(bases) / 4;
};

/**
 * Rule 10. What a kind of product asks: oil in a bath lies on the water as a film unless
 * something disperses it, and fat makes the tub slippery; water in an oil blend separates and
 * spoils; what sets in a cool room does not run out of a bottle, and what is thick is not
 * sprayed; hot wax burns; alcohol and sprays burn near a flame.
 */
export const kind = ({ mixture, brief, containers }: Question): Finding[] => {
  const common = { rule: 'kind', source: bath.source } as const;
  const say = (what: KindCaution, subject = 'blend', source = bath.source): Finding =>
    finding({ ...common, verdict: 'caution', subject, source, reason: { code: 'kind', what } });
  const found: Finding[] = [];
  const solubiliser = mixture.bases
    .filter(({ base }) => base.kind === 'solubiliser')
    .reduce((total, { ml }) => total + ml.likely, 0);
  const oil = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
  if (brief.place === 'bath' && oil > 0 && solubiliser < bath.solubiliserParts * oil) {
    found.push(say(solubiliser > 0 ? 'bath-solubiliser' : 'bath-film'));
  }
  const fat = mixture.bases.some(
    ({ base }) => base.kind === 'oil' || base.kind === 'butter' || base.kind === 'wax',
  );
  if (brief.place === 'bath' && fat && found.length === 0) found.push(say('bath-slip'));
  const runs = containers.some((container) => containerFacts(container).runs);
  const sprayed = containers.includes('spray bottle');
  let burns = sprayed;
  let hot = false;
  for (const { base } of mixture.bases) {
    if (base.kind === 'aqueous') found.push(say('water', base.id));
    if (base.kind === 'alcohol') burns = true;
    if (base.kind === 'wax' || base.kind === 'butter') hot = true;
    const highest = base.meltRangeC?.[1] ?? 0;
    if (base.kind === 'dry') {
      if (runs) found.push(say('dry', base.id, pours.source));
    } else if (runs && highest > pours.aboveC) found.push(say('sets', base.id, pours.source));
    if (sprayed && sprays.tooThick.includes(base.id)) {
      found.push(say('thick', base.id, sprays.source));
    }
  }
  if (hot) found.push(say('hot-wax', 'blend', heat.source));
  if (isScrub(mixture) && !runs) found.push(say('keep-dry'));
  if (burns) found.push(say('flame'));
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
