import { saveTable } from '../../parts/saveTable';
import { nameIn, type Catalog } from '@jubbet/core/catalog';
import type { ToBuy } from '@jubbet/core/stock';
import { countedWords, formatNumber, moneyWords, shelfWords } from '@jubbet/core/words';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { OilName } from '../../parts/OilName';
import { saveFile } from '../../parts/saveFile';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useToBuy } from '../../parts/useToBuy';
import { useWrite } from '../../parts/useWrite';
import { bottles } from '../../store/bottles';
import { today } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { Tick } from '../../ui/Tick';

const keyOf = ({ materialId, unit }: ToBuy): string => `${materialId}/${unit}`;

const howLong = ({ days, left, unit }: ToBuy): string => {
  if (left <= 0) return 'empty';
  const amount = `${formatNumber(left, 3)} ${unit} left`;
  if (days === null) return amount;
  return days < 1
    ? `${amount}, gone today at the usual pace`
    : `${amount}, ${countedWords(Math.floor(days), 'day')} at the usual pace`;
};

/** What a line of the list says, without the tick. */
const lineOf = (catalog: Catalog, entry: ToBuy): string => {
  const { bottle } = entry.last;
  return `${nameIn(catalog, entry.materialId)}, ${formatNumber(bottle.size, 3)} ${entry.unit}${bottle.supplier ? `, ${bottle.supplier}` : ''}`;
};

/** What runs out, as a list to take along; what was bought goes onto the shelf. */
export const ShoppingScreen = () => {
  const catalog = useCatalog();
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const list = useToBuy();
  const set = useStored(['settings'], () => settings.read()).data;
  if (!list || !set) return null;
  const ticked = new Set(set.shoppingTicked);
  const open = list.filter((entry) => !ticked.has(keyOf(entry)));
  const tick = (entry: ToBuy, isTicked: boolean): void => {
    const here = new Set(list.map(keyOf));
    const next = [...ticked].filter((key) => key !== keyOf(entry) && here.has(key));
    void write('The list', () =>
      settings.write('shoppingTicked', isTicked ? [...next, keyOf(entry)] : next),
    );
  };
  const buy = async ({ last: { bottle } }: ToBuy): Promise<void> => {
    const { left: _, ...same } = bottle;
    const id = await write('The bottle', () =>
      bottles.add({
        ...same,
        lot: '',
        boughtOn: today(),
        openedOn: null,
        printedDate: null,
        atStart: bottle.size,
        weighings: [],
        analysis: null,
        first: false,
        finishedOn: null,
      }),
    );
    if (id === undefined) return;
    await navigate(`/shelf/${id}`);
    tell({ text: 'It is on the shelf, closed. Type its lot number and its dates.' });
  };
  const markdown = (): string =>
    list
      .map((entry) => `- [${ticked.has(keyOf(entry)) ? 'x' : ' '}] ${lineOf(catalog, entry)}`)
      .join('\n');
  const saveCsv = (): void =>
    saveTable(
      'shopping list',
      ['material', 'size', 'unit', 'supplier', 'last price', 'left', 'days left'],
      open.map((entry) => [
        nameIn(catalog, entry.materialId),
        entry.last.bottle.size,
        entry.unit,
        entry.last.bottle.supplier,
        entry.last.bottle.price ?? '',
        Math.round(100 * entry.left) / 100,
        entry.days === null ? '' : Math.floor(entry.days),
      ]),
    );
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(open.map((entry) => lineOf(catalog, entry)).join('\n'));
      tell({ text: 'The list is copied.' });
    } catch {
      tell({ text: 'The browser did not allow copying. Save the list instead.', alarm: true });
    }
  };
  return (
    <div className="mx-auto grid max-w-3xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="Shopping list"
          aside={list.length > 0 ? `${open.length} of ${list.length} to buy` : ''}
        />
        <ButtonLink to="/shelf">{shelfWords.backToTheShelf}</ButtonLink>
      </div>
      {list.length === 0 ? (
        <p className="max-w-prose">{shelfWords.nothingRunsOutOfEverything}</p>
      ) : (
        <>
          <ul className="rounded-xl border border-line bg-sheet px-5 py-2">
            {list.map((entry) => (
              <li
                key={keyOf(entry)}
                className="flex min-h-14 flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-1.5 last:border-0"
              >
                <Tick
                  className="min-w-60 flex-1"
                  isOn={ticked.has(keyOf(entry))}
                  onTick={(isOn) => tick(entry, isOn)}
                >
                  <span className={ticked.has(keyOf(entry)) ? 'text-soft line-through' : ''}>
                    <OilName name={nameIn(catalog, entry.materialId)} />,{' '}
                    {formatNumber(entry.last.bottle.size, 3)} {entry.unit}
                    <span className="block text-sm text-soft">
                      {howLong(entry)}
                      {entry.last.bottle.supplier && ` · ${entry.last.bottle.supplier}`}
                      {entry.last.bottle.price !== null &&
                        ` · ${moneyWords(entry.last.bottle.price, set.currency)} last time`}
                    </span>
                  </span>
                </Tick>
                <Button
                  aria-label={`Bought: ${nameIn(catalog, entry.materialId)}`}
                  onClick={() => void buy(entry)}
                >
                  Bought
                </Button>
              </li>
            ))}
          </ul>
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => void copy()}>Copy the list</Button>
            <Button onClick={saveCsv}>Save as CSV</Button>
            <Button onClick={() => saveFile('shopping list.md', markdown(), 'text/markdown')}>
              Save as Markdown
            </Button>
          </div>
        </>
      )}
    </div>
  );
};
