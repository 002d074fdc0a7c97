import { Panel } from '../../ui/Panel';
import { nameIn } from '@jubbet/core/catalog';
import { readShelf, type ShelfLine } from '@jubbet/core/reading';
import {
  countedWords,
  formatNumber,
  shelfLineWords,
  shelfTableWords,
  shelfWords,
} from '@jubbet/core/words';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { longestTable, tableRows } from '../../ui/tableRows';
import { useWrite } from '../../parts/useWrite';
import { bottles } from '../../store/bottles';
import { today } from '../../store/now';

const example = 'material;lot;size;left;opened;best before;price';

const LineRow = ({
  one,
  onChoose,
  onTwo,
}: {
  one: ShelfLine;
  onChoose: (materialId: string) => void;
  /** The same line again is a bottle more. */
  onTwo: () => void;
}) => {
  const catalog = useCatalog();
  if (!one.ok) {
    return (
      <Row>
        <RowHead>Line {one.line}</RowHead>
        <Cell under="Bottle" className="text-brick">
          <span aria-hidden>■ </span>
          {shelfLineWords(one.problem)}
          {one.problem.code === 'twice' && (
            <Button className="mt-1" onClick={onTwo}>
              {shelfWords.twoBottlesAddBoth}
            </Button>
          )}
          {one.problem.code === 'several' && (
            <span className="mt-1 flex flex-wrap gap-2">
              {one.problem.ids.map((id) => (
                <Button key={id} onClick={() => onChoose(id)}>
                  {nameIn(catalog, id)}
                </Button>
              ))}
            </span>
          )}
        </Cell>
      </Row>
    );
  }
  const { materialId, lot, unit, size, atStart, openedOn, printedDate } = one.bottle;
  return (
    <Row>
      <RowHead>Line {one.line}</RowHead>
      <Cell under="Bottle">
        <b>{nameIn(catalog, materialId)}</b>
        {lot && `, lot ${lot}`}, {formatNumber(atStart, 3)} of {formatNumber(size, 3)} {unit}
        {openedOn && `, opened ${openedOn}`}
        {printedDate && `, best before ${printedDate}`}
      </Cell>
    </Row>
  );
};

/** A whole shelf out of a table: looked through before anything is added. */
export const ShelfImportScreen = () => {
  const catalog = useCatalog();
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<ReadonlyMap<number, string>>(new Map());
  const [twoOf, setTwoOf] = useState<ReadonlySet<number>>(new Set());
  const [trouble, setTrouble] = useState('');
  const take = (table: string): void => {
    setChosen(new Map());
    setTwoOf(new Set());
    setTrouble(table.length > longestTable ? 'That is too long for a table of bottles.' : '');
    setText(table.length > longestTable ? '' : table);
  };
  const rows = useMemo(() => (text.trim() === '' ? null : tableRows(text)), [text]);
  const read = useMemo(
    () => rows && readShelf(rows, catalog, today(), chosen, twoOf),
    [rows, catalog, chosen, twoOf],
  );
  const lines = read?.ok ? read.lines : [];
  const good = lines.flatMap((line) =>
    line.ok ? Array.from({ length: line.count }, () => line.bottle) : [],
  );
  const bad = lines.filter(({ ok }) => !ok).length;
  const add = async (): Promise<void> => {
    const ids = await write('The shelf', () => bottles.addAll(good));
    if (!ids) return;
    await navigate('/shelf');
    tell({
      text: `${countedWords(good.length, 'bottle')} added.`,
      undo: () => void write('The shelf', () => bottles.removeAll(ids)),
    });
  };
  return (
    <div className="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title="Import bottles" />
        <ButtonLink to="/shelf">{shelfWords.backToTheShelf}</ButtonLink>
      </div>
      <section className="grid grid-cols-[minmax(0,1fr)] gap-3 rounded-xl border border-line bg-sheet px-5 py-4">
        <p className="max-w-prose">{shelfWords.csvFileFromAnySpreadsheet}</p>
        <input
          type="file"
          aria-label="Table of bottles"
          className="max-w-full"
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (!file) return;
            if (file.size > longestTable) setTrouble('That is too large for a table of bottles.');
            else void file.text().then(take, () => setTrouble('That file could not be read.'));
          }}
        />
        <label className="grid grid-cols-[minmax(0,1fr)] gap-1">
          <span className="text-sm text-soft">or paste it</span>
          <textarea
            rows={6}
            className="w-full rounded-md border border-field bg-transparent px-2 py-1.5 font-mono text-sm placeholder:text-soft"
            placeholder={`${example}\ntea tree;TT-9;10 ml;6.5;2026-05-03;2028-01-31;7.50`}
            value={text}
            onChange={(event) => take(event.target.value)}
          />
        </label>
        {(trouble || (read && !read.ok)) && (
          <p role="alert" className="text-brick">
            {trouble || (read && !read.ok && shelfTableWords(read))}
          </p>
        )}
      </section>
      {read?.ok && (
        <Panel
          aria-label="What was read"
          className="grid grid-cols-[minmax(0,1fr)] gap-3 px-5 py-4"
        >
          <p role="status">
            {countedWords(good.length, 'bottle')} can be added
            {bad > 0 && `; ${countedWords(bad, 'line')} can’t be added yet`}.
            {read.unread.length > 0 &&
              ` Not read: ${read.unread.map((name) => `“${name.slice(0, 40)}”`).join(', ')}.`}
          </p>
          <Table columns={[{ name: 'Line' }, { name: 'Bottle' }]}>
            <tbody>
              {[...lines]
                .sort((a, b) => Number(a.ok) - Number(b.ok))
                .slice(0, 200)
                .map((shelfLine) => (
                  <LineRow
                    key={shelfLine.line}
                    one={shelfLine}
                    onChoose={(id) => setChosen(new Map(chosen).set(shelfLine.line, id))}
                    onTwo={() => setTwoOf(new Set(twoOf).add(shelfLine.line))}
                  />
                ))}
            </tbody>
          </Table>
          {lines.length > 200 && <p className="text-soft">and {lines.length - 200} more</p>}
          <div>
            <Button look="first" disabled={good.length === 0} onClick={() => void add()}>
              {bad > 0
                ? `Add ${good.length}, leave out ${bad}`
                : `Add ${countedWords(good.length, 'bottle')}`}
            </Button>
          </div>
        </Panel>
      )}
    </div>
  );
};
