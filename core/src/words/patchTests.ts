import type { PatchTest, SkinSign, TestStanding } from '../batch';

const signs: Readonly<Record<SkinSign, string>> = {
  clear: 'no change',
  pink: 'a little pink',
  red: 'red, or it itches',
  raised: 'swollen, or small bumps',
  blisters: 'blisters, weeping or pain',
};

/** What skin shows, in a few words. */
export const skinWords = (sign: SkinSign): string => signs[sign];

const standings: Readonly<Record<TestStanding, string>> = {
  waiting: 'on the skin, nothing to read yet',
  'due-24': 'the reading after 24 hours is due',
  'due-48': 'the reading after 48 hours is due',
  clear: 'clear after 48 hours',
  doubtful: 'doubtful: repeat it',
  reacted: 'a reaction',
  stopped: 'stopped before it could be read',
};

/** Where a patch test is, in a few words. */
export const standingWords = (standing: TestStanding): string => standings[standing];

/** What is tested: `Encore, batch 2026-003`, `Lavender alone`. */
export const testedWords = ({ of }: Pick<PatchTest, 'of'>): string =>
  of.kind === 'batch'
    ? `${of.name ? `${of.name}, batch` : 'Batch'} ${of.number}`
    : `${of.name} alone`;

/** What to do, by where a test is and what is tested. */
export const testAdvice = ({ of }: Pick<PatchTest, 'of'>, standing: TestStanding): string => {
  switch (standing) {
    case 'waiting':
      return 'Leave it on and keep it dry. If it burns or itches, wash it off with soap and water and save what you see.';
    case 'due-24':
    case 'due-48':
      return 'Look in daylight, and choose the picture that comes closest.';
    case 'clear':
      return 'No reaction after two days. Skin can still change: stop using it if it irritates.';
    case 'doubtful':
      return 'Wait until the skin is clear, then test again on another spot.';
    case 'stopped':
      return 'It says nothing either way. Begin another before it is used.';
    case 'reacted':
      return of.kind === 'batch'
        ? 'Don’t use it on them. If it spreads, or the face or mouth swells, call for help at once. Later, test its materials one by one.'
        : 'From now on this material is an allergy of theirs. If it spreads, or the face or mouth swells, call for help at once.';
  }
};
