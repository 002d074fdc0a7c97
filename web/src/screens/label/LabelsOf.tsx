import { Notice } from '../../ui/Notice';
import {
  labelSizeOf,
  labelOf,
  type LabelFacts,
  type Piece,
  claimsIn,
  saleFactsOf,
  saleStanding,
  type SaleStanding,
} from '@jubbet/core/label';
import {
  boxLabelText,
  labelText,
  type LabelText,
  packRows,
  type SaleChoices,
  saleText,
  formatList,
  piecesWords,
  strengthWords,
  labelWords,
} from '@jubbet/core/words';
import type { Region } from '@jubbet/core/catalog';
import type { Blend } from '@jubbet/core/drops';
import { type ReactNode, useState } from 'react';
import { SelectField } from '../../ui/Field';
import { today } from '../../store/now';
import { HeldBack } from './HeldBack';
import { largestSize } from './labelToPrint';
import { type LabelFor, Labels, type Printing } from './Labels';
import { StillMissing } from './SaleFields';
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

/** What stands against selling any of several pieces. */
const standingOfAll = (blend: Blend, pieces: readonly Piece[], region: Region): SaleStanding => {
  const all = pieces.map(({ evaluation }) => saleStanding(blend, evaluation.mixture, region));
  return {
    forbidden: all.flatMap(({ forbidden }) => forbidden),
    over: all.flatMap(({ over }) => over),
    elsewhere: all.flatMap(({ elsewhere }) => elsewhere),
    measured: all.flatMap(({ measured }) => measured),
  };
};

/** Every container's own label, in one print. */
const all = 'all';

/** The label of the box that holds all of them, and how large it is unless it was changed. */
const box = 'box';
const boxSize = { width: 99, height: 68 };

/** Labels of containers, of those that hold the same at a time. */
export const LabelsOf = ({
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
  const [chosen, setChosen] = useState(pieces.length > 1 ? all : '0');
  const isBox = chosen === box;
  const piece = pieces[Number(chosen)] ?? pieces[0];
  const meant = chosen === all || isBox ? pieces : ([piece] as const);
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
          saleFactsOf(entry.evaluation.mixture, blend.brief, {
            region: sale.region,
            on: today(),
            onBottle: (id) => blend.catalog.openBottle(id)?.bottle.inci ?? null,
          }),
          sale,
        ),
    });
  };
  const [first, ...others] = pieces;
  const inAll = pieces.reduce((total, { count }) => total + count, 0);
  const kind = isBox ? box : piece.container.kind;
  const [firstMeant, ...othersMeant] = meant;
  const labelFor = (entry: Piece): LabelFor => ({
    label: textOf(entry),
    count: Math.min(100, entry.count),
    heading: pieceWords(blend, entry),
  });
  const labels: readonly [LabelFor, ...LabelFor[]] = isBox
    ? [
        {
          label: boxLabelText([textOf(first), ...others.map(textOf)], piecesWords(pieces)),
          count: 1,
          heading: 'The box',
        },
      ]
    : [labelFor(firstMeant), ...othersMeant.map(labelFor)];
  const [{ label }] = labels;
  const sizeOf = ({ container }: Piece) =>
    printing.labelSizes[container.kind] ?? labelSizeOf(container);
  // A box is sold with everything that is in it.
  const standing = sale && standingOfAll(blend, meant, sale.region);
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
  const missing = [
    ...new Set(
      labels.flatMap((entry) =>
        entry.label.sale
          ? packRows(entry.label, entry.label.sale).flatMap(({ what, says }) =>
              says === null ? [what] : [],
            )
          : [],
      ),
    ),
  ];
  return (
    <Labels
      key={chosen}
      labels={labels}
      isNamed={blend.name !== ''}
      onName={onName}
      notice={
        !labels.some((entry) => entry.label.doNotUse) && (
          <>
            {missing.length > 0 && <StillMissing what={missing} to={`${back}/for-sale`} />}
            {claims.length > 0 && (
              <Notice tone="caution" className="screen-only">
                {labelWords.claimsOnThisLabelThat(
                  formatList(claims.map(({ words }) => `“${words}”`)),
                )}
              </Notice>
            )}
          </>
        )
      }
      kind={kind}
      printing={printing}
      size={
        isBox
          ? (printing.labelSizes[box] ?? boxSize)
          : largestSize(sizeOf(firstMeant), othersMeant.map(sizeOf))
      }
      back={back}
      choose={
        <>
          {saleFields}
          {inAll > 1 && (
            <SelectField
              label="For which containers"
              value={chosen}
              choices={[
                ...(pieces.length > 1
                  ? [[all, `all ${inAll}, each for what is in it`] as const]
                  : []),
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
