import {
  agrees,
  libraryFigure,
  libraryFigures,
  type FigureCheck,
  type LibraryFigure,
} from '@jubbet/core/catalog';
import { longestChecksFile, readChecks, writeChecks } from '@jubbet/core/exchange';
import { searchFor } from '@jubbet/core/quantity';
import {
  checkWords,
  countedWords,
  figureKindWords,
  figureWords,
  fileProblemWords,
  formatPercent,
  sourceWords,
  handbookWords,
} from '@jubbet/core/words';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { SelectField, TextField } from '../../ui/Field';
import { useNotice } from '../../parts/notice';
import { saveFile } from '../../parts/saveFile';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { useWrite } from '../../parts/useWrite';
import { figureChecks } from '../../store/figureChecks';
import { today } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { CheckForm, type Reader } from './CheckForm';

type Shown = 'open' | 'checked' | 'differ';

const kinds = Object.keys(figureKindWords) as LibraryFigure['kind'][];

const FigureRow = ({
  figure,
  checks,
  onCheck,
}: {
  figure: LibraryFigure;
  checks: readonly FigureCheck[];
  onCheck: () => void;
}) => {
  const catalog = useCatalog();
  const name = figureWords(catalog, figure);
  return (
    <Row>
      <RowHead>{name}</RowHead>
      <Cell right under="Library" className="font-semibold whitespace-nowrap">
        {formatPercent(figure.percent)}
      </Cell>
      <Cell under="Source" className="text-soft">
        {sourceWords(figure.source)}; confidence: {figure.confidence}
      </Cell>
      <Cell under="Checked">
        {checks.map((check) => (
          <span key={check.id} className="block">
            {agrees(figure, check) ? (
              <span className="text-moss">✓ </span>
            ) : (
              <b className="text-amber">≠ </b>
            )}
            {checkWords(check)}
          </span>
        ))}
        <Button
          look="quiet"
          className="screen-only"
          aria-label={`I checked this: ${name}, ${figureKindWords[figure.kind]}`}
          onClick={onCheck}
        >
          I checked this
        </Button>
        {checks.length === 0 && (
          <span className="hidden print:inline">page ______ says ______ % by ____________</span>
        )}
      </Cell>
    </Row>
  );
};

/** Every maximum of the library, who looked it up, and a list of what is left to look up. */
export const FiguresScreen = () => {
  const catalog = useCatalog();
  const tell = useNotice();
  const write = useWrite();
  const [params, setParams] = useSearchParams();
  const [shown, setShown] = useState<Shown>('open');
  const [query, setQuery] = useState('');
  const [trouble, setTrouble] = useState('');
  const stored = useStored(['figure-checks'], () => figureChecks.list()).data;
  const house = useStored(['settings'], () => settings.read()).data;
  const [reader, setReader] = useState<Reader | null>(null);
  const byFigure = useMemo(() => {
    const found = new Map<string, FigureCheck[]>();
    for (const check of stored ?? []) {
      found.set(check.figureId, [...(found.get(check.figureId) ?? []), check]);
    }
    return found;
  }, [stored]);
  const chosen = libraryFigure(params.get('figure') ?? '');
  const choose = (id: string | null): void => setParams(id === null ? {} : { figure: id });
  const checksOf = ({ id }: LibraryFigure): readonly FigureCheck[] => byFigure.get(id) ?? [];
  const isShown = (figure: LibraryFigure): boolean => {
    const checks = checksOf(figure);
    switch (shown) {
      case 'open':
        return checks.length === 0;
      case 'checked':
        return checks.length > 0;
      case 'differ':
        return checks.some((check) => !agrees(figure, check));
    }
  };
  const matches = searchFor(query);
  const list = libraryFigures.filter(
    (figure) => isShown(figure) && matches(figureWords(catalog, figure)),
  );
  const done = libraryFigures.filter((figure) => checksOf(figure).length > 0).length;
  const save = async (check: FigureCheck): Promise<void> => {
    const undo = await write('The check', () => figureChecks.save(check));
    if (!undo) return;
    setReader({ work: check.work, by: check.by });
    choose(null);
    const figure = libraryFigure(check.figureId);
    const name = figure ? figureWords(catalog, figure) : '';
    tell({
      text:
        figure && agrees(figure, check)
          ? `${name}: checked, and it is as the library says.`
          : `${name}: checked. The book says ${formatPercent(check.percent)}.`,
      undo: () => void write('The check', undo),
    });
  };
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    if (file.size > longestChecksFile) {
      setTrouble('That file is too large for checks.');
      return;
    }
    const text = await file.text().catch(() => null);
    if (text === null) {
      setTrouble('That file could not be read.');
      return;
    }
    const read = readChecks(text);
    if (!read.ok) {
      setTrouble(fileProblemWords(read.problem));
      return;
    }
    setTrouble(
      read.unknown.length > 0
        ? `${countedWords(read.unknown.length, 'figure')} of that file are not in this library: ${read.unknown.slice(0, 5).join(', ')}.`
        : '',
    );
    const came = await write('The checks', () => figureChecks.addAll(read.checks));
    if (came) {
      tell({
        text: `${countedWords(came.added, 'check')} added; ${came.here} were here already.`,
      });
    }
  };
  return (
    <div className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="Figures to check"
          aside={`${done} of ${libraryFigures.length} maxima checked`}
        />
        <ButtonLink to="/handbook" className="screen-only">
          {handbookWords.backToTheHandbook}
        </ButtonLink>
      </div>
      <p className="max-w-prose">{handbookWords.everyFigureHereWasRecalled}</p>
      {chosen && house && (
        <CheckForm
          key={chosen.id}
          figure={chosen}
          reader={reader ?? { work: '', by: house.maker }}
          onSave={(check) => void save(check)}
          onLeave={() => choose(null)}
        />
      )}
      <div className="screen-only flex flex-wrap items-end gap-x-6 gap-y-3">
        <SelectField<Shown>
          label="Show"
          value={shown}
          choices={[
            ['open', 'not checked yet'],
            ['checked', 'checked'],
            ['differ', 'the book says something else'],
          ]}
          onChoose={setShown}
        />
        <TextField
          label="Find a figure"
          type="search"
          className="w-56"
          value={query}
          onChange={({ target }) => setQuery(target.value)}
        />
      </div>
      <div className="screen-only flex flex-wrap items-end gap-3">
        <Button onClick={() => window.print()}>Print this list</Button>
        <Button
          disabled={(stored ?? []).length === 0}
          onClick={() =>
            saveFile(`jubbet-checks-${today()}.json`, writeChecks(stored ?? []), 'application/json')
          }
        >
          {handbookWords.saveTheChecksAsA}
        </Button>
        <label className="grid gap-1 text-sm text-soft">
          <span>{handbookWords.addChecksFromAFile}</span>
          <input
            type="file"
            accept=".json,application/json"
            onChange={({ target }) => {
              void open(target.files?.[0]);
              target.value = '';
            }}
          />
        </label>
      </div>
      {trouble !== '' && (
        <p role="alert" className="text-brick">
          ■ {trouble}
        </p>
      )}
      {list.length === 0 && <p>None.</p>}
      {kinds.map((kind) => {
        const ofKind = list.filter((figure) => figure.kind === kind);
        return ofKind.length === 0 ? null : (
          <section key={kind} aria-label={figureKindWords[kind]}>
            <h2 className="text-xl">{figureKindWords[kind]}</h2>
            <Table
              rows="figures"
              cards
              columns={[
                { name: 'Figure' },
                { name: 'Library', right: true },
                { name: 'Source' },
                { name: 'Checked' },
              ]}
            >
              <tbody>
                {ofKind.map((figure) => (
                  <FigureRow
                    key={figure.id}
                    figure={figure}
                    checks={checksOf(figure)}
                    onCheck={() => choose(figure.id)}
                  />
                ))}
              </tbody>
            </Table>
          </section>
        );
      })}
    </div>
  );
};
