import { describe, expect, test } from 'vitest';
import { evaluate, judgedAs } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { drops, ml } from '../mixture/measures.testing';
import { explain, sourceWords } from './explain';
import { questionOf, type RuleId } from '../limits';

type Asked = Parameters<typeof blendOf>[0];

const explained = (given: Asked, rule: RuleId, subject = 'blend') => {
  const blend = blendOf(given);
  const { findings, mixture } = evaluate(blend);
  const found = findings.find((finding) => finding.rule === rule && finding.subject === subject);
  if (!found) throw new Error(`no finding of ${rule}`);
  return explain(blend.catalog, found, questionOf(judgedAs(blend, mixture)));
};

describe('a finding is written out', () => {
  test('one oil: drops, ml, and both measures of strength', () => {
    const { arithmetic } = explained(
      { oils: { 'ylang-ylang': drops(2) } },
      'oil-maximum',
      'ylang-ylang',
    );
    // 0.1 ml of 9.5 ml is 1.05 %; 0.0935 g of 8.243 g is 1.13 %.
    expect(arithmetic).toEqual([
      'Ylang ylang: 2 drops × 0.05 ml = 0.1 ml.',
      'Ylang ylang: 100 × 0.1 ml / 9.5 ml = 1.1 % by volume.',
      'Ylang ylang: 100 × 0.094 g / 8.24 g = 1.1 % by weight.',
    ]);
  });

  test('the whole blend: every row that applies, and what the other school says', () => {
    const { arithmetic, others } = explained({ oils: { lavender: drops(6) } }, 'whole-blend');
    expect(arithmetic.join(' ')).toMatch(/For this age: recommended 2\.5 %, at most 5 %/);
    expect(arithmetic.join(' ')).toMatch(/For the wrists and neck: recommended 3 %, at most 5 %/);
    expect(arithmetic.at(-1)).toBe('The lowest of these counts.');
    expect(others[0]).toMatch(/cautious home guideline recommends 2 % and allows 3 % here/);
  });

  test('light: each share, and who says how many hours', () => {
    const { arithmetic, others } = explained(
      { oils: { bergamot: drops(1), lemon: drops(1) } },
      'light-sum',
    );
    expect(arithmetic).toHaveLength(3);
    expect(arithmetic.at(-1)).toMatch(/^In total 1\.6; the limit is 1\.$/);
    expect(others[0]).toMatch(/12 hours .*72 hours/);
  });

  test('constituents: what each oil brings of it, with the range of its content', () => {
    const { arithmetic, confidence } = explained(
      { oils: { lemongrass: ml(0.06), melissa: ml(0.04) } },
      'constituent',
      'citral',
    );
    expect(arithmetic[0]).toMatch(
      /Lemongrass: 0\.65 % of the blend × 74\.8 % citral \(61 to 93 %\) = 0\.48 %/,
    );
    expect(arithmetic.at(-1)).toMatch(/^In total 0\.7 % by weight\.$/);
    expect(confidence).toBe('Sources agree on this figure.');
  });

  test('a check without a number has no arithmetic, yet a source', () => {
    const found = explained(
      { oils: { wintergreen: drops(1) }, wearer: { conditions: ['anticoagulants'] } },
      'condition',
      'wintergreen',
    );
    expect(found.arithmetic).toEqual([]);
    expect(found.source).toMatch(/Tisserand and Young/);
  });
});

test('short names of sources stand with their titles, other words as they are', () => {
  expect(sourceWords('EOS2; HOME')).toMatch(/^Tisserand .*; widely copied/);
  expect(sourceWords('the sheet of May')).toBe('the sheet of May');
});
