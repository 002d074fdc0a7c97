import { type FigureCheck, type LibraryFigure } from '@jubbet/core/catalog';
import { checkId } from '@jubbet/core/exchange';
import { figureKindWords, figureWords, formatPercent, sourceWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { NumberUnder, TextField } from '../../ui/Field';
import { Section } from '../../ui/Section';
import { today } from '../../store/now';

/** What is the same from one figure to the next: the book on the table, and who reads in it. */
export interface Reader {
  readonly work: string;
  readonly by: string;
}

/** “I checked this”: the book, the page, what stands there, by whom and when. */
export const CheckForm = ({
  figure,
  reader,
  onSave,
  onLeave,
}: {
  figure: LibraryFigure;
  reader: Reader;
  onSave: (check: FigureCheck) => void;
  onLeave: () => void;
}) => {
  const catalog = useCatalog();
  const [work, setWork] = useState(reader.work);
  const [by, setBy] = useState(reader.by);
  const [page, setPage] = useState('');
  const [percent, setPercent] = useState<number | null>(null);
  const [checkedOn, setCheckedOn] = useState(today());
  const [missing, setMissing] = useState(false);
  const isOfOil = figure.kind === 'maximum' || figure.kind === 'light';
  const isWhole = work.trim() !== '' && by.trim() !== '' && percent !== null && checkedOn !== '';
  const need = (text: string): string | undefined =>
    missing && text.trim() === '' ? 'Is needed.' : undefined;
  const save = (): void => {
    setMissing(!isWhole);
    if (!isWhole) return;
    const told = { figureId: figure.id, by: by.trim() };
    onSave({
      kind: 'check',
      id: checkId(told),
      ...told,
      work: work.trim(),
      page: page.trim(),
      percent,
      checkedOn,
    });
  };
  return (
    <Section title={`I checked this: ${figureWords(catalog, figure)}`}>
      <p>
        {figureKindWords[figure.kind]}: the library says <b>{formatPercent(figure.percent)}</b>,
        from {sourceWords(figure.source)}.
      </p>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
      >
        <div className="flex flex-wrap gap-3">
          <NumberUnder
            name="What stands there"
            className="w-20"
            unit="%"
            value={percent}
            rule={{ least: 0, above: isOfOil, most: 100 }}
            problem={missing && percent === null ? 'Is needed.' : undefined}
            onNumber={setPercent}
            onEmpty={() => setPercent(null)}
          />
          <TextField
            label="Edition or paper"
            placeholder={sourceWords(figure.source)}
            maxLength={200}
            className="w-80"
            value={work}
            problem={need(work)}
            onChange={({ target }) => setWork(target.value)}
          />
          <TextField
            label="Page"
            maxLength={40}
            className="w-24"
            value={page}
            onChange={({ target }) => setPage(target.value)}
          />
          <TextField
            label="Checked by"
            maxLength={120}
            className="w-48"
            value={by}
            problem={need(by)}
            onChange={({ target }) => setBy(target.value)}
          />
          <TextField
            label="Checked on"
            type="date"
            max={today()}
            value={checkedOn}
            problem={need(checkedOn)}
            onChange={({ target }) => setCheckedOn(target.value)}
          />
        </div>
        <p className="max-w-prose text-sm text-soft">
          {isOfOil
            ? 'If the book says something else, its figure counts as your own from then on. One that allows more than the library is never used in silence.'
            : 'If the book says something else, both are shown. Jubbet goes on judging by the figure of the library.'}
        </p>
        <div className="flex flex-wrap gap-3">
          <Button type="submit" look="first">
            Save the check
          </Button>
          <Button onClick={onLeave}>Cancel</Button>
        </div>
      </form>
    </Section>
  );
};
