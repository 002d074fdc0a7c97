import { shelfWords } from '@jubbet/core/words';
import type { FigureId, Oil } from '@jubbet/core/catalog';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { NumberUnder, SelectField, TextField } from '../../ui/Field';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { materials } from '../../store/materials';

type Own = Exclude<FigureId, 'contents'>;

export const figureNames: Record<FigureId, string> = {
  maximum: 'dermal maximum',
  light: 'phototoxic limit',
  density: 'density',
  shelf: 'shelf life',
  contents: 'chemistry',
};

export const figureUnits: Record<FigureId, string> = {
  maximum: '%',
  light: '%',
  density: 'g/ml',
  shelf: 'years',
  contents: '',
};

const choices: readonly (readonly [Own, string])[] = [
  ['maximum', figureNames.maximum],
  ['light', figureNames.light],
  ['density', figureNames.density],
  ['shelf', figureNames.shelf],
];

/** A figure of the maker's own beside the library's, with who says so. */
export const OwnFigure = ({ oil }: { oil: Oil }) => {
  const [figure, setFigure] = useState<Own>('maximum');
  const [value, setValue] = useState<number | null>(null);
  const [source, setSource] = useState('');
  const tell = useNotice();
  const write = useWrite();
  const id = `figure-${oil.id}-${figure}`;
  const put = async () => {
    if (value === null) return;
    const done = await write('Your figure', () =>
      materials.put({ kind: 'figure', id, oilId: oil.id, figure, value, source }).then(() => true),
    );
    if (!done) return;
    tell({
      text: `Your ${figureNames[figure]} applies from now on.`,
      undo: () => void write('The figure', () => materials.remove(id)),
    });
  };
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (value !== null && source.trim() !== '') void put();
      }}
    >
      <SelectField label="Figure" value={figure} choices={choices} onChoose={setFigure} />
      <NumberUnder
        name="Yours"
        label={`Your ${figureNames[figure]}`}
        className="w-20"
        unit={figureUnits[figure]}
        value={value}
        rule={{ least: 0, above: true, most: 100 }}
        onNumber={setValue}
        onEmpty={() => setValue(null)}
      />
      <TextField
        label={shelfWords.sourceOfItsFigures}
        maxLength={200}
        className="w-64"
        placeholder={shelfWords.suppliersSheetAnEdition}
        value={source}
        onChange={(event) => setSource(event.target.value)}
      />
      <Button type="submit" disabled={value === null || source.trim() === ''}>
        Use my figure
      </Button>
    </form>
  );
};
