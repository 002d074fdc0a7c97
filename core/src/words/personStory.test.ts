import { expect, test } from 'vitest';
import { personStory, type PersonStoryOf } from './personStory';

const story = (of: Partial<PersonStoryOf>) =>
  personStory({
    made: [],
    got: [],
    tests: [],
    agreed: [],
    nameOf: (id) => (id === 'gone' ? null : `Encore, batch ${id}`),
    nowMs: Date.parse('2026-11-30T12:00:00.000Z'),
    ...of,
  });

const got = {
  batchId: '2026-003',
  pieces: 1,
  which: '',
  personId: 'ines',
  name: 'Ines',
  on: '2026-11-20',
};

test('what was made for someone and given to them is told once', () => {
  const told = story({ made: [{ id: '2026-003', madeOn: '2026-11-18' }], got: [got] });
  expect(told.map(({ title }) => title)).toEqual(['Got Encore, batch 2026-003']);
});

test('what is made and not given is told by the day on which it was made', () => {
  expect(story({ made: [{ id: '2026-004', madeOn: '2026-11-21' }] })).toEqual([
    {
      batchId: '2026-004',
      at: '2026-11-21',
      title: 'Encore, batch 2026-004 was made for them',
      text: '',
      kind: 'made',
    },
  ]);
});

test('a reaction comes after what it was to, and leads there', () => {
  const reaction = { on: '2026-11-22', what: 'red and itchy', followedOn: null };
  const [, reacted] = story({ got: [{ ...got, reaction }] });
  expect(reacted).toMatchObject({ batchId: '2026-003', text: 'red and itchy', kind: 'trouble' });
});

test('a batch that is gone leads nowhere, and is told all the same', () => {
  const [entry] = story({ got: [{ ...got, batchId: 'gone' }] });
  expect(entry).toMatchObject({ batchId: null, title: 'Got a batch that is gone' });
});

test('what they agreed to has its day', () => {
  const told = story({ got: [got], agreed: [{ on: '2026-05-03', words: 'yes, on the phone' }] });
  expect(told[0]).toMatchObject({ at: '2026-05-03', title: 'Agreed', text: '“yes, on the phone”' });
});
