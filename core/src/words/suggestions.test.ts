import { describe, expect, test } from 'vitest';
import { variantFor } from '../advice';
import type { Wearer } from '../brief';
import { healthyAdult } from '../brief/wearer.testing';
import { shippedCatalog } from '../catalog';
import { recipeFrom } from '../recipe/recipe.testing';
import { suggestionWords, variantWords } from './suggestions';

const rollOn = (drops: Readonly<Record<string, number>>) =>
  recipeFrom({
    brief: { wearer: 'anyone', place: 'pulse-points' },
    bases: [{ id: 'jojoba', parts: 1 }],
    oils: Object.entries(drops).map(([id, count]) => ({ id, drops: count })),
  });

describe('what is changed for somebody, in a few words', () => {
  const suggestionWords = (
    drops: Readonly<Record<string, number>>,
    more: Partial<Wearer>,
  ): string => {
    const own = rollOn(drops);
    const variant = variantFor(shippedCatalog, own, {
      wearer: { ...healthyAdult, ...more },
      personId: 'x',
    });
    return variantWords(shippedCatalog, variant, own);
  };
  test.each([
    ['nothing', { lavender: 1 }, {}, 'Nothing: it suits them as it is'],
    ['less of it', { lavender: 12 }, {}, 'Weaker, in the same proportions'],
    [
      'finer drops',
      { lavender: 2, 'cedarwood-atlas': 2, frankincense: 2 },
      { pregnant: true, trimester: 2 },
      'Weaker, in a 30 ml roll-on',
    ],
    ['an oil less', { lavender: 3, peppermint: 1 }, { ageMonths: 30 }, /^Without peppermint/],
    [
      'no oils at all',
      { lavender: 3 },
      { ageMonths: 1 },
      'No essential oils at this age and place.',
    ],
  ] as const)('%s', (_, drops, more, words) => {
    expect(suggestionWords(drops, more as Partial<Wearer>)).toMatch(words);
  });
});

test('several changes are one sentence, each amount from what to what', () => {
  expect(
    suggestionWords(
      shippedCatalog,
      {
        kind: 'several',
        changes: [
          { kind: 'remove', ids: ['peppermint', 'cedarwood-atlas'] },
          { kind: 'amounts', amounts: { lavender: { unit: 'drops', value: 2 } } },
          { kind: 'container', id: 'dropper-30', count: 1 },
        ],
      },
      rollOn({ lavender: 6, peppermint: 2, 'cedarwood-atlas': 2 }),
    ),
  ).toMatch(
    /^Without peppermint and Atlas cedarwood, and lavender: 6 drops to 2 drops, and use a 30 ml dropper/i,
  );
});
