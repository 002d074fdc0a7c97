import type { Region } from '@jubbet/core/catalog';
import { assessorSheet, type SaleFacts } from '@jubbet/core/label';
import type { Mixture } from '@jubbet/core/mixture';
import Papa from 'papaparse';
import { saveFile } from '../../parts/saveFile';

const rounded = (value: number): number => Number(value.toPrecision(4));

/** The formula by weight and its allergens, as a table for whoever assesses its safety. */
export const saveAssessorSheet = (
  number: string,
  mixture: Mixture,
  { allergens }: SaleFacts,
  region: Region,
): void => {
  const formula = assessorSheet(mixture, region).map(({ name, inci, cas, use, g, percent }) => [
    ...['ingredient', name, inci.join(', ') || 'from the bottle', cas.join(', '), use],
    ...[rounded(g), rounded(percent), ''],
  ]);
  const named = allergens.map(({ label, percent, from, isDoubtful }) => [
    ...['allergen', label, label, '', isDoubtful ? 'by a careful reading' : ''],
    ...['', rounded(percent.high), from.join(', ')],
  ]);
  saveFile(
    `${number}, for the assessor.csv`,
    Papa.unparse(
      {
        fields: ['what', 'name', 'INCI', 'CAS', 'function', 'g', 'percent by weight', 'from'],
        data: [...formula, ...named],
      },
      // What begins like a formula is made harmless for spreadsheets.
      { escapeFormulae: true },
    ),
    'text/csv',
  );
};
