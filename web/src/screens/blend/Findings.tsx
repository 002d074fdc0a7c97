import {
  findingMessage,
  formatNumber,
  formatPercent,
  guidelineWords,
  shareOfLimit,
  subjectName,
  type Finding,
} from '@jubbet/core';
import { memo } from 'react';
import { LimitTrack } from '../../parts/LimitTrack';
import { together } from '../../parts/together';
import { VerdictMark } from '../../parts/VerdictMark';

const trackTitle = (entry: Finding): string => {
  if (entry.reason.code === 'whole-blend') {
    return `Whole blend, ${guidelineWords(entry.reason.because)}`;
  }
  return entry.rule === 'light-sum'
    ? 'Light-sensitising oils together'
    : subjectName(entry.subject);
};

const trackValue = (entry: Finding): string => {
  if (!entry.value || entry.limit === null) return '';
  if (entry.unit === 'ratio') {
    return `${formatNumber(shareOfLimit(entry.value, entry.limit)?.likely ?? 0)} % of it`;
  }
  return `${formatNumber(entry.value.likely)} of ${formatPercent(entry.limit)}`;
};

const hasTrack = (entry: Finding): boolean =>
  entry.value !== null &&
  entry.limit !== null &&
  entry.limit > 0 &&
  entry.reason.code !== 'light-none';

const Track = ({ entry }: { entry: Finding }) => (
  <li className="border-b border-line py-2.5 last:border-0">
    <div className="mb-1 flex justify-between gap-3">
      <span>{trackTitle(entry)}</span>
      <b className="font-semibold whitespace-nowrap">{trackValue(entry)}</b>
    </div>
    {entry.value && entry.limit !== null && (
      <LimitTrack value={entry.value} limit={entry.limit} verdict={entry.verdict} />
    )}
    <p className="mt-1 text-[13px] text-soft">
      <VerdictMark verdict={entry.verdict} /> · {entry.by === 'weight' ? 'by weight · ' : ''}
      {entry.source.split(':')[0]}
    </p>
  </li>
);

const Line = ({ entry }: { entry: Finding }) => (
  <li className="border-b border-line py-2 text-[14px] last:border-0">
    <VerdictMark verdict={entry.verdict} /> · {together(findingMessage(entry))}
  </li>
);

/** The limits as tracks, the closest first, and what else was found. */
export const Findings = memo(({ findings }: { findings: readonly Finding[] }) => {
  const closeness = (entry: Finding) => shareOfLimit(entry.value, entry.limit)?.likely ?? 0;
  const tracks = findings.filter(hasTrack).sort((a, b) => closeness(b) - closeness(a));
  const rest = findings.filter((entry) => !hasTrack(entry));
  const told = rest.filter(({ verdict }) => verdict !== 'holds');
  const quiet = rest.filter(({ verdict }) => verdict === 'holds');
  return (
    <section
      aria-label="What holds it back"
      className="rounded-xl border border-line bg-sheet px-4 py-3"
    >
      <h2 className="flex items-baseline justify-between font-sans text-[15px] font-semibold">
        What holds it back <span className="text-xs font-normal text-soft">closest first</span>
      </h2>
      <ul>
        {tracks.map((entry) => (
          <Track key={`${entry.rule}/${entry.subject}`} entry={entry} />
        ))}
        {told.map((entry) => (
          <Line key={findingMessage(entry)} entry={entry} />
        ))}
      </ul>
      {quiet.length > 0 && (
        <details className="text-[14px]">
          <summary className="py-1 text-press">Also checked: {quiet.length}, and they hold</summary>
          <ul>
            {quiet.map((entry) => (
              <Line key={`${entry.rule}/${entry.subject}`} entry={entry} />
            ))}
          </ul>
        </details>
      )}
    </section>
  );
});
Findings.displayName = 'Findings';
