import type { Mixture, OilInBlend } from '../mixture';
import {
  type Catalog,
  euRestrictions,
  constituentLimits,
  guidelines,
  sourceTitles,
  type FigureId,
  nameIn,
} from '../catalog';
import { placeWords } from './brief';
import { formatDrops, formatG, formatMl, formatNumber, formatPercent } from './numbers';
import { contentOf, type Finding, wholeBlendLimit, type Question } from '../limits';
import { guidelineWords } from './findingFigures';

/** How a finding came about: what was compared, who says so, who says otherwise. */
export interface Explanation {
  /** The arithmetic, written out on likely values; none for a check without a number. */
  readonly arithmetic: readonly string[];
  /** Sources with their titles. */
  readonly source: string;
  readonly confidence: string | null;
  /** Who says otherwise, and figures of the maker's own that counted. */
  readonly others: readonly string[];
}

const confidenceWords: Readonly<Record<string, string>> = {
  high: 'Sources agree on this figure.',
  medium: 'Sources mostly agree on this figure.',
  low: 'Sources differ on this figure: check it.',
  none: 'This figure is not confirmed.',
};

/** `EOS2; HOME` with the titles in place of the short names. */
export const sourceWords = (source: string): string =>
  source.replace(/\b[A-Z]+\d?\b/g, (short) =>
    Object.hasOwn(sourceTitles, short) ? (sourceTitles[short] ?? short) : short,
  );

/** The same, but what is in the maker's own words stays as they wrote it. */
const sourceSaid = (catalog: Catalog, { source, subject, reason }: Finding): string => {
  const oils = reason.code === 'light-sum' ? reason.oils : [subject];
  const own = oils.flatMap((id) => {
    const mark = catalog.oil(id)?.own;
    return mark ? [mark.source, ...mark.figures.map((figure) => figure.source)] : [];
  });
  return source
    .split('; ')
    .map((text) => (own.includes(text) ? text : sourceWords(text)))
    .join('; ');
};

const amountWords = ({ drops, ml }: OilInBlend): string =>
  drops !== null && drops > 0
    ? `${formatDrops(drops)} × ${formatMl(ml.likely / drops)} = ${formatMl(ml.likely)}`
    : formatMl(ml.likely);

const byVolume = (name: string, ml: number, { fillMl }: Mixture): string =>
  `${name}: 100 × ${formatMl(ml)} / ${formatMl(fillMl, 3)} = ${formatPercent((100 * ml) / fillMl)} by volume.`;

const byWeight = (name: string, g: number, { totalG }: Mixture): string[] => [
  `${name}: 100 × ${formatG(g)} / ${formatG(totalG.likely, 3)} = ${formatPercent((100 * g) / totalG.likely)} by weight.`,
];

const oilLines = (oil: OilInBlend, mixture: Mixture): string[] => [
  `${oil.oil.name}: ${amountWords(oil)}.`,
  byVolume(oil.oil.name, oil.ml.likely, mixture),
  ...byWeight(oil.oil.name, oil.g.likely, mixture),
];

const sharedLines = (finding: Finding, mixture: Mixture): string[] => {
  const members = constituentLimits.find(({ id }) => id === finding.subject)?.members ?? [
    finding.subject,
  ];
  const strength = (oil: OilInBlend): number =>
    finding.by === 'weight' ? oil.byWeight.likely : oil.byVolume.likely;
  const lines = mixture.oils.flatMap((oil) => {
    const content = contentOf(oil.oil, { members });
    return content.high === 0
      ? []
      : [
          `${oil.oil.name}: ${formatPercent(strength(oil))} of the blend × ${formatPercent(
            content.likely,
            3,
          )} ${finding.subject} (${formatNumber(content.low)} to ${formatPercent(content.high)}) = ${formatPercent(
            (strength(oil) * content.likely) / 100,
          )}.`,
        ];
  });
  return [
    ...lines,
    ...(finding.value
      ? [`In total ${formatPercent(finding.value.likely)} by ${finding.by ?? 'volume'}.`]
      : []),
  ];
};

const arithmeticOf = (finding: Finding, { mixture, brief, guideline }: Question): string[] => {
  switch (finding.reason.code) {
    case 'whole-blend': {
      const ml = mixture.oils.reduce((total, oil) => total + oil.ml.likely, 0);
      const g = mixture.oils.reduce((total, oil) => total + oil.g.likely, 0);
      return [
        byVolume('All oils', ml, mixture),
        ...byWeight('All oils', g, mixture),
        ...wholeBlendLimit(brief, guideline).rows.map(
          (row) =>
            `For ${guidelineWords(row.about)}: recommended ${formatPercent(row.recommended)}, at most ${formatPercent(row.maximum)}. ${sourceWords(row.source)}.`,
        ),
        'The lowest of these counts.',
      ];
    }
    case 'oil-maximum':
    case 'no-maximum-stated':
    case 'figure-not-held': {
      const oil = mixture.oils.find((entry) => entry.oil.id === finding.subject);
      return oil ? oilLines(oil, mixture) : [];
    }
    case 'light-sum': {
      const share = (oil: OilInBlend): number =>
        finding.by === 'weight' ? oil.byWeight.likely : oil.byVolume.likely;
      return [
        ...mixture.oils.flatMap((oil) => {
          const limit = oil.oil.phototoxicLimitPercent;
          return limit === null
            ? []
            : [
                `${oil.oil.name}: ${formatPercent(share(oil))} / ${formatPercent(limit)} = ${formatNumber(share(oil) / limit)}.`,
              ];
        }),
        ...(finding.value
          ? [`In total ${formatNumber(finding.value.likely)}; the limit is 1.`]
          : []),
      ];
    }
    case 'constituent':
    case 'sale':
      return sharedLines(finding, mixture);
    default:
      return [];
  }
};

/** Figures of the maker's own that counted, each with what the library says. */
const ownLines = (catalog: Catalog, oilId: string, figure: FigureId): string[] =>
  (catalog.oil(oilId)?.own?.figures ?? [])
    .filter((entry) => entry.figure === figure)
    .map(({ value, original, source }) => {
      const yours = `${nameIn(catalog, oilId)}: your own figure${value === null ? '' : ` of ${formatPercent(value)}`}, from: ${source}.`;
      return original === null ? yours : `${yours} The library says ${formatPercent(original)}.`;
    });

const othersOf = (catalog: Catalog, finding: Finding, { brief, guideline }: Question): string[] => {
  const { reason } = finding;
  switch (reason.code) {
    case 'whole-blend': {
      const other = guideline === 'clinical' ? 'cautious' : 'clinical';
      const limit = wholeBlendLimit(brief, other);
      const name = guidelines.all.find(({ id }) => id === other)?.name ?? other;
      return [
        `The ${name.toLowerCase()} guideline recommends ${formatPercent(limit.recommended)} and allows ${formatPercent(limit.maximum)} here.`,
      ];
    }
    case 'light-sum':
      return [
        ...reason.oils.flatMap((id) => ownLines(catalog, id, 'light')),
        `How long to stay out of the sun: ${guidelines.phototoxic.hoursOutOfSun.views
          .map(({ hours, who }) => `${hours} hours (${who})`)
          .join('; ')}.`,
      ];
    case 'oil-maximum':
      return [
        ...ownLines(catalog, finding.subject, 'maximum'),
        ...(reason.assumed
          ? ['It is inferred from a related oil; no source gives it for this one.']
          : []),
      ];
    case 'constituent':
      return constituentLimits
        .filter(({ id }) => id === finding.subject)
        .flatMap(({ basis, percent }) => [
          `Basis: ${basis}.`,
          ...(reason.category === null
            ? []
            : [
                `The general limit on skin is ${formatPercent(percent)}; the stricter of the two counts.`,
              ]),
        ]);
    case 'place':
      return [`Place: ${placeWords[brief.place]}.`];
    case 'sale':
      return [euRestrictions.note];
    default:
      return [];
  }
};

/** How sure the library is says nothing of a figure of the maker's own. */
const isOwn = (catalog: Catalog, oilId: string, figure: FigureId): boolean =>
  (catalog.oil(oilId)?.own?.figures ?? []).some((entry) => entry.figure === figure);

const confidenceOf = (catalog: Catalog, { reason, subject }: Finding): string | null => {
  switch (reason.code) {
    case 'constituent':
      return confidenceWords[reason.confidence] ?? null;
    case 'oil-maximum':
      return isOwn(catalog, subject, 'maximum')
        ? null
        : (confidenceWords[catalog.oil(subject)?.dermalMaximum.confidence ?? ''] ?? null);
    case 'light-sum':
      return reason.oils.some((id) => isOwn(catalog, id, 'light'))
        ? null
        : (confidenceWords[guidelines.phototoxic.confidence] ?? null);
    case 'sale':
      return confidenceWords['medium'] ?? null;
    default:
      return null;
  }
};

/** Writes a finding out: arithmetic, source, certainty, and who says otherwise. */
export const explain = (catalog: Catalog, finding: Finding, question: Question): Explanation => ({
  arithmetic: arithmeticOf(finding, question),
  source: sourceSaid(catalog, finding),
  confidence: confidenceOf(catalog, finding),
  others: othersOf(catalog, finding, question),
});
