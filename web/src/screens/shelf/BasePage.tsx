import {
  aliasesOf,
  baseFacts,
  figureSources,
  provenance,
  type Base,
  type BaseFacts,
} from '@jubbet/core/catalog';
import {
  countedWords,
  formatList,
  formatNumber,
  inUnits,
  sourceWords,
  temperatureWords,
  type Units,
} from '@jubbet/core/words';
import { VerdictMark } from '../../parts/VerdictMark';
import { useUnits } from '../../parts/useUnits';
import { Cell, Row, RowHead, Table } from '../../ui/Table';

const box = 'mt-4 rounded-xl border border-field bg-sheet px-5 py-4';

const kinds: Record<Base['kind'], string> = {
  oil: 'a liquid carrier',
  butter: 'a butter',
  wax: 'a wax',
  antioxidant: 'an antioxidant',
  dry: 'a dry ingredient',
  aqueous: 'water-based: it does not mix with oil',
  solubiliser: 'a solubiliser',
  alcohol: 'alcohol',
  emulsion: 'lotion or cream',
  emulsifier: 'emulsifying wax',
  thickener: 'thickener',
  soap: 'soap',
  humectant: 'humectant',
  preservative: 'preservative',
};

const figuresOf = (
  base: Base,
  facts: BaseFacts | undefined,
  units: Units,
): readonly (readonly [string, string | null, string])[] => [
  [
    'Density',
    `${formatNumber(base.densityGPerMl, 4)} g/ml${facts ? ` at ${temperatureWords(facts.densityAtC, units)}` : ''}`,
    'densityGPerMl',
  ],
  ['Melts', base.meltRangeC ? temperatureWords(base.meltRangeC, units) : null, 'meltRangeC'],
  ['Keeps, once opened', countedWords(base.shelfMonths, 'month'), 'shelfMonths'],
  ['Absorbs', facts?.absorption ?? null, 'absorption'],
  ['Feel', facts?.feel ?? null, 'feel'],
  ['Smell', facts?.odour ?? null, 'odour'],
  [
    'Pore-clogging (0 to 5)',
    facts?.comedogenic === undefined || facts.comedogenic === null
      ? null
      : `${facts.comedogenic} of 5`,
    'comedogenic',
  ],
  ['Oxidises', !facts?.oxidation ? null : `${facts.oxidation} risk`, 'oxidation'],
  ['Suits skin that is', facts && facts.skin.length > 0 ? formatList(facts.skin) : null, 'skin'],
];

/** A base: names, figures, what to mind. */
export const BasePage = ({ base }: { base: Base }) => {
  const facts = baseFacts(base.id);
  const units = useUnits();
  const aliases = aliasesOf(base.id);
  return (
    <>
      <section aria-label="What it is" className={box}>
        <p>
          It is {kinds[base.kind]}. On a label: <b>{base.inci ?? facts?.inci ?? 'not known'}</b>.
        </p>
        {aliases.length > 0 && <p className="mt-1">Also called {formatList(aliases)}.</p>}
        <p className="mt-2">{facts ? inUnits(facts.note, units) : 'Your own material.'}</p>
        {base.allergens.map(({ family, what }) => (
          <p key={family} className="mt-1">
            {what === 'avoid' ? 'Not for those allergic to' : 'May matter to those allergic to'}{' '}
            {family}.
          </p>
        ))}
        {base.conditions.map(({ condition, what }) => (
          <p key={condition} className="mt-1">
            {what === 'avoid' ? 'Not with' : 'Take care with'}: {condition}.
          </p>
        ))}
        {base.sun && <p className="mt-1">In the sun: {base.sun.why}.</p>}
      </section>
      <section aria-label="Figures" className={box}>
        <h2 className="text-lg">Figures</h2>
        <Table rows="figures" className="mt-1">
          <tbody>
            {figuresOf(base, facts, units).map(([name, value, figure]) => (
              <Row key={name}>
                <RowHead className="w-44 text-soft">{name}</RowHead>
                <Cell className="font-semibold">{value ?? <VerdictMark verdict="unknown" />}</Cell>
                <Cell wide className="text-soft">
                  {sourceWords(figureSources.bases[figure]?.source ?? 'RECALL')}
                </Cell>
              </Row>
            ))}
          </tbody>
        </Table>
        <p className="mt-2 text-sm text-soft">Confidence: {facts?.confidence ?? 'none'}.</p>
        <p className="mt-2 text-xs text-soft">{provenance.bases}</p>
      </section>
    </>
  );
};
