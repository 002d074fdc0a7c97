import { Panel } from '../../ui/Panel';
import { useCatalog } from '../../parts/catalog';
import type { Catalog } from '@jubbet/core/catalog';
import {
  capitalised,
  explain,
  findingMessage,
  countedWords,
  formatList,
  formatNumber,
  formatPercent,
  limitName,
  noteWords,
} from '@jubbet/core/words';
import {
  figureOfFinding,
  ruleFacts,
  questionOf,
  shareOfLimit,
  type Finding,
} from '@jubbet/core/limits';
import { judgedAs, type Blend } from '@jubbet/core/drops';
import type { Mixture } from '@jubbet/core/mixture';
import { memo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { hasTrack, limitsShown } from './limitsShown';
import { FigureChecks } from '../../parts/FigureChecks';
import { LimitTrack } from '../../parts/LimitTrack';
import { Term } from '../../ui/Term';
import { nonBreaking } from '../../parts/nonBreaking';
import { VerdictMark } from '../../parts/VerdictMark';

const trackValue = (entry: Finding): string => {
  if (!entry.value || entry.limit === null) return '';
  if (entry.unit === 'ratio') {
    return `${formatNumber(shareOfLimit(entry.value, entry.limit)?.likely ?? 0)} % of the limit`;
  }
  return `${formatPercent(entry.value.likely)} of ${formatPercent(entry.limit)}`;
};

/** The word of the field in its title, where that is not everyday. */
const termOf = ({ rule }: Finding): 'phototoxic' | 'combined limit' | null =>
  rule === 'light-sum' ? 'phototoxic' : rule === 'constituent' ? 'combined limit' : null;

/** What an explanation is worked out from. */
interface Judged {
  readonly blend: Blend;
  readonly mixture: Mixture;
}

/** The arithmetic, the source, and who says otherwise; worked out when it is opened. */
const Why = ({
  entry,
  blend,
  mixture,
  children,
}: { entry: Finding; children?: ReactNode } & Judged) => {
  const catalog = useCatalog();
  const [open, setOpen] = useState(false);
  const explanation = open ? explain(catalog, entry, questionOf(judgedAs(blend, mixture))) : null;
  const figure = open ? figureOfFinding(entry, blend.brief) : undefined;
  return (
    <details className="text-[13px]" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex list-none items-baseline justify-between gap-3 py-1 text-soft marker:content-none">
        <span>{children}</span>
        <span className="text-press underline underline-offset-3">
          Why<span className="sr-only">: {limitName(catalog, entry)}</span>
        </span>
      </summary>
      {explanation && (
        <div className="mt-1 grid gap-1.5 text-soft">
          {hasTrack(entry) && (
            <p className="text-ink">{nonBreaking(findingMessage(catalog, entry))}</p>
          )}
          {explanation.arithmetic.length > 0 && (
            <ul className="grid gap-0.5">
              {explanation.arithmetic.map((line) => (
                <li key={line}>{nonBreaking(line)}</li>
              ))}
            </ul>
          )}
          {explanation.others.map((line) => (
            <p key={line}>{nonBreaking(line)}</p>
          ))}
          <p>
            Source: {explanation.source}.
            {explanation.confidence ? ` ${explanation.confidence}` : ''}{' '}
            <Link to={`/handbook#${ruleFacts(entry.rule).chapter}`} className="text-press">
              In the handbook
            </Link>
          </p>
          {figure && (
            <p>
              <FigureChecks figureId={figure.id} />
            </p>
          )}
        </div>
      )}
    </details>
  );
};

/** True where the maker's own figure took the place of the library's. */
const isOwnFigure = (catalog: Catalog, { subject }: Finding): boolean =>
  (catalog.oil(subject)?.own?.figures.length ?? 0) > 0;

const Track = ({ entry, judged }: { entry: Finding; judged: Judged }) => {
  const catalog = useCatalog();
  return (
    <li className="border-b border-line py-2.5 last:border-0">
      <div className="mb-1 flex justify-between gap-3">
        <span>
          {termOf(entry) ? (
            <Term term={termOf(entry) ?? 'phototoxic'}>{limitName(catalog, entry)}</Term>
          ) : (
            limitName(catalog, entry)
          )}
        </span>
        <b className="font-semibold whitespace-nowrap">{trackValue(entry)}</b>
      </div>
      {entry.value && entry.limit !== null && (
        <LimitTrack
          value={entry.value}
          limit={entry.limit}
          verdict={entry.verdict}
          recommended={entry.reason.code === 'whole-blend' ? entry.reason.recommended : null}
          words={formatPercent}
        />
      )}
      <Why entry={entry} {...judged}>
        {entry.verdict !== 'within' && entry.verdict !== 'note' && (
          <VerdictMark verdict={entry.verdict} />
        )}
        {entry.by === 'weight' && ' by weight'}
        {isOwnFigure(catalog, entry) && ' · your own figure'}
      </Why>
    </li>
  );
};

/** A check that is far from its limit: a field of the grid, and across it once it is opened. */
const Small = ({ entry, judged }: { entry: Finding; judged: Judged }) => {
  const catalog = useCatalog();
  return (
    <li className="border-t border-line pt-1 has-[details[open]]:col-span-2">
      <Why entry={entry} {...judged}>
        <span className="block font-semibold text-ink">
          <VerdictMark verdict={entry.verdict} word="" />
          {entry.rule === 'constituent' ? capitalised(entry.subject) : limitName(catalog, entry)}
        </span>
        {trackValue(entry)}
        {isOwnFigure(catalog, entry) && ' · your own figure'}
      </Why>
    </li>
  );
};

const Line = ({ entry, judged }: { entry: Finding; judged: Judged }) => {
  const catalog = useCatalog();
  return (
    <li className="border-b border-line py-2 text-[14px] last:border-0">
      <p>
        <VerdictMark verdict={entry.verdict} /> · {nonBreaking(findingMessage(catalog, entry))}
      </p>
      <Why entry={entry} {...judged} />
    </li>
  );
};

/** The limits as tracks, the closest first, and what else was found. */
export const Findings = memo(
  ({ findings, ...judged }: { findings: readonly Finding[] } & Judged) => {
    const catalog = useCatalog();
    const { over, tracks, raised, far, passed } = limitsShown(findings);
    const folded = far.length + passed.length;
    const notes = noteWords(catalog, findings);
    return (
      <Panel aria-label="Limits that apply" className="px-4 py-3">
        <h2 className="flex items-baseline justify-between font-sans text-[15px] font-semibold">
          Limits that apply
        </h2>
        <ul>
          {over.map((entry) => (
            <Line key={findingMessage(catalog, entry)} entry={entry} judged={judged} />
          ))}
          {tracks.map((entry) => (
            <Track
              key={`${entry.rule}/${entry.subject}/${entry.limit}`}
              entry={entry}
              judged={judged}
            />
          ))}
          {raised.map((entry) => (
            <Line key={findingMessage(catalog, entry)} entry={entry} judged={judged} />
          ))}
        </ul>
        {folded + notes.length > 0 && (
          <details className="text-[14px]">
            <summary className="py-1 text-press">
              {formatList([
                ...(folded > 0
                  ? [`${folded} other ${folded === 1 ? 'check' : 'checks'} passed`]
                  : []),
                ...(notes.length > 0 ? [countedWords(notes.length, 'note')] : []),
              ])}
            </summary>
            {notes.length > 0 && (
              <ul aria-label="Good to know" className="my-1 grid list-disc gap-1 pl-4">
                {notes.map((note) => (
                  <li key={note}>{nonBreaking(note)}</li>
                ))}
              </ul>
            )}
            <ul className="grid grid-cols-2 gap-x-3">
              {far.map((entry) => (
                <Small key={`${entry.rule}/${entry.subject}`} entry={entry} judged={judged} />
              ))}
            </ul>
            <ul>
              {passed.map((entry) => (
                <Line key={`${entry.rule}/${entry.subject}`} entry={entry} judged={judged} />
              ))}
            </ul>
          </details>
        )}
      </Panel>
    );
  },
);
Findings.displayName = 'Findings';
