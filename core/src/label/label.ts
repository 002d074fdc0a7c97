import { mixtureBestBefore, type BestBefore } from '../batch';
import { placesOf, type Brief, type Wearer } from '../brief';
import type { Base, Oil, PlaceId, ContainerKind } from '../catalog';
import type { Blend } from '../drops';
import { knownWearer, mixtureSeen } from '../limits';
import { strengthBy } from '../mixture';
import type { Day } from '../quantity';
import type { By } from '../recipe';
import { labelCautions, type LabelCaution } from './cautions';
import type { Piece } from './pieces';

/** Everything that must be on a container, as facts. */
export interface Label {
  /** It must not be used: the label says that, and nothing of what follows. */
  readonly doNotUse: boolean;
  /** Empty where the blend has no name yet. */
  readonly name: string;
  /** What it is not: a batch that is still being made, or one that only was practice. */
  readonly mark: 'not-finished' | 'practice' | null;
  /** Of a blend that is not made yet: no dates are known, and no batch. */
  readonly isPlanned: boolean;
  /** Kind of the container. */
  readonly kind: ContainerKind;
  /** What is in it, as it is there. */
  readonly ml: number;
  readonly g: number;
  /** By what the blend is measured: of what is weighed the weight comes first. */
  readonly by: By;
  /** What it is for, in the maker's words; empty where none were given. */
  readonly purpose: string;
  readonly wearer: Pick<Wearer, 'name' | 'ageMonths'> | null;
  readonly place: PlaceId;
  /** All places that it goes to, the first first. */
  readonly places: readonly PlaceId[];
  readonly nightOnly: boolean;
  readonly use: Brief['use'];
  readonly timesPerDay: Brief['timesPerDay'];
  /** In the order of the recipe. */
  readonly oils: readonly Oil[];
  readonly bases: readonly Base[];
  /** All essential oil together, in percent, by what the blend is measured by. */
  readonly percent: number;
  readonly madeOn: Day;
  readonly bestBefore: BestBefore;
  readonly batch: string;
  readonly maker: string;
  readonly cautions: readonly LabelCaution[];
}

/** What a batch adds to a blend. */
export interface LabelFacts {
  readonly mark?: Label['mark'];
  /** The number of the batch; empty for a blend that is not made yet. */
  readonly batch: string;
  readonly madeOn: Day;
  readonly maker: string;
}

/**
 * The content of the label of a piece. What must not be used by its wearer says that, and
 * nothing else.
 *
 * @param notToBeUsed where the batch was finished so
 */
export const labelOf = (
  { name, purpose, brief, formula }: Blend,
  piece: Piece,
  facts: LabelFacts,
  notToBeUsed = false,
): Label => {
  const { findings, blocking, mixture: poured } = piece.evaluation;
  // A ready-made blend is there as what is in it.
  const mixture = mixtureSeen(poured);
  return {
    doNotUse: notToBeUsed || blocking,
    name,
    mark: facts.mark ?? null,
    isPlanned: facts.batch === '',
    kind: piece.container.kind,
    ml: piece.ml,
    g: piece.g,
    by: formula.by,
    purpose,
    wearer: knownWearer(brief),
    place: brief.place,
    places: placesOf(brief),
    nightOnly: brief.nightOnly ?? false,
    use: brief.use,
    timesPerDay: brief.timesPerDay,
    oils: mixture.oils.filter(({ ml }) => ml.likely > 0).map(({ oil }) => oil),
    bases: mixture.bases.map(({ base }) => base),
    percent: strengthBy(poured, formula.by).likely,
    madeOn: facts.madeOn,
    bestBefore: mixtureBestBefore(facts.madeOn, poured),
    batch: facts.batch,
    maker: facts.maker,
    cautions: labelCautions(mixture, brief, findings),
  };
};
