import { useCatalog } from '../../parts/catalog';
import { dropOfBottle } from '@jubbet/core/stock';
import { formatRange } from '@jubbet/core/words';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useLocation } from 'react-router';
import { Button } from '../../parts/Button';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { together } from '../../parts/together';
import { bottles } from '../../store/bottles';
import { useStored } from '../../store/useStored';
import { searchChapters, type Chapter, type Lines, type Table as Tabular } from './chapter';
import { chapters } from './chapters';
import { Cell, Row, RowHead, Table } from '../../parts/Table';

const TableBlock = ({ block }: { block: Tabular }) => (
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
                  {together(cell)}
                </RowHead>
              ) : (
                <Cell key={column} under={block.head[column]}>
                  {together(cell)}
                </Cell>
              ),
            )}
          </Row>
        ))}
      </tbody>
    </Table>
  </div>
);

const LinesBlock = ({ block }: { block: Lines }) =>
  block.kind === 'list' ? (
    <ul className="mt-2 max-w-prose list-disc pl-5">
      {block.lines.map((line) => (
        <li key={line}>{together(line)}</li>
      ))}
    </ul>
  ) : (
    <>
      {block.lines.map((line) => (
        <p key={line} className="mt-2 max-w-prose">
          {together(line)}
        </p>
      ))}
    </>
  );

const ChapterSection = ({ chapter }: { chapter: Chapter }) => (
  <section
    id={chapter.id}
    aria-labelledby={`${chapter.id}-title`}
    className="mt-5 scroll-mt-4 rounded-xl border border-line bg-sheet px-5 py-4 print:border-0 print:px-0"
  >
    <h2 id={`${chapter.id}-title`} className="text-xl">
      {chapter.title}
    </h2>
    {chapter.blocks.map((block, index) =>
      block.kind === 'table' ? (
        <TableBlock key={index} block={block} />
      ) : (
        <LinesBlock key={index} block={block} />
      ),
    )}
  </section>
);

/** What the literature says, with every number from the library. */
export const HandbookScreen = () => {
  const catalog = useCatalog();
  const [query, setQuery] = useState('');
  const asked = useDeferredValue(query);
  const { hash } = useLocation();
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
      ),
    [catalog, shelf],
  );
  const found = useMemo(() => searchChapters(all, asked), [all, asked]);
  const ready = shelf !== undefined;
  useEffect(() => {
    if (ready && hash) document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [ready, hash]);
  return (
    <div className="mx-auto max-w-5xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title="Handbook" aside="published guidance, not medical advice" />
        <Button className="screen-only" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <label className="screen-only mt-3 block max-w-xl">
        <span className="sr-only">Search the handbook</span>
        <input
          type="search"
          className="w-full rounded-md border border-field bg-sheet px-3 py-2 placeholder:text-soft"
          placeholder="Search: an oil, an age, a place, a constituent"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
      </label>
      <nav
        aria-label="Chapters"
        className="screen-only mt-3 flex flex-wrap gap-x-4 gap-y-1 text-sm"
      >
        {found.map(({ id, title }) => (
          <a key={id} href={`#${id}`} className="text-press">
            {title}
          </a>
        ))}
      </nav>
      {found.length === 0 && (
        <p role="status" className="mt-4">
          Nothing in the handbook about “{asked.trim()}”.
        </p>
      )}
      {found.map((chapter) => (
        <ChapterSection key={chapter.id} chapter={chapter} />
      ))}
    </div>
  );
};
