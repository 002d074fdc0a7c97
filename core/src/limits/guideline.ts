import { eachPlace, type Brief, type Wearer } from '../brief';
import { guidelines, type StageId } from '../catalog';
import { conditionOf } from '../catalog';
import { conditionsOf, pregnancyOf } from './conditions';
import { knownWearer } from './question';
import type { Guideline } from '../recipe';

/** One row of the guidelines that applies to this wearer and place. */
interface GuidelineRow {
  /** What it speaks of: `age`, or the id of a place, stage or condition. */
  readonly about: string;
  readonly kind: 'age' | 'place' | 'stage' | 'condition';
  readonly recommended: number;
  readonly maximum: number;
  readonly source: string;
  /** Teaching, not literature: what is over by it alone can be overridden. */
  readonly isTeaching?: true;
}

/** Of all rows that apply, the lowest of each figure. */
export interface WholeBlendLimit {
  readonly recommended: number;
  readonly maximum: number;
  /** The row that sets the maximum. */
  readonly binding: GuidelineRow;
  readonly rows: readonly GuidelineRow[];
}

const { adult } = guidelines;

const isAdult = (ageMonths: number): boolean => ageMonths >= adult.fromMonths;

const ageRow = (ageMonths: number, guideline: Guideline): GuidelineRow => {
  const row = guidelines.age.find(
    ({ fromMonths, toMonths }) =>
      ageMonths >= fromMonths && (toMonths === null || ageMonths < toMonths),
  );
  if (!row) throw new Error(`no guideline for an age of ${ageMonths} months`);
  const isTeaching = ageMonths >= adult.toMonths;
  return {
    about: 'age',
    kind: 'age',
    ...row[guideline],
    source: row.source,
    ...(isTeaching && { isTeaching }),
  };
};

const stageRow = (id: StageId, firstTrimester = false): GuidelineRow => {
  const row = guidelines.stage.find((stage) => stage.id === id);
  if (!row) throw new Error(`no guideline for the stage ${id}`);
  const figure = firstTrimester && row.firstTrimester ? row.firstTrimester : row;
  return {
    about: id,
    kind: 'stage',
    recommended: figure.recommended,
    maximum: figure.maximum,
    source: row.source,
  };
};

const placeRow = (id: string): GuidelineRow & { readonly adultLadderBinds: boolean } => {
  const row = guidelines.place.find((place) => place.id === id);
  if (!row) throw new Error(`no guideline for the place ${id}`);
  return {
    about: row.id,
    kind: 'place',
    recommended: row.recommended,
    maximum: row.maximum,
    source: row.source,
    adultLadderBinds: row.adultLadderBinds,
  };
};

const onFacialSkin = new Set<string>(['face', 'beard', 'lips']);

const stagesOf = (wearer: Wearer, place: string): GuidelineRow[] => {
  const rows: GuidelineRow[] = [];
  const { pregnant, isFirstTrimester } = pregnancyOf(wearer);
  if (pregnant) rows.push(stageRow('pregnant', isFirstTrimester));
  if (wearer.breastfeeding) rows.push(stageRow('nursing'));
  if (wearer.skin === 'sensitive') {
    rows.push(stageRow(onFacialSkin.has(place) ? 'sensitive-skin-face' : 'sensitive-skin-body'));
  }
  if (wearer.skin === 'damaged') rows.push(placeRow('broken-or-inflamed-skin'));
  for (const id of conditionsOf(wearer)) {
    const condition = conditionOf(id);
    if (condition.stage === 'sensitive-skin-body') {
      rows.push(stageRow(onFacialSkin.has(place) ? 'sensitive-skin-face' : condition.stage));
    } else if (condition.stage && condition.stage !== 'pregnant')
      rows.push(stageRow(condition.stage));
    if (condition.maximumPercent !== undefined) {
      rows.push({
        about: id,
        kind: 'condition',
        recommended: condition.maximumPercent,
        maximum: condition.maximumPercent,
        source: 'TEACH',
      });
    }
  }
  return rows;
};

/**
 * True where what is recommended is more than advice: of a child, in a stage or with a condition
 * that has figures of its own, with damaged skin, and of someone not known. For a healthy adult
 * of any age a strength up to the maximum is a matter of taste.
 */
export const isCareful = (brief: Brief): boolean => {
  const wearer = knownWearer(brief);
  return (
    wearer === null ||
    wearer.ageMonths < adult.fromMonths ||
    brief.place === 'broken-or-inflamed-skin' ||
    stagesOf(wearer, brief.place).length > 0
  );
};

/** The age row of someone not known: any adult's. */
const anyAdultMonths = adult.fromMonths;

/** How strong a blend may be for this wearer and place, in percent, by a guideline. */
export const wholeBlendLimit = (brief: Brief, guideline: Guideline): WholeBlendLimit => {
  const [first = limitAt(brief, guideline), ...others] = eachPlace(brief).map((one) =>
    limitAt(one, guideline),
  );
  // Of several places the strictest holds, for what is recommended as for what may be.
  return others.reduce((lowest, limit) => {
    const stricter = limit.maximum < lowest.maximum ? limit : lowest;
    return { ...stricter, recommended: Math.min(lowest.recommended, limit.recommended) };
  }, first);
};

/** The same at one place. */
const limitAt = (brief: Brief, guideline: Guideline): WholeBlendLimit => {
  const wearer = knownWearer(brief);
  const place = placeRow(brief.place);
  const ageMonths = wearer?.ageMonths ?? anyAdultMonths;
  const ageBinds = place.adultLadderBinds || guideline !== 'clinical' || !isAdult(ageMonths);
  const stages = wearer ? stagesOf(wearer, brief.place) : [stageRow('anyone')];
  const rows: GuidelineRow[] = [
    place,
    ...(ageBinds ? [ageRow(ageMonths, guideline)] : []),
    ...stages,
  ];
  const binding = rows.reduce((lowest, row) => (row.maximum < lowest.maximum ? row : lowest));
  const isHealthyAdult = isAdult(ageMonths) && stages.length === 0;
  return {
    recommended:
      isHealthyAdult && guideline === 'clinical'
        ? Math.min(place.recommended, binding.maximum)
        : Math.min(...rows.map((row) => row.recommended)),
    maximum: binding.maximum,
    binding,
    rows,
  };
};
