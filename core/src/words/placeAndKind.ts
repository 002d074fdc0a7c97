import { cautions } from '../catalog';
import type { KindCaution, PlaceCaution, PlaceWord } from '../limits';
import { ageWords } from './brief';
import { formatPercent } from './numbers';

/** What a place asks, in a sentence. */
export const placeCautionWords = (what: PlaceCaution, name: string): string => {
  switch (what) {
    case 'mucosa':
      return 'No essential oil in eyes, inner nose, ear canal or mouth.';
    case 'intimate':
      return 'No essential oil on the genitals: the skin is thin and burns easily.';
    case 'nipple':
      return 'No essential oil on nipples: a baby would swallow it.';
    case 'nappy':
      return 'No essential oil under a nappy: damp, chafed, covered skin absorbs more.';
    case 'lips-light':
      return `${name} is phototoxic and is not for lips, which cannot be covered.`;
    case 'shaved':
      return 'Freshly shaved or damp skin reacts easily: do not use it straight after shaving.';
    case 'broken':
      return 'Inflamed skin absorbs more and stings: keep it weak, and off skin that is open.';
    case 'breast':
      return 'While breastfeeding, keep it off the breast and away from where the baby’s face rests.';
    case 'bath-child':
      return `No essential oil in the bath of children under ${ageWords(cautions.bath.noneBelowMonths)}.`;
    case 'bath-keep-out':
      return `${name} irritates skin in bath water: keep it out of the bath.`;
    case 'bath-little':
      return `${name} feels very cold in bath water: use very little.`;
  }
};

/** Why a word in the name or purpose of a blend is asked about. */
export const placeWordWords: Readonly<Record<PlaceWord, string>> = {
  mucosa: 'No essential oil in eyes, ears or nose.',
  nipple: 'No essential oil on nipples while breastfeeding.',
  intimate: 'No essential oil on the genitals.',
  nappy: 'No essential oil under a nappy.',
  mouth: 'These blends are for skin only. Never swallow them or put them in the mouth.',
  wound: 'No essential oil on open wounds, burns, sunburn or a fresh tattoo.',
  child: 'Is it for a child? Then the child is who it is for: the limits are lower.',
  pregnancy: 'Is it for someone pregnant? Then say so under who it is for: the limits are lower.',
  breathed:
    'These blends are for skin only. Oils are never breathed in from a vape or a nebuliser.',
  animal: 'These limits are for people: essential oils can poison animals. Ask a vet.',
};

/** What a kind of product asks, in a sentence or two. */
export const kindCautionWords = (what: KindCaution, name: string, id: string): string => {
  switch (what) {
    case 'bath-undispersed':
      return 'Nothing in it disperses the oil in water: it floats as a film and reaches skin undiluted. Mix it into a solubiliser first.';
    case 'bath-solubiliser':
      return `There is less solubiliser than ${cautions.bath.solubiliserParts} parts to 1 of essential oil: some of it will float and reach skin undiluted.`;
    case 'bath-fat':
      return 'In a bath, fat floats on the water as a film, and the oils with it.';
    case 'water':
      return `${name} spoils without a preservative: it keeps ${cautions.water.keepsDays} days, not months. Shake it, since it does not mix with oil.`;
    case 'sets':
      return `${name} thickens in a cool room and will not pour: warm the bottle in your hand first, or use less of it.`;
    case 'flame':
      return 'It burns: keep it away from flames, cigarettes and heaters while it is sprayed or wet.';
    case 'dry':
      return `${name} does not dissolve in oil: it will clog this container.`;
    case 'thick':
      return `${name} is too thick for most sprays. Mix it with a lighter oil, or use a pump bottle.`;
    case 'mist':
      return 'An oil mist must not be breathed in: spray it into your hand or close to the skin, never into the air.';
    case 'bath-slip':
      return 'Fat makes the bath slippery: hold on to something, and rinse the bath afterwards.';
    case 'hot-wax':
      return 'Hot wax and fat burn skin: use a water bath and no open flame, keep children away, and never leave it unattended.';
    case 'much-of-it': {
      const usual = cautions.doses.find(({ of }) => of.includes(id))?.mostPercent ?? 1;
      return `${name}: that is a lot. Up to ${formatPercent(usual)} of the whole is usual.`;
    }
    case 'water-floats':
      return 'Oil floats on water: without a solubiliser some of it reaches skin undiluted. Mix it into a solubiliser first.';
    case 'keep-dry':
      return 'Water spoils it: use dry fingers or a spoon. In a shower it makes the floor slippery.';
  }
};
