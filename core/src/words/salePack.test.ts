import { expect, test } from 'vitest';
import { evaluate } from '../drops';
import { known } from '../catalog/known.testing';
import { blendOf } from '../drops/blend.testing';
import { shippedCatalog } from '../catalog';
import { labelOf, plannedPieces, saleFactsOf } from '../label';
import { boxLabelText, labelText } from './label';
import { labelFaces } from './labelFaces';
import { packRows, saleText, type SaleChoices } from './salePack';
import { metricUnits } from './units';

const choices: SaleChoices = {
  region: 'eu',
  responsible: ' Dorrit Vane, Wardrobe Lane 4, Marlpit ',
  isShownSafe: false,
  isBoxed: false,
  units: metricUnits,
};

const soldAs = (more: Partial<SaleChoices> = {}) => {
  const blend = blendOf({ oils: { lavender: 3 } });
  const [piece] = plannedPieces(blend, evaluate(blend));
  const label = labelOf(blend, known(piece), {
    batch: '2026-017',
    madeOn: '2026-11-25',
    maker: 'Dorrit',
  });
  const facts = saleFactsOf(known(piece).evaluation.mixture, blend.brief, {
    region: more.region ?? 'eu',
    on: '2026-11-25',
  });
  const sale = saleText(shippedCatalog, label, facts, { ...choices, ...more });
  return { sale, label, text: labelText(shippedCatalog, label, { sale }) };
};

const allOf = (text: ReturnType<typeof soldAs>['text']): string => {
  const { front, back, foot } = labelFaces(text);
  return [...front, ...back, ...foot]
    .map(({ runs }) => runs.map((run) => run.text).join(''))
    .join('\n');
};

test('in the EU: one list with the allergens behind it, and nothing that only the US asks for', () => {
  const { sale } = soldAs();
  expect(sale.ingredients).toMatch(
    /^Ingredients: Simmondsia Chinensis Seed Oil, Lavandula Angustifolia Oil, Lavandula Oil\/Extract, Linalyl Acetate, Linalool, .*\.$/,
  );
  expect(sale).toMatchObject({
    content: '9.5 ml',
    responsible: 'Dorrit Vane, Wardrobe Lane 4, Marlpit',
    warnings: [],
  });
});

test('in the US: common names in brackets, both measures, and a warning until safety is shown', () => {
  const { sale } = soldAs({ region: 'us' });
  expect(sale.ingredients).toContain('Lavandula Angustifolia (Lavender) Oil');
  expect(sale.ingredients).not.toContain('Linalool');
  // 9.5 ml are 0.32 US fl oz (29.57 ml each).
  expect(sale.content).toMatch(/9\.5 ml.*0\.32.*fl oz|0\.32.*fl oz.*9\.5 ml/);
  expect(sale.warnings).toHaveLength(1);
  expect(soldAs({ region: 'us', isShownSafe: true }).sale.warnings).toEqual([]);
});

test('the table says what the label says, and what is missing', () => {
  const { sale, label } = soldAs({ responsible: '' });
  const missing = packRows(label, sale).filter(({ says }) => says === null);
  expect(missing.map(({ what }) => what)).toEqual([
    'Responsible person, with an address in the EU',
    'What it is',
  ]);
});

test('a label that is sold names batch, date, address and storage, and leaves room for what is missing', () => {
  expect(allOf(soldAs().text)).toMatch(/Batch 2026-017 · Dorrit Vane, Wardrobe Lane 4, Marlpit/);
  expect(allOf(soldAs().text)).toContain('Keep cool, dark and tightly closed.');
  expect(allOf(soldAs({ responsible: '' }).text)).toContain('________');
});

test('what is sold in a box bears its list there', () => {
  const { text } = soldAs({ isBoxed: true });
  expect(allOf(text)).not.toContain('Ingredients:');
  expect(allOf(boxLabelText([text], '1 roll-on of 10 ml'))).toContain('Ingredients: Simmondsia');
});

test('what must not be used is not sold: its label says that, and which it is', () => {
  const { text } = soldAs();
  const said = allOf({ ...text, doNotUse: true });
  expect(said).toMatch(/^DO NOT USE/);
  expect(said).toContain(text.name);
  expect(said).not.toContain('Ingredients');
});
