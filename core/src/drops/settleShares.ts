import { settleBases, type AskedOil, type BasesProblem, type SettledBases } from '../mixture';
import { essentialOf, type SettleInput } from './settleInput';
import { shareOfOils } from './shares';

/** How often the fixed amounts and what the parts share are brought into agreement. */
const mostRounds = 20;

/** Two shares of the whole that differ by less than this are the same. */
const shareTolerance = 1e-9;

/** Settles the bases beside the fixed oils and, where there is one, the amount of the parts. */
export const settleBeside = (
  { bases, fixed, partsDensity, by, wantedMl }: SettleInput,
  partsAmount: AskedOil['amount'] | null,
): SettledBases | BasesProblem =>
  settleBases(
    bases,
    [...fixed, ...(partsAmount ? [{ densityGPerMl: partsDensity, amount: partsAmount }] : [])],
    by,
    wantedMl,
  );

/** Bases that top up to the line: the whole is what was wanted, whatever the oils take. */
const toppedUp = ({ bases, fixed, wantedMl }: SettleInput, partsShare: number): SettledBases => ({
  ok: true,
  wholeMl: wantedMl,
  bases: bases.map(({ base, measure }) => ({
    base,
    ml: measure.by === 'parts' ? measure.parts : 0,
  })),
  oilMl: [
    ...fixed.map(({ amount }) => (amount.by === 'ml' ? amount.ml : amount.share * wantedMl)),
    ...(partsShare > 0 ? [partsShare * wantedMl] : []),
  ],
  grain: null,
});

const settleAt = (input: SettleInput, partsShare: number): SettledBases | BasesProblem =>
  input.topsUp
    ? toppedUp(input, partsShare)
    : settleBeside(input, partsShare > 0 ? { by: 'share', share: partsShare } : null);

/** The share of the whole that is left for the parts beside the fixed oils, 0 to 1. */
const shareForParts = (input: SettleInput, settled: SettledBases): number => {
  const { fixed, partsDensity, by, targetShare, essentialOfParts } = input;
  const essential = fixed.map(({ index }) => essentialOf(input, index));
  // Bases that top up are not settled yet: the whole is known all the same.
  const taken = input.topsUp
    ? essential.reduce((total, share, at) => total + share * (settled.oilMl[at] ?? 0), 0) /
      settled.wholeMl
    : shareOfOils(
        settled,
        [...fixed.map(({ densityGPerMl }) => densityGPerMl), partsDensity],
        essential,
        by,
      );
  return Math.max(0, targetShare - taken) / essentialOfParts;
};

/**
 * The first pass: oils and bases in ml, without rounding to drops. A fixed amount is a share of a
 * whole that the parts have a share in, so both are brought into agreement round by round; each
 * round is far nearer than the one before.
 */
export const settleShares = (input: SettleInput): SettledBases | BasesProblem => {
  const { targetShare, essentialOfParts, fixed } = input;
  let partsShare = targetShare / essentialOfParts;
  let settled = settleAt(input, partsShare);
  if (targetShare === 0 || fixed.length === 0) return settled;
  for (let round = 0; round < mostRounds && settled.ok; round += 1) {
    const next = shareForParts(input, settled);
    if (Math.abs(next - partsShare) < shareTolerance) break;
    partsShare = next;
    settled = settleAt(input, partsShare);
  }
  return settled;
};

/**
 * Essential oil in a ml of the whole, by the target: of a recipe with parts what the shares give,
 * else what the target says.
 */
export const targetPerMl = (input: SettleInput, { oilMl, wholeMl }: SettledBases): number => {
  const { fixed, essentialOfParts, hasParts, targetPercent } = input;
  if (!hasParts) return (targetPercent ?? 0) / 100;
  const essentialMl = oilMl.reduce((total, ml, at) => {
    const oil = fixed[at];
    return total + ml * (oil ? essentialOf(input, oil.index) : essentialOfParts);
  }, 0);
  return essentialMl / wholeMl;
};
