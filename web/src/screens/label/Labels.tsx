import { Notice } from '../../ui/Notice';
import { Panel } from '../../ui/Panel';
import { handLabel, tooSmallWords, labelWords } from '@jubbet/core/words';
import type { LabelSize } from '@jubbet/core/label';
import { Fragment, useEffect, useRef, useState, type ReactNode } from 'react';
import { Button, ButtonLink } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { Kbd } from '../../ui/Kbd';
import { NumberField } from '../../ui/NumberField';
import { saveFile } from '../../parts/saveFile';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useKeys } from '../../parts/useKeys';
import { useWrite } from '../../parts/useWrite';
import { settings, type Settings } from '../../store/settings';
import { LabelSheet } from './LabelSheet';
import type { LabelToPrint } from './labelToPrint';
import { NamesFirst } from './NamesFirst';
import { idOf, PaperFields, printedOn } from './PaperFields';
import { errorText } from '../../parts/errorText';

/** How labels were printed last: it is how they are printed next. */
export type Printing = Pick<
  Settings,
  | 'maker'
  | 'makerAsked'
  | 'responsible'
  | 'labelSizes'
  | 'labelPaper'
  | 'labelNames'
  | 'degrees'
  | 'ounces'
  | 'spoons'
>;

/** How a label goes out. */
type Out = 'print' | 'pdf' | 'svg';

/** A label with what it is for. */
export interface LabelFor extends LabelToPrint {
  /** `Bottle 2: 10 ml roll-on, 3.2 %`. */
  readonly heading: string;
}

/** One label or several, how large and how often they are printed, and on what. */
export const Labels = ({
  labels,
  size: usual,
  kind,
  printing,
  back,
  choose,
  notice,
  isNamed,
  onName,
}: {
  /** Several are printed together, each as often as it says. */
  labels: readonly [LabelFor, ...LabelFor[]];
  size: LabelSize;
  /** Of the container: its labels are remembered by it. */
  kind: string;
  printing: Printing;
  back: string;
  /** The way to the labels of another kind of container, where there is one. */
  choose: ReactNode;
  /** What is wanting on it. */
  notice: ReactNode;
  /** False where the blend has no name yet: that is asked for before anything is printed. */
  isNamed: boolean;
  onName: (name: string) => Promise<unknown>;
}) => {
  const [cut, setCut] = useState(usual);
  const [{ label, count: copies }, ...others] = labels;
  const [count, setCount] = useState(copies);
  const printed: readonly LabelFor[] = others.length > 0 ? labels : [{ ...labels[0], count }];
  const doNotUse = labels.some((entry) => entry.label.doNotUse);
  const [paper, setPaper] = useState(() => printedOn(printing.labelPaper));
  const [firstSpot, setFirstSpot] = useState(1);
  const sheet = typeof paper === 'string' ? null : paper;
  const size = sheet?.size ?? cut;
  const [shownNotice, setShownNotice] = useState<string | null>(null);
  const write = useWrite();
  const keep = <K extends keyof Printing>(key: K, value: Settings[K]): void =>
    void write('The label', () => settings.write(key, value));
  const resize = (next: LabelSize): void => {
    setCut(next);
    keep('labelSizes', { ...printing.labelSizes, [kind]: next });
  };
  const savePdf = async () => {
    try {
      const { labelPdf } = await import('./labelPdf');
      const { data, points, isFolded, left, pages } = await labelPdf(
        printed,
        size,
        idOf(paper),
        firstSpot,
      );
      saveFile(
        `${label.name}, ${others.length > 0 ? 'labels' : 'label'}.pdf`,
        new Uint8Array(data),
        'application/pdf',
      );
      setShownNotice(
        left.length > 0
          ? tooSmallWords(left)
          : `${pages === 1 ? 'One page' : `${pages} pages`}, in ${points}-point type${isFolded ? '; a second label is for the back' : ''}. Print it at 100 %, not fitted to the page.`,
      );
    } catch (error) {
      setShownNotice(`The PDF could not be made: ${errorText(error).reason}.`);
    }
  };
  const saveSvg = async () => {
    const { labelSvg, measureOnScreen } = await import('./labelSvg');
    const svg = labelSvg(label, size, measureOnScreen());
    saveFile(`${label.name}, label.svg`, svg, 'image/svg+xml');
  };
  // A sheet of labels has its places to the tenth of a millimetre: only the PDF meets them.
  const out: Readonly<Record<Out, () => void>> = {
    print: () => (sheet ? void savePdf() : window.print()),
    pdf: () => void savePdf(),
    svg: () => void write('The label', saveSvg),
  };
  const [asking, setAsking] = useState<Out | null>(null);
  const waiting = useRef<Out | null>(null);
  // What must not be used is labelled at once, named or not.
  const isAsked =
    !doNotUse && (!isNamed || (!label.sale && label.maker === '' && !printing.makerAsked));
  useEffect(() => {
    // Once the names are on the label, what was asked for goes on.
    if (isAsked || waiting.current === null) return;
    const next = waiting.current;
    waiting.current = null;
    out[next]();
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isAsked]);
  /** What goes out bears a name: the first time it is asked for. */
  const goOut = (how: Out): void => (isAsked ? setAsking(how) : out[how]());
  const print = () => goOut('print');
  useKeys({ p: print });
  return (
    <div className="mx-auto grid max-w-4xl gap-4">
      <div className="screen-only flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title={`Label: ${label.name}`}
          aside={doNotUse ? 'do not use' : 'true size on paper'}
        />
        <div className="flex flex-wrap gap-2">
          <ButtonLink to={back}>Back</ButtonLink>
          {!sheet && (
            <Button onClick={print}>
              Print <Kbd>P</Kbd>
            </Button>
          )}
          {others.length === 0 && <Button onClick={() => goOut('svg')}>Save as SVG</Button>}
          <Button look="first" onClick={() => goOut('pdf')}>
            Save as PDF {sheet && <Kbd>P</Kbd>}
          </Button>
        </div>
      </div>
      <Panel className="screen-only flex flex-wrap items-end gap-x-6 gap-y-3 px-4 py-3">
        {choose}
        {!label.sale && (
          <label className="grid gap-1">
            <span className="text-sm text-soft">Made by</span>
            <input
              className="w-64 rounded-md border border-field bg-transparent px-2 py-1.5"
              maxLength={120}
              defaultValue={label.maker}
              placeholder={labelWords.yourNameAsPrintedOn}
              onChange={(event) => keep('maker', event.target.value)}
            />
          </label>
        )}
        <PaperFields
          size={size}
          paper={paper}
          firstSpot={firstSpot}
          onSize={resize}
          onPaper={(next) => {
            setPaper(next);
            keep('labelPaper', idOf(next));
          }}
          onFirstSpot={setFirstSpot}
        />
        {others.length === 0 && (
          <label className="flex items-baseline gap-2">
            Labels
            <NumberField
              label="How many labels"
              framed
              className="w-14"
              value={count}
              rule={{ least: 1, most: 100, whole: true }}
              onNumber={setCount}
            />
          </label>
        )}
        {!label.sale && (
          <SelectField
            label="Names of ingredients"
            value={printing.labelNames}
            choices={
              [
                ['common', 'common names'],
                ['botanical', 'botanical (INCI)'],
              ] as const
            }
            onChoose={(names) => keep('labelNames', names)}
          />
        )}
      </Panel>
      {asking && (
        <NamesFirst
          isNamed={isNamed}
          needsMaker={!label.sale && label.maker === ''}
          onNames={async ({ name, maker }) => {
            waiting.current = asking;
            const saved = await write('The names', async () => {
              if (name !== null) await onName(name);
              if (maker !== '') await settings.write('maker', maker);
              await settings.write('makerAsked', true);
              return true;
            });
            if (saved) setAsking(null);
            else waiting.current = null;
          }}
          onCancel={() => setAsking(null)}
        />
      )}
      {shownNotice && (
        <Notice tone="note" role="status" className="screen-only">
          {shownNotice}
        </Notice>
      )}
      {notice}
      {printed.map((entry, n) => (
        <Fragment key={n}>
          {(others.length > 0 || entry.count > 1) && (
            <p className="screen-only text-soft">
              {others.length > 0 && `${entry.heading}. `}
              {entry.count > 1 && `One of ${entry.count}; all of them are printed.`}
            </p>
          )}
          <LabelSheet
            label={entry.label}
            size={size}
            count={entry.count}
            heading={others.length > 0 ? entry.heading : 'Labels'}
          />
        </Fragment>
      ))}
      <section className="screen-only rounded-xl border border-line bg-sheet px-4 py-3">
        <h2 className="text-lg">{labelWords.toWriteByHand}</h2>
        <p className="text-sm text-soft">{labelWords.forAPieceOfTape}</p>
        {labels.map((entry, n) => (
          <p key={n} className="mt-2 font-serif text-lg whitespace-pre-line">
            {handLabel(entry.label).join('\n')}
          </p>
        ))}
      </section>
    </div>
  );
};
