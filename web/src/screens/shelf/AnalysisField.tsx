import { Notice } from '../../ui/Notice';
import {
  analysisProblemWords,
  formatPercent,
  knownByNameWords,
  shelfWords,
} from '@jubbet/core/words';
import { readAnalysis, type ReadAnalysis } from '@jubbet/core/reading';
import type { Bottle } from '@jubbet/core/stock';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { longestTable, tableRows } from '../../ui/tableRows';

type Found = Extract<ReadAnalysis, { ok: true }>;

/** What was read, before it counts. */
const Preview = ({
  found,
  onTake,
  onCancel,
}: {
  found: Found;
  onTake: () => void;
  onCancel: () => void;
}) => (
  <Notice tone="note" role="group" aria-label="What was read" className="grid gap-2 px-4! py-3!">
    <p>
      {shelfWords.constituentsInTotalIsThis(
        found.contents.length,
        formatPercent(found.totalPercent, 3),
      )}
    </p>
    <p className="text-sm">{knownByNameWords(found.contents)}</p>
    <div className="max-h-64 overflow-y-auto" tabIndex={0} role="region" aria-label="Percents">
      <Table rows="figures">
        <tbody>
          {found.contents.map(([name, , typical]) => (
            <Row key={name}>
              <RowHead>{name}</RowHead>
              <Cell right>{formatPercent(typical, 4)}</Cell>
            </Row>
          ))}
        </tbody>
      </Table>
    </div>
    {found.refused.length > 0 && (
      <p className="text-sm text-brick">
        {shelfWords.leftOutBecauseTheyHave(
          found.refused.map(({ line, text }) => `line ${line} (${text.slice(0, 40)})`),
        )}
      </p>
    )}
    <div className="flex flex-wrap gap-2">
      <Button look="first" onClick={onTake}>
        Use these figures
      </Button>
      <Button onClick={onCancel}>Cancel</Button>
    </div>
  </Notice>
);

/** What a laboratory found in this very bottle: read in, or pasted. */
export const AnalysisField = ({
  lot,
  analysis,
  onChange,
}: {
  lot: string;
  analysis: Bottle['analysis'];
  onChange: (analysis: Bottle['analysis']) => void;
}) => {
  const [text, setText] = useState('');
  const [shownNotice, setShownNotice] = useState<string | null>(null);
  const [found, setFound] = useState<Found | null>(null);
  const usual = `batch analysis${lot ? ` of lot ${lot}` : ''}`;
  const read = (given: string) => {
    setText(given);
    setFound(null);
    if (given.length > longestTable) {
      setShownNotice('This is too long to be the analysis of one bottle. Nothing was changed.');
      return;
    }
    const next = readAnalysis(tableRows(given));
    setShownNotice(next.ok ? null : `${analysisProblemWords(next)} Nothing was changed.`);
    if (next.ok) setFound(next);
  };
  const take = (next: Found) => {
    setFound(null);
    onChange({ source: analysis?.source ?? usual, contents: [...next.contents] });
  };
  if (analysis) {
    const most = [...analysis.contents].sort((a, b) => b[2] - a[2]);
    return (
      <>
        <p>
          {shelfWords.constituentsReplaceTheLibrarysTypical(
            most.length,
            most.slice(0, 4).map(([name, , typical]) => `${name} ${formatPercent(typical, 3)}`),
          )}
        </p>
        <p className="text-sm text-soft">{knownByNameWords(analysis.contents)}</p>
        <TextField
          label="Source"
          maxLength={200}
          className="w-full max-w-md"
          value={analysis.source}
          onChange={(event) => onChange({ ...analysis, source: event.target.value })}
        />
        <Button className="w-fit" onClick={() => onChange(null)}>
          {shelfWords.removeItAndUseThe}
        </Button>
      </>
    );
  }
  return (
    <>
      <p className="text-sm text-soft">{shelfWords.csvTableOfConstituentsAnd}</p>
      <input
        type="file"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        aria-label={shelfWords.importABatchAnalysis}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (!file) return;
          file
            .text()
            .then(read)
            .catch(() => setShownNotice(`${file.name} could not be opened. Nothing was changed.`));
        }}
      />
      <label className="grid gap-1">
        <span className="text-sm text-soft">or paste it</span>
        <textarea
          rows={4}
          className="w-full rounded-md border border-field bg-transparent px-2 py-1.5"
          placeholder={'linalool, 34.2\nlinalyl acetate, 31.0'}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <Button className="w-fit" disabled={text.trim() === ''} onClick={() => read(text)}>
        Read it
      </Button>
      {shownNotice && (
        <p role="alert" className="text-sm text-brick">
          {shownNotice}
        </p>
      )}
      {found && (
        <Preview found={found} onTake={() => take(found)} onCancel={() => setFound(null)} />
      )}
    </>
  );
};
