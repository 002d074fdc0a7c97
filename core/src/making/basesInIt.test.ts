import { expect, test } from 'vitest';
import { evaluate } from '../drops';
import { madeOut } from '../drops/worked.testing';
import { basesInIt } from './basesInIt';
import { done } from './events.testing';
import { stepsOf } from './stepsOf';
import { tallyOf } from './tally';

const namesAfter = (
  blend: ReturnType<typeof madeOut>['blend'],
  isDone: (id: string) => boolean,
) => {
  const { mixture } = evaluate(blend);
  const steps = stepsOf(blend, mixture);
  const tally = tallyOf(steps.filter(({ id }) => isDone(id)).map(({ id }) => done(id)));
  return basesInIt(blend, steps, tally, 0, mixture).map(({ base }) => base.id);
};

test('a bottle holds its carrier once it is topped up, and not before', () => {
  const { blend } = madeOut({ oils: [{ id: 'lavender', drops: 6 }], count: 2 });
  expect(namesAfter(blend, (id) => id.startsWith('count'))).toEqual([]);
  expect(namesAfter(blend, (id) => id === 'top-up/1')).toEqual([]);
  expect(namesAfter(blend, (id) => id === 'top-up/0')).toEqual(['jojoba']);
});

test('a pan holds what was weighed into it', () => {
  const { blend } = madeOut({
    by: 'weight',
    container: { id: 'tin-15' },
    oils: [{ id: 'lavender', drops: 6 }],
    bases: [
      { id: 'beeswax_yellow', percent: 20 },
      { id: 'jojoba', parts: 1 },
    ],
  });
  expect(namesAfter(blend, (id) => id === 'weigh/0/beeswax_yellow')).toEqual(['beeswax_yellow']);
});
