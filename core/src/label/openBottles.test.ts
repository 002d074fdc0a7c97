import { shelvedOf } from '../stock/shelved.testing';
import { describe, expect, test } from 'vitest';
import { shippedCatalog, withOpenBottles } from '../catalog';
import { asSettled, evaluate, settleMade } from '../drops';
import { madeOut } from '../drops/worked.testing';
import { analysesInUse, bottlesInUse, type ShelvedBottle } from '../stock';
import { known, oilOf } from '../catalog/known.testing';
import { labelOf } from './label';
import { plannedPieces } from './pieces';

/** With these bottles open in it. */
const opened = (bottles: readonly ShelvedBottle[], today: string) =>
  withOpenBottles(shippedCatalog, bottlesInUse(shippedCatalog, bottles, today));
describe('a bottle on the shelf', () => {
  const bottle = (more: Partial<ShelvedBottle>): ShelvedBottle =>
    shelvedOf({
      materialId: 'lemon',
      lot: 'L1',
      openedOn: '2026-01-10',
      atStart: 5,
      left: 5,
      ...more,
    });
  const onBlend = (bottles: readonly ShelvedBottle[], oil = 'lemon', today = '2026-11-25') => {
    const { blend, evaluation } = madeOut(
      { brief: { sun: 'covered' }, oils: [{ id: oil, drops: 2 }] },
      opened(bottles, today),
    );
    return { blend, ...evaluation };
  };
  const oilAge = (found: ReturnType<typeof onBlend>) =>
    found.findings.find(({ rule }) => rule === 'oil-age');

  test('within its time holds; without a bottle that is asked', () => {
    expect(oilAge(onBlend([bottle({})]))?.verdict).toBe('within');
    expect(oilAge(onBlend([]))).toMatchObject({
      verdict: 'note',
      reason: { code: 'oil-age-not-known' },
    });
  });

  test('past its time is over where the oil oxidises easily, to be minded where not', () => {
    const opened = '2010-01-01';
    expect(oilAge(onBlend([bottle({ openedOn: opened })]))).toMatchObject({
      verdict: 'over',
      blocking: false,
      subject: 'lemon',
    });
    const patchouli = bottle({ materialId: 'patchouli', openedOn: opened });
    expect(oilAge(onBlend([patchouli], 'patchouli'))?.verdict).toBe('caution');
  });

  test('a printed date that is past counts though it was opened late', () => {
    const found = oilAge(onBlend([bottle({ openedOn: '2026-11-01', printedDate: '2026-06-30' })]));
    expect(found?.reason).toMatchObject({
      bottle: { because: 'printed', keepsUntil: '2026-06-30' },
    });
  });

  test('a measured drop beats the usual size', () => {
    // 20 drops of 0.85 g/ml weigh 0.68 g: 0.04 ml a drop, in place of 0.05.
    const density = oilOf('lemon').densityGPerMl ?? 1;
    const weighed = bottle({ weighings: [{ drops: 20, massG: 20 * 0.04 * density }] });
    const { mixture } = onBlend([weighed]);
    expect(mixture.oils[0]?.ml.likely).toBeCloseTo(0.08, 9);
  });

  test('its own analysis takes the place of typical content', () => {
    const analysis = {
      source: 'batch analysis of lot L1',
      contents: [['geranial', 5, 5, 5] as [string, number, number, number]],
    };
    const citral = (found: ReturnType<typeof onBlend>) =>
      found.findings.find(({ rule, subject }) => rule === 'constituent' && subject === 'citral');
    const typical = citral(onBlend([bottle({})]))?.value?.likely ?? 0;
    const analysed = citral(onBlend([bottle({ analysis })]))?.value?.likely ?? 0;
    expect(analysed).toBeGreaterThan(typical);
  });

  test('the one that goes out of date first is in use; a finished one is not', () => {
    const old = bottle({ lot: 'old', openedOn: '2025-12-01' });
    const recent = bottle({ lot: 'new', openedOn: '2026-05-01' });
    const lot = (bottles: readonly ShelvedBottle[]) =>
      onBlend(bottles).blend.formula.oils[0]?.bottle?.lot;
    expect(lot([recent, old])).toBe('old');
    expect(lot([recent, { ...old, finishedOn: '2026-06-01' }])).toBe('new');
    expect(lot([{ ...recent, openedOn: null }])).toBeUndefined();
  });

  /** Two drops of lemon, settled for a batch in a house with these bottles. */
  const settledWith = (bottles: readonly ShelvedBottle[]) => {
    const { recipe, blend, evaluation } = madeOut(
      { oils: [{ id: 'lemon', drops: 2 }] },
      opened(bottles, '2026-11-25'),
    );
    return { recipe: asSettled(recipe, blend, evaluation), blend };
  };
  const weighed = [bottle({ weighings: [{ drops: 20, massG: 1.2 }] })];

  test('a batch stays as it was made, whatever becomes of the bottle', () => {
    const { recipe } = settledWith([bottle({})]);
    const oilIn = (bottles: readonly ShelvedBottle[]) =>
      evaluate(settleMade(opened(bottles, '2030-01-01'), recipe)).mixture.oils[0];
    const before = oilIn([bottle({})]);
    expect(before?.bottle?.lot).toBe('L1');

    // Weighed afterwards, and then finished: neither reaches what was made.
    expect(oilIn(weighed)).toEqual(before);
    expect(oilIn([])).toEqual(before);
  });

  test('nor does a bottle reach a batch that was made of none', () => {
    const { recipe } = settledWith([]);
    const oil = evaluate(settleMade(opened(weighed, '2026-11-25'), recipe)).mixture.oils[0];
    expect(oil?.bottle).toBeUndefined();
    expect(oil?.ml.likely).toBeCloseTo(0.1, 9);
  });

  test('without lot numbers another bottle’s analysis does not become that of a batch', () => {
    const found = (percent: number) =>
      ({
        source: 'its sheet',
        contents: [['limonene', percent, percent, percent]],
      }) satisfies ShelvedBottle['analysis'];
    const { recipe, blend } = settledWith([bottle({ lot: '', analysis: found(70) })]);
    const analyses = analysesInUse(blend.catalog, ['lemon']);
    // Another bottle, without a lot number too, is opened after that.
    const later = opened([bottle({ lot: '', analysis: found(20) })], '2026-11-26');
    const contents = settleMade(later, recipe, analyses).formula.oils[0]?.oil.counted?.constituents;
    expect(contents?.[0]).toEqual(['limonene', 70, 70, 70]);
    expect(settleMade(later, recipe).formula.oils[0]?.oil.counted).toBe(oilOf('lemon').counted);
  });

  test('the label goes by the bottles, of bases too', () => {
    const jojoba = bottle({ materialId: 'jojoba', lot: 'J', printedDate: '2027-01-31' });
    const { blend, ...evaluation } = onBlend([jojoba]);
    const [piece] = plannedPieces(blend, evaluation);
    const facts = { batch: '', madeOn: '2026-11-25', maker: '' };
    const label = labelOf(blend, known(piece), facts);
    expect(label.bestBefore).toEqual({ date: '2027-01-31', because: 'jojoba' });
  });
});
