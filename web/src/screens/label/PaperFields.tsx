import { labelSheets, type LabelSheet, type LabelSize, type Paper } from '@jubbet/core/label';
import { formatNumber, labelWords } from '@jubbet/core/words';
import { SelectField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';

/** What labels are printed on: plain paper, one page each, or a sheet of labels. */
export type PrintedOn = Paper | LabelSheet;

export const printedOn = (setting: string): PrintedOn =>
  labelSheets.find(({ id }) => id === setting) ??
  (['A4', 'Letter', 'single'] as const).find((entry) => entry === setting) ??
  'A4';

export const idOf = (paper: PrintedOn): string => (typeof paper === 'string' ? paper : paper.id);

const sizeWords = ({ width, height }: LabelSize): string =>
  `${formatNumber(width, 4)} × ${formatNumber(height, 4)} mm`;

const choices: readonly (readonly [string, string])[] = [
  ['A4', 'plain A4, to cut out'],
  ['Letter', 'plain Letter, to cut out'],
  ['single', 'one label per page'],
  ...labelSheets.map(
    ({ id, paper, size, columns, rows }) =>
      [id, `${paper} sheet of ${columns * rows}, ${sizeWords(size)}`] as const,
  ),
];

/** How large a label is, on what it is printed, and where on a sheet of labels the first goes. */
export const PaperFields = ({
  size,
  paper,
  firstSpot,
  onSize,
  onPaper,
  onFirstSpot,
}: {
  size: LabelSize;
  paper: PrintedOn;
  firstSpot: number;
  onSize: (size: LabelSize) => void;
  onPaper: (paper: PrintedOn) => void;
  onFirstSpot: (spot: number) => void;
}) => (
  <>
    <SelectField
      label="Print on"
      value={idOf(paper)}
      choices={choices}
      onChoose={(id) => onPaper(printedOn(id))}
    />
    {typeof paper === 'string' ? (
      <>
        <label className="flex items-baseline gap-2">
          Width
          <NumberField
            label={labelWords.widthOfTheLabel}
            unit="mm"
            framed
            className="w-16"
            value={size.width}
            rule={{ least: 20, most: 280 }}
            onNumber={(width) => onSize({ ...size, width })}
          />
        </label>
        <label className="flex items-baseline gap-2">
          Height
          <NumberField
            label={labelWords.heightOfTheLabel}
            unit="mm"
            framed
            className="w-16"
            value={size.height}
            rule={{ least: 15, most: 200 }}
            onNumber={(height) => onSize({ ...size, height })}
          />
        </label>
      </>
    ) : (
      <label className="flex items-baseline gap-2">
        First free label
        <NumberField
          label={labelWords.firstFreeLabelOfThe}
          framed
          className="w-14"
          value={firstSpot}
          rule={{ least: 1, most: paper.columns * paper.rows, whole: true }}
          onNumber={onFirstSpot}
        />
      </label>
    )}
  </>
);
