import { recipeSchema } from '../recipe';
import { part, textureOf } from '../mixture';
import { stepsOf } from '../making';
import {
  labelText,
  metricUnits,
  settleProblemWords,
  stepDetail,
  stepFigure,
  stepTitle,
} from '../words';
import { labelOf, plannedPieces } from '../label';
import { reportOn } from './report';
import {
  intoContainer,
  timesAsMuch,
  measuredBy,
  withWaxPercent,
  writeBases,
  writeOils,
  workOut,
} from '../drops';
import { anyRecipe } from '../recipe/anyRecipe.testing';
import { shippedCatalog as catalog } from '../catalog';
import fc from 'fast-check';
import { expect, test } from 'vitest';

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
    fc.property(anyRecipe, fc.integer({ min: 0, max: 50 }), (recipe, wax) => {
      const worked = workOut(catalog, recipe);
      if (worked.state !== 'done') {
        expect(worked.state).toBe('problem');
        if (worked.state === 'problem') {
          expect(settleProblemWords(catalog, worked.problem)).toMatch(/^[“A-Z0-9].*\.$/);
        }
        return;
      }
      done += 1;
      const { blend, evaluation } = worked;
      const { mixture } = evaluation;
      allNumbers(reportOn(blend).vessels);
      allNumbers(mixture.bases.map(({ ml, g }) => [ml, g]));
      allNumbers(textureOf(mixture)?.waxPercent);
      const parted = part(blend.fillings, mixture.fillMl, mixture.totalG.likely, blend);
      allNumbers([parted.leftMl, parted.shortMl]);
      for (const base of mixture.bases) expect(base.ml.likely).toBeGreaterThanOrEqual(0);
      for (const step of stepsOf(blend, mixture)) {
        expect(
          `${stepTitle(catalog, step, metricUnits)} ${stepDetail(catalog, step, metricUnits)} ${stepFigure(step, metricUnits)}`,
        ).not.toMatch(/undefined|NaN|Infinity|not known °C/);
      }
      for (const piece of plannedPieces(blend, evaluation))
        labelText(catalog, labelOf(blend, piece, facts));
      const larger = intoContainer(catalog, recipe, evaluation, { id: 'jar-240' });
      for (const next of [
        writeBases(recipe, evaluation, 'parts', 'weight'),
        writeBases(recipe, evaluation, 'percent', 'volume'),
        writeBases(recipe, evaluation, 'amounts', 'weight'),
        writeOils(recipe, evaluation, 'percent'),
        measuredBy(recipe, evaluation, 'weight'),
        withWaxPercent(recipe, evaluation, wax),
        ...(larger.ok ? [larger.recipe] : []),
      ]) {
        // What is written another way is a recipe that can be kept.
        expect(recipeSchema.safeParse(next).error?.issues).toBeUndefined();
        expect(['done', 'problem']).toContain(workOut(catalog, next).state);
      }
      timesAsMuch(catalog, recipe, evaluation, 2);
    }),
    { numRuns: drafts },
  );
  // Most of what is thrown at it can be made; else this says nothing.
  expect(done).toBeGreaterThan(drafts / 5);
}, 600_000);
