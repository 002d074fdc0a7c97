import {
  planWords,
  stillNeededWords,
  settleProblemWords,
  verdictHeadline,
  verdictWords,
  findingMessage,
  partsWords,
} from '@jubbet/core/words';
import { isAboutRoom, type Calculated, type WorkedOut } from '@jubbet/core/drops';
import type { Catalog } from '@jubbet/core/catalog';
import type { Finding, Verdict } from '@jubbet/core/limits';
import { useCatalog } from './catalog';
import { memo } from 'react';
import { clsx } from 'clsx';
import { nonBreaking } from './nonBreaking';
import { verdictInk, verdictShapes, verdictWash } from './VerdictMark';

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
        {nonBreaking(line)}
      </p>
    ))}
  </div>
);

const planLines = (
  { blend: { catalog }, evaluation: { plan, mixture } }: Calculated,
  looking: boolean,
): string[] => planWords(catalog, plan, mixture.fillMl, looking);

/** Within limits, and how: above what is recommended is a matter of taste. */
const withinWords = (findings: readonly Finding[]): string =>
  findings.some(({ rule, verdict }) => rule === 'whole-blend' && verdict === 'note')
    ? 'Within every limit checked, but above what is recommended.'
    : 'Comfortably within every limit checked.';

const boxOf = (catalog: Catalog, worked: WorkedOut, looking: boolean) => {
  if (worked.state === 'gaps') {
    return (
      <Box
        verdict="unknown"
        title="Not judged yet"
        lines={[stillNeededWords(catalog, worked.gaps)]}
      />
    );
  }
  if (worked.state === 'problem') {
    return (
      <Box
        verdict="over"
        title={isAboutRoom(worked.problem) ? 'It does not fit' : 'Can’t be worked out'}
        lines={[
          settleProblemWords(catalog, worked.problem),
          ...(worked.evaluation?.verdict
            ? [
                `In a large enough container: ${verdictWords(worked.evaluation.verdict)}.`,
                ...worked.evaluation.findings
                  .filter(({ verdict: one }) => one === 'over')
                  .slice(0, 2)
                  .map((entry) => findingMessage(catalog, entry)),
              ]
            : []),
        ]}
      />
    );
  }
  const { verdict, findings, blocking } = worked.evaluation;
  if (verdict === null) {
    return (
      <Box
        verdict={null}
        title={partsWords.nothingInItYet}
        lines={
          worked.blend.formula.oils.length === 0
            ? ['Add an oil: type three letters of its name, then press Enter.']
            : ['No oil reaches one whole drop.', ...planLines(worked, looking)]
        }
      />
    );
  }
  const worstOnes = findings.filter((entry) => entry.verdict === verdict);
  const raised = verdict === 'within' ? [] : worstOnes;
  const lines = [
    ...raised.slice(0, 2).map((entry) => findingMessage(catalog, entry)),
    ...(raised.length > 2 ? [`And ${raised.length - 2} more, below.`] : []),
    ...(verdict === 'within' ? [withinWords(findings)] : []),
    ...planLines(worked, looking),
  ];
  return (
    <Box
      verdict={verdict}
      title={verdictHeadline(verdict, worstOnes.length, blocking, worked.blend.brief.wearer)}
      lines={lines}
    />
  );
};

/** The verdict in plain words; changes are announced. */
export const VerdictBox = memo(({ worked, looking }: { worked: WorkedOut; looking: boolean }) => {
  const catalog = useCatalog();
  return (
    <div role="status" aria-label="Verdict">
      {boxOf(catalog, worked, looking)}
    </div>
  );
});
VerdictBox.displayName = 'VerdictBox';
