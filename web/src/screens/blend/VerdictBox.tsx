import {
  dropOf,
  findingMessage,
  type Finding,
  type Gap,
  type Verdict,
  type WorkedOut,
} from '@jubbet/core';
import { memo } from 'react';
import { clsx } from 'clsx';
import { together } from '../../parts/together';
import { verdictInk, verdictShapes, verdictWash } from '../../parts/VerdictMark';
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

const Box = ({
  verdict,
  title,
  lines,
}: {
  /** Null where there is nothing to judge yet. */
  verdict: Verdict | null;
  title: string;
  lines: string[];
}) => (
  <div className={clsx('rounded-xl px-4 py-3', verdict ? verdictWash[verdict] : 'bg-slate-wash')}>
    <h2 className={clsx('text-lg', verdict && verdictInk[verdict])}>
      {verdict && <span aria-hidden>{verdictShapes[verdict]} </span>}
      {title}
    </h2>
    {lines.map((line) => (
      <p key={line} className="mt-1 text-[14.5px]">
        {together(line)}
      </p>
    ))}
  </div>
);

const planLines = (
  { blend: { formula }, evaluation }: Extract<WorkedOut, { state: 'done' }>,
  looking: boolean,
): string[] =>
  planWords(
    evaluation.plan,
    evaluation.mixture.fillMl,
    (oilId) => {
      const entry = formula.oils.find(({ oil }) => oil.id === oilId);
      return entry ? dropOf(entry, formula.dropSchool).likely : 0;
    },
    looking,
  );

const boxOf = (worked: WorkedOut, looking: boolean) => {
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
  const { verdict, findings, hard } = worked.evaluation;
  if (verdict === null) {
    return (
      <Box
        verdict={null}
        title="Nothing in it yet"
        lines={
          worked.blend.formula.oils.length === 0
            ? ['Add an oil: type three letters of its name, then enter.']
            : ['No oil comes to a whole drop.', ...planLines(worked, looking)]
        }
      />
    );
  }
  const worstOnes = findings.filter((entry) => entry.verdict === verdict && verdict !== 'holds');
  const lines = [
    ...worstOnes.slice(0, 2).map(findingMessage),
    ...(worstOnes.length > 2 ? [`And ${worstOnes.length - 2} more, below.`] : []),
    ...(verdict === 'holds' ? ['Every limit that is checked keeps its distance.'] : []),
    ...planLines(worked, looking),
  ];
  return <Box verdict={verdict} title={headline(verdict, findings, hard)} lines={lines} />;
};

/** The verdict in plain words; changes are announced. */
export const VerdictBox = memo(({ worked, looking }: { worked: WorkedOut; looking: boolean }) => (
  <div role="status" aria-label="Verdict">
    {boxOf(worked, looking)}
  </div>
));
VerdictBox.displayName = 'VerdictBox';
