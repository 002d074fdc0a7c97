import {
  evaluate,
  fillingsWords,
  handLabel,
  labelOf,
  resolveMade,
  usualVessels,
  type Blend,
  type BlendDraft,
  type Evaluation,
  type Label,
  type LabelFacts,
  type Vessel,
} from '@jubbet/core';
import { useState, type ReactNode } from 'react';
import { useParams } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { Kbd } from '../../parts/Kbd';
import { Missing } from '../../parts/Missing';
import { SelectField } from '../../parts/Field';
import { NumberField } from '../../parts/NumberField';
import { saveFile } from '../../parts/saveFile';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { useKeys } from '../../parts/useKeys';
import { batches } from '../../store/batches';
import { blends } from '../../store/blends';
import { today } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';
import { LabelSheet } from './LabelSheet';
import type { LabelSize, Paper } from './labelSize';

/** The label size of a usual vessel, or of the one nearest in volume. */
const sizeFor = ({ id: vesselId, kind: of, nominalMl }: Vessel): LabelSize => {
  const sized = usualVessels.flatMap(({ id, kind, nominalMl: ml, labelMm }) =>
    labelMm ? [{ id, kind, ml, size: labelMm }] : [],
  );
  const near = (list: typeof sized) =>
    [...list].sort((a, b) => Math.abs(a.ml - nominalMl) - Math.abs(b.ml - nominalMl))[0];
  const nearest = near(sized.filter(({ kind }) => kind === of)) ?? near(sized);
  return (
    sized.find(({ id }) => id === vesselId)?.size ?? nearest?.size ?? { height: 45, width: 55 }
  );
};

const Labels = ({
  label,
  copies,
  size: usual,
  back,
  choose,
}: {
  label: Label;
  copies: number;
  size: LabelSize;
  back: string;
  /** The way to the labels of another kind of vessel, where there is one. */
  choose: ReactNode;
}) => {
  const [size, setSize] = useState(usual);
  const [count, setCount] = useState(copies);
  const [paper, setPaper] = useState<Paper>('A4');
  const [told, setTold] = useState<string | null>(null);
  useKeys({ p: () => window.print() });
  const savePdf = async () => {
    try {
      const { labelPdf } = await import('./labelPdf');
      const { data, laidOut, pages } = await labelPdf(label, size, paper, count);
      saveFile(`${label.name}, label.pdf`, new Uint8Array(data), 'application/pdf');
      setTold(
        laidOut.fits
          ? `${pages === 1 ? 'One page' : `${pages} pages`}, in type of ${laidOut.points} points${laidOut.faces.length > 1 ? '; the cautions stand on a second label for the back' : ''}. Print it at 100 %, not fitted to the page.`
          : 'It does not fit a label of this size: what is too long runs over its edge. Take a larger label, or hang a tag on it.',
      );
    } catch (error) {
      setTold(
        `The PDF could not be made: ${error instanceof Error ? error.message : String(error)}.`,
      );
    }
  };
  return (
    <div className="mx-auto grid max-w-4xl gap-4">
      <div className="screen-only flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={`Label: ${label.name}`} aside="at its true size on paper" />
        <div className="flex gap-2">
          <ButtonLink to={back}>Back</ButtonLink>
          <Button onClick={() => window.print()}>
            Print <Kbd>P</Kbd>
          </Button>
          <Button look="first" onClick={() => void savePdf()}>
            Save as PDF
          </Button>
        </div>
      </div>
      <div className="screen-only flex flex-wrap items-end gap-x-6 gap-y-3 rounded-xl border border-line bg-sheet px-4 py-3">
        {choose}
        <label className="grid gap-1">
          <span className="text-sm text-soft">Made by</span>
          <input
            className="w-64 rounded-md border border-line bg-transparent px-2 py-1.5"
            maxLength={120}
            defaultValue={label.maker}
            placeholder="Your name, as it stands on labels"
            onChange={(event) => void settings.write('maker', event.target.value)}
          />
        </label>
        <label className="flex items-baseline gap-2">
          Width
          <NumberField
            label="Width of the label"
            unit="mm"
            framed
            className="w-16"
            value={size.width}
            rule={{ least: 20, most: 200 }}
            onNumber={(width) => setSize({ ...size, width })}
          />
        </label>
        <label className="flex items-baseline gap-2">
          Height
          <NumberField
            label="Height of the label"
            unit="mm"
            framed
            className="w-16"
            value={size.height}
            rule={{ least: 15, most: 200 }}
            onNumber={(height) => setSize({ ...size, height })}
          />
        </label>
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
        <label className="flex items-baseline gap-2">
          PDF on
          <select
            className="min-h-9 rounded-md border border-line bg-sheet px-2"
            value={paper}
            onChange={(event) => setPaper(event.target.value as Paper)}
          >
            <option value="A4">a sheet of A4</option>
            <option value="Letter">a sheet of Letter</option>
            <option value="single">one label a page</option>
          </select>
        </label>
      </div>
      {told && (
        <p role="status" className="screen-only rounded-lg bg-slate-wash px-4 py-2">
          {told}
        </p>
      )}
      <LabelSheet label={label} size={size} count={count} />
      <section className="screen-only rounded-xl border border-line bg-sheet px-4 py-3">
        <h2 className="text-lg">To write by hand</h2>
        <p className="text-sm text-soft">
          For a scrap of tape. Use a pencil or a pen that oil does not smear.
        </p>
        <p className="mt-2 font-serif text-lg whitespace-pre-line">{handLabel(label).join('\n')}</p>
      </section>
    </div>
  );
};

/** Labels of a blend, of one kind of its vessels at a time. */
const LabelsOf = ({
  blend,
  evaluation,
  facts,
  back,
}: {
  blend: Blend;
  evaluation: Evaluation;
  facts: LabelFacts;
  back: string;
}) => {
  const [line, setLine] = useState(0);
  const { vessel, count } = blend.fillings[line] ?? { vessel: blend.formula.vessel, count: 1 };
  return (
    <Labels
      key={line}
      label={labelOf(blend, evaluation, facts, line)}
      copies={Math.min(100, count)}
      size={sizeFor(vessel)}
      back={back}
      choose={
        blend.fillings.length > 1 && (
          <SelectField
            label="For which vessel"
            value={String(line)}
            choices={blend.fillings.map(
              (one, index) => [String(index), fillingsWords([one])] as const,
            )}
            onChoose={(index) => setLine(Number(index))}
          />
        )
      }
    />
  );
};

/** The label of a batch. */
export const BatchLabelScreen = () => {
  const { batchId = '' } = useParams();
  const batch = useStored(['batch', batchId], () => batches.get(batchId));
  const set = useStored(['settings'], () => settings.read());
  const error = batch.error ?? set.error;
  if (error) throw error;
  if (batch.data === undefined || set.data === undefined) return null;
  if (batch.data === null) {
    return <Missing title="No such batch" text="It may have been taken out of the log." />;
  }
  const blend = resolveMade(batch.data.file);
  return (
    <LabelsOf
      blend={blend}
      evaluation={evaluate(blend)}
      facts={{ batch: batch.data.number, madeOn: batch.data.madeOn, maker: set.data.maker }}
      back={`/batches/${batchId}`}
    />
  );
};

/** The label of a blend that is not made yet: today's date, and no batch. */
export const BlendLabelScreen = () => {
  const { blendId = '' } = useParams();
  const found = useStored(['blend', blendId], () => blends.get(blendId));
  const set = useStored(['settings'], () => settings.read());
  const error = found.error ?? set.error;
  if (error) throw error;
  if (found.data === undefined || set.data === undefined) return null;
  if (found.data === null) {
    return <Missing title="This blend is not in the book" text="It may have been deleted." />;
  }
  return <LabelOfDraft blendId={blendId} draft={found.data.draft} maker={set.data.maker} />;
};

const LabelOfDraft = ({
  blendId,
  draft,
  maker,
}: {
  blendId: string;
  draft: BlendDraft;
  maker: string;
}) => {
  const { worked } = useWorkedOut(draft);
  if (worked.state !== 'done') {
    return (
      <section className="mx-auto max-w-xl py-10">
        <ScreenTitle title="No label yet" />
        <p className="mt-3">
          {worked.state === 'gaps'
            ? 'The sentence still has gaps, so there is nothing true to put on a label.'
            : worked.problem.message.replace(/^[\w.]+: /, '')}
        </p>
        <ButtonLink look="first" className="mt-4" to={`/blends/${blendId}`}>
          Back to the sheet
        </ButtonLink>
      </section>
    );
  }
  return (
    <LabelsOf
      blend={worked.blend}
      evaluation={worked.evaluation}
      facts={{ batch: '', madeOn: today(), maker }}
      back={`/blends/${blendId}`}
    />
  );
};
