import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { JudgedCase } from '../judgedCase.testing';
import { judged, found } from '../judged.testing';

test('a balm where weight matters more than volume', () => {
  // Wintergreen (1.18 g/ml) in jojoba (0.867): by volume within its 2.4 %, by weight past it.
  const given: JudgedCase = { oils: { wintergreen: ml(0.19) } };
  const own = found(given, 'constituent', 'methyl salicylate');
  expect(own).toMatchObject({ by: 'weight', verdict: 'over' });
  expect(judged(given).mixture.oils[0]?.byVolume.likely).toBeLessThan(2.4);
});

describe('constituents together, across oils', () => {
  // By hand, in 9.5 ml: lemongrass 0.06 ml is 0.6316 %, melissa 0.04 ml is 0.4211 %. Citral, the
  // typical geranial and neral added up: 74.75 % and 49 %. So 0.4721 + 0.2063 = 0.678 %, by volume;
  // the oils are heavier than jojoba, so that by weight it is a little more.
  const citrals: JudgedCase = { oils: { lemongrass: ml(0.06), melissa: ml(0.04) } };

  test('two oils that each keep their own limit can break a shared one', () => {
    expect(found(citrals, 'oil-maximum', 'lemongrass').verdict).not.toBe('over');
    expect(found(citrals, 'oil-maximum', 'melissa').verdict).not.toBe('over');
    const citral = found(citrals, 'constituent', 'citral');
    expect(citral).toMatchObject({ verdict: 'over', blocking: false, limit: 0.6, by: 'weight' });
    expect(citral.value?.likely).toBeGreaterThan(0.678);
    expect(citral.value?.likely).toBeLessThan(0.71);
    expect(citral.reason).toMatchObject({ oils: ['lemongrass', 'melissa'] });
  });

  test('the same blend in a larger bottle keeps it', () => {
    const larger = found({ ...citrals, container: 'roll-on-30' }, 'constituent', 'citral');
    expect(larger.verdict).toBe('within');
  });

  test('high content alone is good to know; of a carcinogen it is a caution', () => {
    // Melissa 0.075 ml in 9.5 ml is 0.789 %: 49 % of it is 0.387 %, 75 % of it is 0.592 %.
    const citral = found({ oils: { melissa: ml(0.075) } }, 'constituent', 'citral');
    expect(citral.verdict).toBe('note');
    // Rose otto: 1.7 % methyl eugenol typically, 3.3 % at most. 0.095 ml in 9.5 ml is 1 %: 0.017 of
    // 0.02 % likely is 85 %, 0.033 % at the high end is past it.
    const rose = found({ oils: { 'rose-otto': ml(0.09) } }, 'constituent', 'methyl eugenol');
    expect(rose.verdict).toBe('caution');
    expect(rose.value?.likely).toBeLessThan(0.018);
  });

  test('past twice a cap there is no way round', () => {
    // Holy basil: 4.5 % methyl eugenol. 1 % of it holds 0.045 %, past twice 0.02 %.
    const found1 = found({ oils: { 'holy-basil': ml(0.095) } }, 'constituent', 'methyl eugenol');
    expect(found1).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('an oil that only its constituents limit is cleared by them, or held back', () => {
    expect(judged({ oils: { caraway: ml(0.001) } }).verdict).toBe('within');
    expect(judged({ oils: { caraway: ml(0.3) } }).verdict).toBe('over');
  });

  test('on lips and underarm the figures of the kind of product count', () => {
    const given: JudgedCase = { oils: { lemongrass: ml(0.001) }, brief: { place: 'lips' } };
    // Citral, recalled: 0.11 % for lips, 0.032 % for underarm. Geraniol, 4.7 % in perfume: 0.18 of it.
    expect(found(given, 'constituent', 'citral')).toMatchObject({ limit: 0.11, verdict: 'within' });
    expect(found({ ...given, brief: { place: 'underarm' } }, 'constituent', 'citral').limit).toBe(
      0.032,
    );
    const geraniol = found(given, 'constituent', 'geraniol');
    expect(geraniol.limit).toBeCloseTo(0.846);
    expect(geraniol.reason).toMatchObject({ category: 'lips', derived: true });
  });
});
