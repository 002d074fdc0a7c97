import {
  milderKinOf,
  botanicalOf,
  aliasesOf,
  ambiguousNames,
  chemistryOf,
  goesWith,
  guidelines,
  provenance,
  type Oil,
} from '@jubbet/core/catalog';
import {
  ageWords,
  formatList,
  formatNumber,
  formatPercent,
  sourceWords,
  shelfWords,
} from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { FigureChecks } from '../../parts/FigureChecks';
import { nonBreaking } from '../../parts/nonBreaking';
import { VerdictMark } from '../../parts/VerdictMark';
import { materials } from '../../store/materials';
import { useWrite } from '../../parts/useWrite';
import { figuresOf } from './oilFigures';
import { figureNames, figureUnits, OwnFigure } from './OwnFigure';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { useUnits } from '../../parts/useUnits';

const Chemistry = lazy(async () => ({ default: (await import('./Chemistry')).Chemistry }));

const box = 'mt-4 rounded-xl border border-field bg-sheet px-5 py-4';

const cautionsOf = (oil: Oil): string[] => [
  ...(oil.keepOffSkin ? ['Never on skin.'] : []),
  ...(oil.notForHomeBlending ? [`Not for home blending: ${oil.notForHomeBlending}.`] : []),
  ...(oil.phototoxicLimitPercent === null
    ? []
    : [
        `Phototoxic (sun-sensitising) above ${formatPercent(oil.phototoxicLimitPercent)}, alone or with others: keep treated skin out of the sun for ${guidelines.phototoxic.hoursOutOfSun.used} hours.`,
      ]),
  ...oil.age.map(
    ({ belowMonths, what, why }) =>
      `${what === 'avoid' ? 'Not for' : 'Not on or near the face of'} children under ${ageWords(belowMonths)} (${why}).`,
  ),
  ...(oil.pregnancy === 'ok'
    ? []
    : [oil.pregnancy === 'avoid' ? 'To be avoided in pregnancy.' : 'Take care in pregnancy.']),
  ...(oil.breastfeeding === 'ok'
    ? []
    : [
        oil.breastfeeding === 'avoid'
          ? 'To be avoided while breastfeeding.'
          : 'Take care while breastfeeding.',
      ]),
  ...oil.conditions.map(({ condition, what }) =>
    what === 'avoid' ? `Not with: ${condition}.` : `Take care with: ${condition}.`,
  ),
  ...oil.allergens.map(({ family, what }) =>
    what === 'avoid'
      ? `Not for those allergic to ${family}.`
      : `May matter to those allergic to ${family}.`,
  ),
  ...(oil.oxidation === 'high'
    ? ['Sensitises skin once oxidised: keep it cool, dark and full.']
    : []),
];

const Links = ({ oils }: { oils: readonly Oil[] }) => (
  <>
    {oils.map((other, index) => (
      <span key={other.id}>
        {index > 0 && ', '}
        <Link to={`/materials/${other.id}`} className="text-press">
          {other.name}
        </Link>
      </span>
    ))}
  </>
);

const Figures = ({ oil }: { oil: Oil }) => {
  const units = useUnits();
  const write = useWrite();
  return (
    <section aria-label="Figures" className={box}>
      <h2 className="text-lg">Figures</h2>
      <Table
        rows="figures"
        cards
        className="mt-1"
        columns={[
          { name: 'Figure' },
          { name: 'Value' },
          { name: 'Source' },
          { name: 'Confidence' },
        ]}
      >
        <tbody>
          {figuresOf(oil, units).map(({ name, value, source, confidence, figureId }) => (
            <Row key={name}>
              <RowHead className="text-soft">{name}</RowHead>
              <Cell className="font-semibold">
                {value === 'not known' ? <VerdictMark verdict="unknown" /> : nonBreaking(value)}
              </Cell>
              <Cell under="Source" className="text-soft">
                {confidence === 'yours' ? source : sourceWords(source)}
              </Cell>
              <Cell under="Confidence">
                {confidence}
                {figureId && (
                  <span className="block text-sm">
                    <FigureChecks figureId={figureId} />
                  </span>
                )}
              </Cell>
            </Row>
          ))}
        </tbody>
      </Table>
      {(oil.own?.figures ?? [])
        .filter(({ original }) => original !== null || !oil.own?.material)
        .map(({ figure, value, original, source }) => (
          <p
            key={figure}
            className="mt-2 flex flex-wrap items-center gap-2 rounded-md bg-amber-wash px-3 py-1.5 text-sm text-amber"
          >
            <span>
              Yours: {figureNames[figure]}
              {value === null ? '' : ` ${formatNumber(value, 4)} ${figureUnits[figure]}`}, from{' '}
              {source}. The library says{' '}
              {original === null ? 'none' : `${formatNumber(original, 4)} ${figureUnits[figure]}`}.
            </span>
            {figure !== 'contents' && (
              <Button
                look="quiet"
                onClick={() =>
                  void write('The figure', () => materials.remove(`figure-${oil.id}-${figure}`))
                }
              >
                Use the library’s
              </Button>
            )}
          </p>
        ))}
      <details className="mt-3">
        <summary className="w-fit text-press">{shelfWords.useAFigureOfMy}</summary>
        <div className="mt-2">
          <OwnFigure oil={oil} />
        </div>
      </details>
      <p className="mt-3 text-xs text-soft">{provenance.oils}</p>
    </section>
  );
};

/** An essential oil: names, figures, cautions, chemistry, company. */
export const OilPage = ({ oil }: { oil: Oil }) => {
  const catalog = useCatalog();
  const chemistry = chemistryOf(oil);
  const cautions = cautionsOf(oil);
  const aliases = aliasesOf(oil.id);
  const alike = ambiguousNames.filter(({ ids }) => ids.includes(oil.id));
  const { family, notes } = goesWith(catalog, oil);
  const kin = catalog.oil(milderKinOf(oil.id) ?? '');
  return (
    <>
      <section aria-label="Names" className={box}>
        <p>
          {oil.own?.material && <b className="text-amber">Your own material. </b>}
          {aliases.length > 0 ? `Also called ${formatList(aliases)}.` : 'It has no other names.'}
        </p>
        {alike.map(({ name, tellApart }) => (
          <p key={name} className="mt-1 text-sm text-soft">
            {shelfWords.mayMeanSeveralThisOne(name, tellApart[oil.id] ?? botanicalOf(oil))}
          </p>
        ))}
        {kin && (
          <p className="mt-1 text-sm">
            A milder alternative: <Links oils={[kin]} />
          </p>
        )}
      </section>
      <section aria-label="Cautions" className={box}>
        <h2 className="text-lg">Cautions</h2>
        {cautions.length === 0 ? (
          <p>{shelfWords.noneOnRecordBeyondIts}</p>
        ) : (
          <ul className="list-disc pl-5">
            {cautions.map((line) => (
              <li key={line}>{nonBreaking(line)}</li>
            ))}
          </ul>
        )}
      </section>
      <Figures oil={oil} />
      <section aria-label="Chemistry" className={box}>
        <h2 className="text-lg">Chemistry</h2>
        {chemistry && chemistry.constituents.length > 0 ? (
          <Suspense fallback={<p>Drawing.</p>}>
            <p className="mb-2 text-sm text-soft">
              {shelfWords.typicalContentWithLowAnd(chemistry.confidence)}
            </p>
            <Chemistry contents={chemistry.constituents} />
          </Suspense>
        ) : (
          <p>
            <VerdictMark verdict="unknown" />
          </p>
        )}
      </section>
      <section aria-label="Goes well with" className={box}>
        <h2 className="text-lg">Goes well with</h2>
        <p className="mt-1">
          <span className="text-soft">{shelfWords.ofTheSameFamily} </span>
          {family.length > 0 ? <Links oils={family} /> : 'none on record'}
        </p>
        <p className="mt-1">
          <span className="text-soft">{shelfWords.ofOtherNotesSharingSome} </span>
          {notes.length > 0 ? <Links oils={notes} /> : 'none on record'}
        </p>
        <p className="mt-1 text-sm text-soft">{shelfWords.workedOutFromTheConstituents}</p>
      </section>
    </>
  );
};
