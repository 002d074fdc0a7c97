import { Panel } from '../../ui/Panel';
import { useCatalog } from '../../parts/catalog';
import { libraryFigures } from '@jubbet/core/catalog';
import { dropOfBottle } from '@jubbet/core/stock';
import { formatRange, handbookWords } from '@jubbet/core/words';
import { lazy, Suspense, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { nonBreaking } from '../../parts/nonBreaking';
import { bottles } from '../../store/bottles';
import { figureChecks } from '../../store/figureChecks';
import { useStored } from '../../store/useStored';
import { searchChapters, type Chapter, type Lines, type Table as Tabular } from './chapter';
import { chapters } from './chapters';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { useUnits } from '../../parts/useUnits';

/** Who says so is under the chapter, by its number. */
const sourceHead = 'Source';

/** The sources of a chapter, in the order in which its tables name them. */
const sourcesOf = ({ blocks }: Chapter): readonly string[] => [
  ...new Set(
    blocks.flatMap((block) => {
      if (block.kind !== 'table') return [];
      const column = block.head.indexOf(sourceHead);
      return column < 0 ? [] : block.rows.flatMap((row) => row[column] ?? []);
    }),
  ),
];

const TableBlock = ({ block, sources }: { block: Tabular; sources: readonly string[] }) => {
  const noted = (cell: string, column: number) =>
    block.head[column] === sourceHead ? sources.indexOf(cell) + 1 : nonBreaking(cell);
  return (
    <div className="mt-3 overflow-x-auto" role="region" aria-label={block.caption} tabIndex={0}>
      <Table
        rows="figures"
        cards
        caption={block.caption}
        columns={block.head.map((name) => ({ name }))}
      >
        <tbody>
          {block.rows.map((row, index) => (
            <Row key={index}>
              {row.map((cell, column) =>
                column === 0 ? (
                  <RowHead key={column} className="font-semibold">
                    {nonBreaking(cell)}
                  </RowHead>
                ) : (
                  <Cell key={column} under={block.head[column]}>
                    {noted(cell, column)}
                  </Cell>
                ),
              )}
            </Row>
          ))}
        </tbody>
      </Table>
    </div>
  );
};

const LinesBlock = ({ block }: { block: Lines }) =>
  block.kind === 'list' ? (
    <ul className="mt-2 max-w-prose list-disc pl-5">
      {block.lines.map((line) => (
        <li key={line}>{nonBreaking(line)}</li>
      ))}
    </ul>
  ) : (
    <>
      {block.lines.map((line) => (
        <p key={line} className="mt-2 max-w-prose">
          {nonBreaking(line)}
        </p>
      ))}
    </>
  );

/** Charts come with their chapter, not with the handbook. */
const DilutionChart = lazy(async () => ({
  default: (await import('./DilutionChart')).DilutionChart,
}));

const ChapterSection = ({ chapter }: { chapter: Chapter }) => {
  const sources = sourcesOf(chapter);
  return (
    <Panel
      aria-labelledby={`${chapter.id}-title`}
      className="mb-5 px-5 py-4 print:border-0 print:px-0"
    >
      <h2 id={`${chapter.id}-title`} className="text-xl">
        {chapter.title}
      </h2>
      {chapter.blocks.map((block, index) =>
        block.kind === 'bars' ? (
          <Suspense key={index} fallback={<div style={{ height: 26 * block.bars.length + 64 }} />}>
            <DilutionChart chart={block} />
          </Suspense>
        ) : block.kind === 'table' ? (
          <TableBlock key={index} block={block} sources={sources} />
        ) : (
          <LinesBlock key={index} block={block} />
        ),
      )}
      {sources.length > 0 && (
        <section aria-label={`Sources of: ${chapter.title}`} className="mt-4 text-sm text-soft">
          <h3 className="font-sans font-semibold">Sources</h3>
          <ol className="list-decimal pl-5">
            {sources.map((source) => (
              <li key={source}>{source}</li>
            ))}
          </ol>
        </section>
      )}
    </Panel>
  );
};

/** Prints all chapters: they are drawn first, and put away again afterwards. */
const usePrintAll = (): readonly [printing: boolean, print: () => void] => {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    if (!printing) return;
    const done = () => setPrinting(false);
    window.addEventListener('afterprint', done, { once: true });
    window.print();
    return () => window.removeEventListener('afterprint', done);
  }, [printing]);
  return [printing, () => setPrinting(true)];
};

/** What the literature says, with every number from the library. */
export const HandbookScreen = () => {
  const catalog = useCatalog();
  const units = useUnits();
  const [query, setQuery] = useState('');
  const deferredQuery = useDeferredValue(query);
  const { hash } = useLocation();
  const checks = useStored(['figure-checks'], () => figureChecks.list()).data ?? [];
  const checked = new Set(checks.map(({ figureId }) => figureId)).size;
  const shelf = useStored(['bottles'], () => bottles.list()).data;
  const all = useMemo(
    () =>
      chapters(
        catalog,
        (shelf ?? []).flatMap(({ bottle }) => {
          const drop = dropOfBottle(catalog, bottle);
          const name = catalog.oil(bottle.materialId)?.name;
          return drop && name ? [[name, bottle.lot, formatRange(drop, 'ml')]] : [];
        }),
        units,
      ),
    [catalog, shelf, units],
  );
  const found = useMemo(() => searchChapters(all, deferredQuery), [all, deferredQuery]);
  const [printing, printAll] = usePrintAll();
  const navigate = useNavigate();
  // A page a chapter; what is looked for is shown from all of them, and paper has them all.
  const opened = Math.max(
    0,
    all.findIndex(({ id }) => `#${id}` === hash),
  );
  const shown = printing ? all : deferredQuery.trim() ? found : all.slice(opened, opened + 1);
  const beside = [all[opened - 1], all[opened + 1]] as const;
  return (
    <div className="mx-auto max-w-6xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title="Handbook" aside={handbookWords.publishedGuidanceNotMedicalAdvice} />
        <span className="screen-only flex flex-wrap gap-3">
          <ButtonLink to="/handbook/figures">
            Check the figures ({checked} of {libraryFigures.length} checked)
          </ButtonLink>
          <Button onClick={printAll}>Print all</Button>
        </span>
      </div>
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-x-6 gap-y-3 lg:grid-cols-[230px_minmax(0,1fr)] print:block">
        <div className="screen-only grid gap-3 lg:sticky lg:top-3">
          <label className="block">
            <span className="sr-only">Search the handbook</span>
            <input
              type="search"
              className="w-full rounded-md border border-field bg-sheet px-3 py-2 placeholder:text-soft"
              placeholder={handbookWords.oilAgePlaceConstituent}
              value={query}
              onChange={(event) => setQuery(event.target.value)}
            />
          </label>
          <div className="lg:hidden">
            <SelectField
              label="Chapter"
              value={all[opened]?.id ?? ''}
              choices={all.map(({ id, title }) => [id, title] as const)}
              onChoose={(id) => {
                setQuery('');
                void navigate(`#${id}`);
              }}
            />
          </div>
          <nav
            aria-label="Chapters"
            className="hidden max-h-[calc(100dvh-8rem)] overflow-y-auto lg:block"
          >
            <ul>
              {(deferredQuery.trim() ? found : all).map(({ id, title }) => (
                <li key={id}>
                  <Link
                    to={`#${id}`}
                    aria-current={
                      !deferredQuery.trim() && id === all[opened]?.id ? 'page' : undefined
                    }
                    className="block rounded-md px-2 py-1.5 text-press no-underline hover:bg-slate-wash aria-[current]:bg-slate-wash aria-[current]:font-semibold"
                    onClick={() => setQuery('')}
                  >
                    {title}
                  </Link>
                </li>
              ))}
            </ul>
          </nav>
        </div>
        <div>
          {shown.length === 0 && (
            <p role="status">{handbookWords.nothingInTheHandbookAbout(deferredQuery.trim())}</p>
          )}
          {shown.map((chapter) => (
            <ChapterSection key={chapter.id} chapter={chapter} />
          ))}
          {shown.length === 1 && !deferredQuery.trim() && (
            <nav
              aria-label={handbookWords.nextToThisChapter}
              className="screen-only flex justify-between gap-3"
            >
              {beside.map((chapter, n) =>
                chapter ? (
                  <ButtonLink key={chapter.id} to={`#${chapter.id}`}>
                    {n === 0 ? `← ${chapter.title}` : `${chapter.title} →`}
                  </ButtonLink>
                ) : (
                  <span key={n} />
                ),
              )}
            </nav>
          )}
        </div>
      </div>
    </div>
  );
};
