import {
  findingMessage,
  formatNumber,
  formatPercent,
  guidelineWords,
  shareOfLimit,
  subjectName,
  type Finding,
  type Gap,
  type Verdict,
  type WorkedOut,
} from '@jubbet/core';
import { clsx } from 'clsx';
import { LimitTrack } from '../../parts/LimitTrack';
import { VerdictMark, verdictInk, verdictShapes, verdictWash } from '../../parts/VerdictMark';
import { planWords } from './planWords';

const counted = [
  'no things',
  'one thing',
  'two things',
  'three things',
  'four things',
  'five things',
];

const headline = (verdict: Verdict, findings: readonly Finding[], hard: boolean): string => {
  const count = findings.filter((entry) => entry.verdict === verdict).length;
  const things = counted[count] ?? `${count} things`;
  switch (verdict) {
    case 'holds':
      return 'It holds';
    case 'mind':
      return `Mind ${things}`;
    case 'over':
      return hard ? 'Over: not for this wearer' : `Over in ${things}`;
    case 'not-known':
      return `Not known in ${things}`;
  }
};

const gapWords: Record<Gap, string> = {
  wearer: 'whom it is for',
  place: 'where it is worn',
  target: 'how strong it is to be',
  base: 'which carrier fills it up',
};

const Box = ({ verdict, title, lines }: { verdict: Verdict; title: string; lines: string[] }) => (
  <div className={clsx('rounded-xl px-4 py-3', verdictWash[verdict])}>
    <h2 className={clsx('text-lg', verdictInk[verdict])}>
      <span aria-hidden>{verdictShapes[verdict]} </span>
      {title}
    </h2>
    {lines.map((line) => (
      <p key={line} className="mt-1 text-[14.5px]">
        {line}
      </p>
    ))}
  </div>
);

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
    <VerdictMark verdict={entry.verdict} /> · {findingMessage(entry)}
  </li>
);

const Findings = ({ findings }: { findings: readonly Finding[] }) => {
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
};

const boxOf = (worked: WorkedOut) => {
  if (worked.state === 'gaps') {
    return (
      <Box
        verdict="not-known"
        title="Not judged yet"
        lines={[`Say first ${worked.gaps.map((gap) => gapWords[gap]).join(', and ')}.`]}
      />
    );
  }
  if (worked.state === 'problem') {
    const text = worked.problem.message.replace(/^[\w.]+: /, '');
    return (
      <Box
        verdict="over"
        title={worked.problem.code === 'too-full' ? 'It does not fit' : 'This cannot be worked out'}
        lines={[text.charAt(0).toUpperCase() + text.slice(1)]}
      />
    );
  }
  const { verdict, findings, hard, plan, mixture } = worked.evaluation;
  const worstOnes = findings.filter((entry) => entry.verdict === verdict && verdict !== 'holds');
  const lines = [
    ...worstOnes.slice(0, 2).map(findingMessage),
    ...(worstOnes.length > 2 ? [`And ${worstOnes.length - 2} more, below.`] : []),
    ...(verdict === 'holds' ? ['Every limit that is checked keeps its distance.'] : []),
    ...planWords(plan, mixture.fillMl),
  ];
  return <Box verdict={verdict} title={headline(verdict, findings, hard)} lines={lines} />;
};

/** The verdict in one line, and the limits as tracks below it. */
export const Judgement = ({ worked }: { worked: WorkedOut }) => (
  <div className="grid content-start gap-3">
    <div role="status" aria-label="Verdict">
      {boxOf(worked)}
    </div>
    {worked.state === 'done' && <Findings findings={worked.evaluation.findings} />}
    <p className="px-1 text-[13px] text-soft">
      Published guidance, not medical advice. Your local rules, the supplier’s sheet and a licensed
      practitioner come first.
    </p>
  </div>
);
