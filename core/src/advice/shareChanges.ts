import type { Evaluation } from '../drops';

/** What rounding to whole drops did to each share of the oils, in percent of all oil. */
export const shareChanges = (
  before: Evaluation,
  after: Evaluation,
): readonly { readonly oilId: string; readonly before: number; readonly after: number }[] => {
  const shares = ({ mixture }: Evaluation) => {
    const all = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
    return new Map(
      mixture.oils.map(({ oil, ml }) => [oil.id, all > 0 ? (100 * ml.likely) / all : 0]),
    );
  };
  const then = shares(after);
  return [...shares(before)].map(([oilId, share]) => ({
    oilId,
    before: share,
    after: then.get(oilId) ?? 0,
  }));
};
