import 'fake-indexeddb/auto';
import { expect, test } from 'vitest';
import { answerStore, isOfPerson } from './answers';
import { blendStore } from './blends';
import { openDatabase } from './database';
import { peopleStore } from './people';

const house = async () => {
  const store = openDatabase(`answers-${crypto.randomUUID()}`);
  const personId = await peopleStore(store).add({
    name: 'Ines',
    born: '1985-06',
    pregnant: false,
    breastfeeding: false,
    conditions: [],
    allergies: [],
    skin: 'normal',
  });
  const blends = blendStore(store);
  const id = await blends.create({ oilId: 'lavender' });
  const record = await blends.get(id);
  if (!record) throw new Error('no blend');
  const { recipe } = record;
  await blends.write(
    id,
    {
      ...recipe,
      brief: {
        ...recipe.brief,
        personId,
        wearer: {
          name: 'Ines',
          ageMonths: 480,
          pregnant: false,
          breastfeeding: false,
          conditions: [],
          allergies: [],
          skin: 'normal',
        },
      },
    },
    record.revision,
  );
  return { store, personId, id, blends, answers: answerStore(store) };
};

test('an answer of somebody in the house is in their record, and so in every blend of theirs', async () => {
  const { answers, personId, id, blends } = await house();
  await answers.ofPerson(personId, {
    asked: ['condition: anticoagulants', 'condition: epilepsy'],
    conditions: ['anticoagulants'],
  });
  const brief = (await blends.get(id))?.recipe.brief;
  expect(brief?.asked).toEqual(['condition: anticoagulants', 'condition: epilepsy']);
  expect(brief?.wearer).toMatchObject({ conditions: ['anticoagulants'] });
});

test('what their record says no more is said by no blend: a blend keeps answers of its own name alone', async () => {
  const { answers, personId, id, blends, store } = await house();
  await answers.ofBlend(id, { asked: ['place: eye'] });
  await answers.ofPerson(personId, { asked: ['everything'] });
  expect((await blends.get(id))?.recipe.brief.asked).toEqual(['place: eye', 'everything']);
  await blends.seen(id);
  const found = await store.people.get(personId);
  if (!found) throw new Error('nobody');
  await peopleStore(store).write(personId, { ...found.person, asked: [] });
  expect((await blends.get(id))?.recipe.brief.asked).toEqual(['place: eye']);
});

test('an answer of somebody in the house can be taken back: their record is as it was', async () => {
  const { answers, personId, id, blends, store } = await house();
  const before = await answers.ofPerson(personId, { asked: ['stage'], stages: ['pregnant'] });
  expect((await blends.get(id))?.recipe.brief.wearer).toMatchObject({ pregnant: true });
  await peopleStore(store).write(personId, before);
  const brief = (await blends.get(id))?.recipe.brief;
  expect(brief?.wearer).toMatchObject({ pregnant: false });
  expect(brief?.asked).toEqual([]);
});

test('an answer about the place belongs to the blend, whoever wears it', () => {
  expect(isOfPerson('ines', { asked: ['place: eye'] })).toBe(false);
  expect(isOfPerson('ines', { asked: ['stage'] })).toBe(true);
  expect(isOfPerson(null, { asked: ['stage'] })).toBe(false);
});
