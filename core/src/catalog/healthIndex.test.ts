import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { allergyFamilyIds } from './allergyFamilies';
import { namesOfAllergy } from './allergyNames';
import { namesOfCondition, withoutCautions } from './conditionNames';
import { conditionIds } from './conditions';
import { familiesInName, readAllergy, readCondition } from './healthIndex';

describe('conditions and medicines in someone’s own words', () => {
  test.each([
    ['warfarin', ['anticoagulants']],
    ['Takes Warfarin 3 mg daily', ['anticoagulants']],
    ['haemophilia', ['bleeding disorder']],
    ['Hemophilia', ['bleeding disorder']],
    ['favism', ['g6pd deficiency']],
    ['Rosacea', ['hypersensitive or damaged skin']],
    ['PSORIASIS', ['hypersensitive or damaged skin']],
    ['hormone-sensitive cancer', ['estrogen-dependent cancer']],
    ['kidney failure', ['kidney disease']],
    ['AF', ['atrial fibrillation']],
    ['tamoxifen', ['cyp2d6 drugs', 'estrogen-dependent cancer']],
    ['epilepsy and asthma', ['epilepsy', 'asthma']],
    ['warfarin, doxycycline', ['anticoagulants', 'light-sensitising medicine']],
    ['febrile seizures', ['febrile seizures']],
  ])('%s', (text, expected) => {
    const { conditions, unread } = readCondition(text);
    expect(new Set(conditions)).toEqual(new Set(expected));
    expect(unread).toEqual([]);
  });

  test('of common conditions the literature says nothing on skin: they are no riddle', () => {
    for (const text of ['High blood pressure', 'diabetes', 'thyroid', 'depression', 'sertraline']) {
      expect(readCondition(text)).toMatchObject({ conditions: [], unread: [] });
      expect(readCondition(text).withoutCaution).toHaveLength(1);
    }
  });

  test('what is not known is said, and only that', () => {
    expect(readCondition('warfarin and lunar fever')).toMatchObject({
      conditions: ['anticoagulants'],
      unread: ['lunar fever'],
    });
    expect(readCondition('lunar fever').unread).toEqual(['lunar fever']);
    // The opposite of a condition is not that condition.
    expect(readCondition('no epilepsy')).toMatchObject({ conditions: [], unread: ['no epilepsy'] });
    // A name of the other list counts only where it is all that was typed.
    expect(readCondition('cherry angioma')).toMatchObject({
      allergies: [],
      unread: ['cherry angioma'],
    });
    // A short name is not found inside other words.
    expect(readCondition('after a fall')).toMatchObject({ conditions: [] });
  });

  test('an answer that names nothing is none', () => {
    for (const text of ['none', 'N/A', 'No known allergies', 'nil']) {
      expect(readCondition(text)).toMatchObject({ conditions: [], allergies: [], unread: [] });
    }
  });

  test('an allergy among the conditions is read as one', () => {
    expect(readCondition('nut allergy').allergies).toEqual(['tree nut']);
    expect(readCondition('allergic to bees').allergies).toEqual(['bee product']);
    expect(readCondition('aspirin allergy')).toMatchObject({ conditions: ['aspirin sensitivity'] });
  });
});

describe('allergies in someone’s own words', () => {
  test.each([
    ['hazelnuts', ['tree nut']],
    ['Allergic to macadamia', ['tree nut']],
    ['nut allergy', ['tree nut']],
    ['peanuts', ['peanut']],
    ['soya', ['soy']],
    ['coeliac disease', ['gluten']],
    ['Asteraceae', ['daisy family']],
    ['wheat, sesame & bees', ['gluten', 'sesame', 'bee product']],
  ])('%s', (text, expected) => {
    const { allergies, unread } = readAllergy(text);
    expect(new Set(allergies)).toEqual(new Set(expected));
    expect(unread).toEqual([]);
  });

  test('aspirin is a condition by another name', () => {
    expect(readAllergy('aspirin').conditions).toEqual(['aspirin sensitivity']);
    expect(readCondition('aspirin').conditions).toEqual(['anticoagulants']);
  });

  test('the name of a base speaks of a family', () => {
    expect(familiesInName('Cold-pressed ALMOND oil')).toEqual(['tree nut']);
    expect(familiesInName('Calendula in sunflower')).toEqual(['daisy family']);
    expect(familiesInName('Coconut oil')).toEqual(['coconut']);
    expect(familiesInName('Nutmeg butter')).toEqual([]);
  });
});

test('every name of the vocabulary leads to what it is of, in any case', () => {
  for (const id of conditionIds) {
    const { names, medicines = [] } = namesOfCondition(id);
    for (const name of [id, ...names, ...medicines]) {
      expect(readCondition(name.toUpperCase()).conditions, name).toContain(id);
    }
  }
  for (const id of allergyFamilyIds) {
    for (const name of [id, ...namesOfAllergy(id).names]) {
      expect(readAllergy(name.toUpperCase()).allergies, name).toContain(id);
    }
  }
  for (const { id, names } of withoutCautions) {
    for (const name of names) expect(readCondition(name).withoutCaution, name).toEqual([id]);
  }
});

test('any text is read in part or said to be unread, and nothing of it is lost', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 60 }), (text) => {
      const { conditions, allergies, withoutCaution, unread } = readCondition(text);
      const said = [...conditions, ...allergies, ...withoutCaution, ...unread];
      const names = /[\p{L}\p{N}]/u.test(text);
      const saysNone = /^\W*(?:n\W*a|no|nil|none)\W*$/i.test(text);
      expect(said.length > 0 || !names || saysNone).toBe(true);
    }),
  );
});
