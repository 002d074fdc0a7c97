import { essentialMl } from '../blend/mixture';
import { fillMl } from '../brief/vessel';
import type { Evaluation } from '../dose/evaluate';
import { wholeDrops } from '../dose/wholeDrops';
import { milderKin, usualVessels } from '../library/library';
import type { School } from '../limits/question';
import { workOut, type BlendDraft, type WorkedOut } from './draft';

/** One change that would bring a blend within its limits. */
export type Mending =
  | { readonly kind: 'ask-for'; readonly percent: number }
  | { readonly kind: 'cover' }
  | { readonly kind: 'vessel'; readonly id: string }
  | { readonly kind: 'drops'; readonly drops: Readonly<Record<string, number>> }
  | { readonly kind: 'swap'; readonly from: string; readonly to: string }
  | { readonly kind: 'take-out'; readonly id: string }
  | { readonly kind: 'feet' }
  | { readonly kind: 'school'; readonly school: School };

/** A change with what it would come to. */
export interface MendingOffer {
  readonly mending: Mending;
  readonly outcome: Evaluation;
}

type Done = Extract<WorkedOut, { state: 'done' }>;
type DraftOil = BlendDraft['oils'][number];

const swapped = (oil: DraftOil, from: string, to: string): DraftOil =>
  oil.id === from
    ? // A measured drop is one of the other bottle's.
      { ...Object.fromEntries(Object.entries(oil).filter(([key]) => key !== 'dropMl')), id: to }
    : oil;

const counted = (oil: DraftOil, drops: number): DraftOil => ({
  id: oil.id,
  drops,
  ...(oil.dropMl ? { dropMl: oil.dropMl } : {}),
});

/** The draft with one change made. */
export const mended = (draft: BlendDraft, mending: Mending): BlendDraft => {
  switch (mending.kind) {
    case 'ask-for':
      return { ...draft, target: { percent: mending.percent } };
    case 'cover':
      return { ...draft, brief: { ...draft.brief, sun: 'covered' } };
    case 'vessel':
      return { ...draft, vessel: { id: mending.id } };
    case 'drops':
      return {
        ...draft,
        oils: draft.oils.map((oil) => {
          const drops = mending.drops[oil.id];
          return drops === undefined ? oil : counted(oil, drops);
        }),
      };
    case 'swap':
      return {
        ...draft,
        oils: draft.oils.map((oil) => swapped(oil, mending.from, mending.to)),
      };
    case 'take-out':
      return { ...draft, oils: draft.oils.filter(({ id }) => id !== mending.id) };
    case 'feet':
      return { ...draft, brief: { ...draft.brief, place: 'hands-or-feet' } };
    case 'school':
      return { ...draft, school: mending.school };
  }
};

/** The highest strength, to a tenth of a percent, that the limits leave. */
const asStrongAsCanBe = ({ evaluation }: Done): Mending[] => {
  const { plan, mixture } = evaluation;
  if (plan.binding.length === 0) return [];
  const percent = Math.floor((1000 * plan.reachedMl) / mixture.fillMl) / 10;
  return percent > 0 ? [{ kind: 'ask-for', percent }] : [];
};

/** The drops nearest to those that are counted, within the limits: the solver's own question. */
const fewerDrops = (draft: BlendDraft, { blend, evaluation }: Done): Mending[] => {
  const { formula } = blend;
  const counts = evaluation.mixture.oils;
  const ml = counts.reduce((total, one) => total + (one.drops === null ? 0 : one.ml.likely), 0);
  if (ml === 0) return [];
  const all = essentialMl(counts);
  const plan = wholeDrops(
    {
      ...formula,
      targetPercent: (100 * all) / fillMl(formula.vessel),
      oils: formula.oils.map((entry, i) => {
        const one = counts[i];
        return one && one.drops !== null && one.drops > 0
          ? { ...entry, measure: { by: 'parts', parts: one.ml.likely } }
          : entry;
      }),
    },
    blend.brief,
    blend.school,
  );
  const changes = plan.drops.flatMap((drops, i): [string, number][] => {
    const oil = draft.oils[i];
    return oil && drops !== null && drops !== oil.drops ? [[oil.id, drops]] : [];
  });
  // Down to none is taking out, which is offered under its own name.
  if (changes.some(([, drops]) => drops === 0)) return [];
  return changes.length > 0 ? [{ kind: 'drops', drops: Object.fromEntries(changes) }] : [];
};

/** Where parts stand beside counted drops: of each oil that is held back, as many as may be. */
const fewerOfOne = (draft: BlendDraft, oils: readonly DraftOil[]): Mending[] =>
  oils.flatMap(({ id, drops = 0 }): Mending[] => {
    let most = 0;
    let tooMany = drops;
    while (tooMany - most > 1) {
      const middle = Math.floor((most + tooMany) / 2);
      const then = workOut(mended(draft, { kind: 'drops', drops: { [id]: middle } }));
      if (then.state === 'done' && then.evaluation.verdict !== 'over') most = middle;
      else tooMany = middle;
    }
    return most > 0 ? [{ kind: 'drops', drops: { [id]: most } }] : [];
  });

/** Larger vessels of the same kind, the smallest first. */
const largerVessels = ({ blend }: Done): Mending[] =>
  usualVessels
    .filter(
      ({ kind, nominalMl }) =>
        kind === blend.formula.vessel.kind && nominalMl > blend.formula.vessel.nominalMl,
    )
    .sort((a, b) => a.nominalMl - b.nominalMl)
    .map(({ id }) => ({ kind: 'vessel', id }));

/** Ids of oils that some finding holds back. */
const heldBack = ({ evaluation }: Done): Set<string> => {
  const ids = new Set<string>(evaluation.plan.leftOut.map(({ oilId }) => oilId));
  for (const entry of evaluation.findings) {
    if (entry.verdict !== 'over') continue;
    ids.add(entry.subject);
    if (entry.reason.code === 'light-sum') for (const id of entry.reason.oils) ids.add(id);
  }
  return ids;
};

const candidates = (draft: BlendDraft, done: Done): Mending[] => {
  const held = heldBack(done);
  const oils = draft.oils.filter(({ id }) => held.has(id));
  return [
    ...asStrongAsCanBe(done),
    ...(draft.brief.sun === 'exposed' ? [{ kind: 'cover' } as const] : []),
    ...largerVessels(done),
    ...(draft.school === 'cautious' ? [{ kind: 'school', school: 'clinical' } as const] : []),
    ...(draft.oils.some(({ parts }) => parts !== undefined)
      ? fewerOfOne(draft, oils)
      : fewerDrops(draft, done)),
    ...oils.flatMap(({ id }): Mending[] => {
      const to = milderKin(id)?.id;
      return to !== undefined && !draft.oils.some((oil) => oil.id === to)
        ? [{ kind: 'swap', from: id, to }]
        : [];
    }),
    ...oils.map(({ id }): Mending => ({ kind: 'take-out', id })),
    ...(draft.brief.place === 'hands-or-feet' ? [] : [{ kind: 'feet' } as const]),
  ];
};

const isOver = ({ verdict }: Evaluation): boolean => verdict === 'over';
const isHeld = ({ plan }: Evaluation): boolean =>
  plan.leftOut.length > 0 || plan.binding.length > 0;

/**
 * Single changes that bring a blend that is over, or held below what was asked,
 * within its limits, those that change the smell least first. One vessel, the
 * smallest that helps, is offered. None where nothing needs mending.
 *
 * @param most how many at the most
 */
export const mendingOffers = (draft: BlendDraft, most = 4): readonly MendingOffer[] => {
  const now = workOut(draft);
  if (now.state !== 'done') return [];
  const over = isOver(now.evaluation);
  if (!over && !isHeld(now.evaluation)) return [];
  const offers: MendingOffer[] = [];
  for (const mending of candidates(draft, now)) {
    if (offers.length === most) break;
    if (mending.kind === 'vessel' && offers.some((offer) => offer.mending.kind === 'vessel'))
      continue;
    const then = workOut(mended(draft, mending));
    if (then.state !== 'done' || isOver(then.evaluation)) continue;
    if (!over && (isHeld(then.evaluation) || mending.kind === 'take-out')) continue;
    if (!over && mending.kind === 'feet') continue;
    offers.push({ mending, outcome: then.evaluation });
  }
  return offers;
};

/**
 * Where one drop of an oil is already too much: so many drops of it into so much
 * carrier make a dilution of which one drop holds what may go in.
 *
 * @param mostMl what may go into the vessel, in ml, above 0
 * @param dropMl one drop of the oil, in ml, larger than `mostMl`
 * @returns one drop of oil in `carrierMl`; one drop of that holds at most `mostMl`
 */
export const predilution = (
  mostMl: number,
  dropMl: number,
): { readonly carrierMl: number; readonly share: number } => {
  // One drop of the dilution, of the same size, must hold no more than is allowed.
  const share = Math.min(1, mostMl / dropMl);
  const parts = Math.ceil(1 / share);
  return { carrierMl: (parts - 1) * dropMl, share: 1 / parts };
};
