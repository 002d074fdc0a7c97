import {
  labelSizeOf,
  labelOf,
  madePieces,
  plannedPieces,
  type LabelFacts,
  type Piece,
  claimsIn,
  saleFactsOf,
  saleStanding,
} from '@jubbet/core/label';
import {
  boxLabelText,
  labelText,
  type LabelText,
  packRows,
  type SaleChoices,
  saleText,
  settleProblemWords,
  formatList,
  piecesWords,
  strengthWords,
} from '@jubbet/core/words';
import { madeOf } from '@jubbet/core/batch';
import type { BenchEvent } from '@jubbet/core/making';
import type { Blend } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { useCatalog } from '../../parts/catalog';
import { type ReactNode, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { ButtonLink } from '../../parts/Button';
import { SelectField } from '../../parts/Field';
import { Missing } from '../../parts/Missing';
import { OneBlend } from '../../parts/OneBlend';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { batches } from '../../store/batches';
import { blends } from '../../store/blends';
import type { BatchRecord } from '../../store/database';
import { madeBlend } from '../../store/madeBlend';
import { today } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';
import { HeldBack } from './HeldBack';
import { Labels, type Printing } from './Labels';
import { StillMissing, useSale } from './SaleFields';
import { unitsOf } from '../../parts/useUnits';

/** `Bottle 2: 10 ml roll-on, 3.2 %`, `2 tins of 15 ml`, `1 tin of 15 ml, with 5.5 ml in it`. */
const pieceWords = (
  blend: Blend,
  { container, count, ml, isFull, numbers, evaluation }: Piece,
): string => {
  const what = piecesWords([{ container, count, ml, isFull }]);
  if (blend.inOne) return what;
  const which =
    blend.count > count
      ? `Bottle${count > 1 ? 's' : ''} ${formatList(numbers.map((number) => String(number + 1)))}: `
      : '';
  return `${which}${what}, ${strengthWords(evaluation.mixture, blend.formula.by)}`;
};

/** The label of the box that holds all of them, and how large it is unless it was changed. */
const box = 'box';
const boxSize = { width: 99, height: 68 };

/** Labels of containers, of those that hold the same at a time. */
const LabelsOf = ({
  blend,
  pieces,
  facts,
  notToBeUsed = false,
  printing,
  back,
  sale = null,
  saleFields,
  onName,
  reason = '',
  onReason = () => Promise.resolve(),
}: {
  blend: Blend;
  pieces: readonly [Piece, ...Piece[]];
  facts: LabelFacts;
  /** The batch was finished so. */
  notToBeUsed?: boolean;
  /** How labels were printed last. */
  printing: Printing;
  back: string;
  /** How it is sold; null where it is kept or given away. */
  sale?: SaleChoices | null;
  saleFields?: ReactNode;
  /** Gives it the name that it lacks. */
  onName: (name: string) => Promise<unknown>;
  /** Why it is sold past a limit; empty where no one has said. */
  reason?: string;
  onReason?: (words: string) => Promise<unknown>;
}) => {
  const [chosen, setChosen] = useState('0');
  const isBox = chosen === box;
  const piece = pieces[Number(chosen)] ?? pieces[0];
  const textOf = (entry: Piece): LabelText => {
    const label = labelOf(blend, entry, facts, notToBeUsed);
    return labelText(blend.catalog, label, {
      names: printing.labelNames,
      units: unitsOf(printing),
      sale:
        sale &&
        saleText(
          blend.catalog,
          label,
          saleFactsOf(entry.evaluation.mixture, blend.brief, { region: sale.region, on: today() }),
          sale,
        ),
    });
  };
  const [first, ...others] = pieces;
  const inAll = pieces.reduce((total, { count }) => total + count, 0);
  const kind = isBox ? box : piece.container.kind;
  const label = isBox
    ? boxLabelText([textOf(first), ...others.map(textOf)], piecesWords(pieces))
    : textOf(piece);
  const standing = sale && saleStanding(blend, piece.evaluation.mixture, sale.region);
  if (
    sale &&
    standing &&
    (standing.forbidden.length > 0 || (standing.over.length > 0 && !reason))
  ) {
    return (
      <HeldBack
        name={label.name}
        catalog={blend.catalog}
        standing={standing}
        region={sale.region}
        fields={saleFields}
        back={back}
        onReason={onReason}
      />
    );
  }
  const claims = sale ? claimsIn([blend.name, label.purpose, label.directions].join('. ')) : [];
  const missing = label.sale
    ? packRows(label, label.sale).flatMap(({ what, says }) => (says === null ? [what] : []))
    : [];
  return (
    <Labels
      key={chosen}
      label={label}
      isNamed={blend.name !== ''}
      onName={onName}
      notice={
        !label.doNotUse && (
          <>
            {missing.length > 0 && <StillMissing what={missing} to={`${back}/for-sale`} />}
            {claims.length > 0 && (
              <p className="screen-only rounded-lg bg-amber-wash px-4 py-2 text-amber">
                ▲ Words on this label make it a medicine in the eyes of the law:{' '}
                {formatList(claims.map(({ words }) => `“${words}”`))}.
              </p>
            )}
          </>
        )
      }
      kind={kind}
      printing={printing}
      copies={isBox ? 1 : Math.min(100, piece.count)}
      size={printing.labelSizes[kind] ?? (isBox ? boxSize : labelSizeOf(piece.container))}
      back={back}
      choose={
        <>
          {saleFields}
          {inAll > 1 && (
            <SelectField
              label="For which containers"
              value={chosen}
              choices={[
                ...pieces.map((entry, index) => [String(index), pieceWords(blend, entry)] as const),
                [box, `the box with all ${inAll} in it`] as const,
              ]}
              onChoose={setChosen}
            />
          )}
        </>
      }
    />
  );
};

const NoLabel = ({ text, back, to }: { text: string; back: string; to: string }) => (
  <section className="mx-auto max-w-xl py-10">
    <ScreenTitle title="No label yet" />
    <p className="mt-3">{text}</p>
    <ButtonLink look="first" className="mt-4" to={to}>
      {back}
    </ButtonLink>
  </section>
);

const LabelOfBatch = ({
  batch,
  events,
  printing,
}: {
  batch: BatchRecord;
  events: readonly BenchEvent[];
  printing: Printing;
}) => {
  const catalog = useCatalog();
  const made = useMemo(() => madeOf(madeBlend(catalog, batch), events), [catalog, batch, events]);
  const [first, ...others] = useMemo(() => madePieces(made), [made]);
  const { sale, fields } = useSale(printing);
  const write = useWrite();
  if (!first) {
    return (
      <NoLabel
        text="Nothing is in it yet, so there is nothing to label."
        back="To the bench"
        to={`/make/${batch.id}`}
      />
    );
  }
  return (
    <LabelsOf
      blend={made.blend}
      pieces={[first, ...others]}
      facts={{
        mark: made.tally.simulated ? 'practice' : batch.log === null ? 'not-finished' : null,
        batch: batch.number,
        madeOn: batch.madeOn,
        maker: printing.maker,
      }}
      notToBeUsed={batch.notToBeUsed}
      sale={sale}
      saleFields={fields}
      printing={printing}
      back={`/batches/${batch.id}`}
      onName={(name) => batches.name(batch.id, name)}
      reason={batch.saleReason ?? ''}
      onReason={(words) => write('The reason', () => batches.sellBecause(batch.id, words))}
    />
  );
};

/** The label of a batch, by what was counted and measured. */
export const BatchLabelScreen = () => {
  const { batchId = '' } = useParams();
  const found = useStored(['batch with events', batchId], () => batches.withEvents(batchId));
  const set = useStored(['settings'], () => settings.read());
  const error = found.error ?? set.error;
  if (error) throw error;
  if (found.data === undefined || set.data === undefined) return null;
  if (found.data === null) {
    return <Missing title="Batch not found" text="It may have been deleted." />;
  }
  return <LabelOfBatch {...found.data} printing={set.data} />;
};

/** The label of a blend that is not made yet: today's date, and no batch. */
export const BlendLabelScreen = () => {
  const { data, error } = useStored(['settings'], () => settings.read());
  if (error) throw error;
  if (data === undefined) return null;
  return (
    <OneBlend>
      {({ id, recipe }) => <LabelOfDraft blendId={id} recipe={recipe} printing={data} />}
    </OneBlend>
  );
};

const LabelOfDraft = ({
  blendId,
  recipe,
  printing,
}: {
  blendId: string;
  recipe: Recipe;
  printing: Printing;
}) => {
  const catalog = useCatalog();
  const { worked } = useWorkedOut(recipe);
  const back = `/blends/${blendId}`;
  const no = (text: string) => <NoLabel text={text} back="Back to the blend" to={back} />;
  if (worked.state === 'gaps') {
    return no('Fill in the sentence first. Then there is something to label.');
  }
  if (worked.state === 'problem') return no(settleProblemWords(catalog, worked.problem));
  const [first, ...others] = plannedPieces(worked.blend, worked.evaluation);
  if (worked.evaluation.blocking)
    return no('This must not be used on the person it is for, so it has no label.');
  if (!first) return no('It fills no container, so there is nothing to label.');
  return (
    <LabelsOf
      blend={worked.blend}
      pieces={[first, ...others]}
      facts={{ batch: '', madeOn: today(), maker: printing.maker }}
      printing={printing}
      back={back}
      onName={(name) => blends.name(blendId, name)}
    />
  );
};
