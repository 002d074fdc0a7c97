import type { Catalog, PlaceId } from '../catalog';
import { nameIn } from '../catalog';
import { type Finding, shareOfLimit } from '../limits';
import { onPlaceWords, placeWords } from './brief';
import { formatList, formatNumber, formatPercent } from './numbers';

const rowWords: Record<string, string> = {
  age: 'this age',
  pregnant: 'pregnancy',
  nursing: 'breastfeeding',
  'sensitive-skin-body': 'sensitive skin',
  'sensitive-skin-face': 'sensitive skin on the face',
  'frail-or-very-ill': 'someone frail or very ill',
  'eczema-active-or-fragrance-allergy': 'active eczema or a fragrance allergy',
  anyone: 'anyone',
};

/** What a guideline row speaks of, in words: `pregnancy`, `the wrists and neck`. */
export const guidelineWords = (about: string): string => {
  return about in placeWords ? onPlaceWords(about as PlaceId) : (rowWords[about] ?? about);
};

/** Two numbers with digits enough to differ, where they do: `2.003` and `2`. */
const apart = (value: number, limit: number): readonly [string, string] => {
  for (let digits = 2; digits < 7; digits += 1) {
    const pair = [formatNumber(value, digits), formatNumber(limit, digits)] as const;
    if (pair[0] !== pair[1]) return pair;
  }
  return [formatNumber(value), formatNumber(limit)];
};

/** From this many times its limit on, how many times is what a reader takes in. */
const manyTimes = 2;

/**
 * `2.9 % (limit 4 %)`, with what large drops would make of it; over the limit
 * `4.9 %, 7 times its 0.7 % limit` or `0.9 %, over its 0.7 % limit`, both numbers in full.
 */
export const upTo = ({ value, limit, verdict, by, rule }: Finding): string => {
  if (!value || limit === null) return '';
  const [likely, most] = apart(value.likely, limit);
  const high = formatNumber(value.high);
  const measure = by === 'weight' ? ' by weight' : '';
  if (verdict === 'over') {
    const times = limit > 0 ? value.likely / limit : 0;
    return times >= manyTimes
      ? `${likely} %${measure}, ${formatNumber(times)} times its ${most} % limit`
      : `${likely} %${measure}, over its ${most} % limit`;
  }
  const large =
    likely === high
      ? ''
      : `, up to ${high} % with large drops${rule === 'constituent' || rule === 'sale' ? ' and high content' : ''}`;
  return `${likely} %${measure} (limit ${most} %)${large}`;
};

/** How strong the whole blend is, against what it may be and what is recommended. */
export const wholeBlendWords = (finding: Finding, recommended: number, because: string): string => {
  if (!finding.value || finding.limit === null) return '';
  const advice =
    recommended === 0
      ? ' Best avoided.'
      : recommended < finding.limit
        ? ` Recommended: up to ${formatPercent(recommended)}.`
        : '';
  return `Whole blend, for ${guidelineWords(because)}: ${upTo(finding)}.${advice}`;
};

/** How much of what skin in the sun takes its phototoxic oils use up together. */
export const phototoxicWords = (
  catalog: Catalog,
  finding: Finding,
  oils: readonly string[],
  covered: boolean,
): string => {
  const share = shareOfLimit(finding.value, finding.limit);
  const used = share ? `${formatNumber(share.likely)} %` : '';
  const names = formatList(oils.map((id) => nameIn(catalog, id)));
  const verb = oils.length === 1 ? 'uses' : 'together use';
  if (finding.verdict === 'within') return `${names} ${verb} ${used} of the phototoxic limit.`;
  const high = share ? `, up to ${formatNumber(share.high)} % with large drops` : '';
  return covered
    ? `${names} ${verb} ${used} of the phototoxic limit: keep the skin covered for 24 hours.`
    : `${names} ${verb} ${used} of the phototoxic limit${finding.verdict === 'over' ? '' : high}: skin could burn in the sun.`;
};
