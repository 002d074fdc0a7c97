import fc from 'fast-check';
import { expect, test } from 'vitest';
import { part } from '../blend/fillings';
import { textureOf } from '../blend/texture';
import { stepsOf } from '../make/steps';
import { stepDetail, stepFigure, stepTitle } from '../make/words';
import { labelOf, plannedPieces } from '../label/label';
import { workOut } from './draft';
import { anyDraft } from './drafts.testing';
import { reportOn } from './report';
import { intoVessel, timesAsMuch } from './scale';
import { measuredBy, withWaxPercent, writeBases, writeOils } from './ways';

const facts = { batch: '', madeOn: '2026-11-25', maker: '' };

const drafts = Number(process.env['DRAFTS'] ?? 150);

/** Fails where a number anywhere in it is none. */
const allNumbers = (value: unknown, at = ''): void => {
  if (typeof value === 'number') expect(Number.isFinite(value), at).toBe(true);
  else if (value instanceof Map) allNumbers([...value], at);
  else if (typeof value === 'object' && value !== null) {
    for (const [key, inner] of Object.entries(value)) allNumbers(inner, `${at}.${key}`);
  }
};

test('whatever is written comes to numbers, or to a sentence that says why not', () => {
  let done = 0;
  fc.assert(
    fc.property(anyDraft, fc.integer({ min: 0, max: 50 }), (draft, wax) => {
      const worked = workOut(draft);
      if (worked.state !== 'done') {
        expect(worked.state).toBe('problem');
        if (worked.state === 'problem')
          expect(worked.problem.message).toMatch(/^[a-z]+[\w.]*: .*\.$/);
        return;
      }
      done += 1;
      const { blend, evaluation } = worked;
      const { mixture } = evaluation;
      allNumbers(reportOn(blend).vessels);
      allNumbers(mixture.bases.map(({ ml, g }) => [ml, g]));
      allNumbers(textureOf(mixture)?.waxPercent);
      const parted = part(blend.fillings, mixture.fillMl, mixture.totalG?.likely ?? null, blend);
      allNumbers([parted.leftMl, parted.shortMl]);
      for (const base of mixture.bases) expect(base.ml.likely).toBeGreaterThanOrEqual(0);
      for (const step of stepsOf(blend, mixture)) {
        expect(`${stepTitle(step)} ${stepDetail(step)} ${stepFigure(step)}`).not.toMatch(
          /undefined|NaN|Infinity|not known °C/,
        );
      }
      for (const piece of plannedPieces(blend, evaluation)) labelOf(blend, piece, facts);
      for (const next of [
        writeBases(draft, evaluation, 'parts', 'weight'),
        writeBases(draft, evaluation, 'percent', 'volume'),
        writeBases(draft, evaluation, 'amounts', 'weight'),
        writeOils(draft, evaluation, 'percent'),
        measuredBy(draft, evaluation, 'weight'),
        withWaxPercent(draft, evaluation, wax),
        intoVessel(draft, evaluation, { id: 'jar-240' }),
      ]) {
        expect(['done', 'problem']).toContain(workOut(next).state);
      }
      timesAsMuch(draft, evaluation, 2);
    }),
    { numRuns: drafts },
  );
  // Most of what is thrown at it can be made; else this says nothing.
  expect(done).toBeGreaterThan(drafts / 5);
}, 600_000);
