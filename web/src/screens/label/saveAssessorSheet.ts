import type { Catalog } from '@jubbet/core/catalog';
import type { SaleFacts, SaleStanding, SheetLine } from '@jubbet/core/label';
import { limitName } from '@jubbet/core/words';
import { saveTable } from '../../parts/saveTable';

const rounded = (value: number): number => Number(value.toPrecision(4));

/** The formula by weight, its allergens and limits, as a table for whoever assesses its safety. */
export const saveAssessorSheet = (
  number: string,
  {
    lines,
    facts: { allergens },
    standing: { measured },
    catalog,
    reason,
  }: {
    lines: readonly SheetLine[];
    facts: SaleFacts;
    standing: SaleStanding;
    catalog: Catalog;
    reason: string;
  },
): void => {
  const formula = lines.map(({ name, inci, cas, use, g, percent }) => [
    ...['ingredient', name, inci.join(', ') || 'from the bottle', cas.join(', '), use],
    ...[rounded(g), rounded(percent), '', ''],
  ]);
  const named = allergens.map(({ label, percent, from, isDoubtful }) => [
    ...['allergen', label, label, '', isDoubtful ? 'by a careful reading' : ''],
    ...['', rounded(percent.high), '', from.join(', ')],
  ]);
  const limits = measured.map((finding) => [
    ...['limit', limitName(catalog, finding), '', '', finding.unit],
    ...['', rounded(finding.value?.likely ?? 0), finding.limit ?? '', finding.source],
  ]);
  const why = reason === '' ? [] : [['reason', reason, '', '', '', '', '', '', '']];
  saveTable(
    `${number}, for the assessor`,
    ['what', 'name', 'INCI', 'CAS', 'function', 'g', 'percent by weight', 'limit', 'from'],
    [...formula, ...named, ...limits, ...why],
  );
};
