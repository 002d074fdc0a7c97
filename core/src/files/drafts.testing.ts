import fc from 'fast-check';
import { bases, oils, usualVessels } from '../library/library';
import { emptyDraft, type BlendDraft } from './draft';

const size = fc.oneof(
  fc.double({ min: 0.01, max: 500, noNaN: true }),
  fc.integer({ min: 1, max: 100 }),
);

const baseEntry = fc
  .tuple(fc.constantFrom(...bases), fc.constantFrom('parts', 'percent', 'ml', 'g'), size)
  .map(([{ id }, measure, value]) => ({
    id,
    [measure]: measure === 'percent' ? Math.min(100, value) : value,
  }));

const oilEntry = fc
  .tuple(fc.constantFrom(...oils), fc.constantFrom('drops', 'ml', 'parts', 'percent'), size)
  .map(([{ id }, measure, value]) => ({
    id,
    [measure]:
      measure === 'drops' ? Math.ceil(value / 20) : measure === 'parts' ? value : value / 40,
  }));

const vessel = fc.constantFrom(...usualVessels).map(({ id }) => ({ id }));

/** Drafts of any shape: every vessel, base, measure and way of mixing, sensible or not. */
export const anyDraft: fc.Arbitrary<BlendDraft> = fc
  .record({
    vessel,
    count: fc.integer({ min: 1, max: 12 }),
    by: fc.constantFrom('volume', 'weight' as const),
    bases: fc.uniqueArray(baseEntry, { minLength: 1, maxLength: 5, selector: ({ id }) => id }),
    oils: fc.uniqueArray(oilEntry, { maxLength: 4, selector: ({ id }) => id }),
    target: fc.double({ min: 0.1, max: 20, noNaN: true }).map((percent) => ({ percent })),
    more: fc.array(fc.record({ vessel, count: fc.integer({ min: 1, max: 5 }) }), { maxLength: 2 }),
    lossPercent: fc.integer({ min: 0, max: 50 }),
    whipPercent: fc.option(fc.integer({ min: 10, max: 200 }), { nil: undefined }),
    inOne: fc.boolean(),
  })
  .map(({ whipPercent, ...rest }) => ({
    ...emptyDraft(),
    ...rest,
    ...(whipPercent === undefined ? {} : { whipPercent }),
    brief: { ...emptyDraft().brief, wearer: 'anyone', place: 'body-leave-on' },
  }));
