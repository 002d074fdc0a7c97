import type { Oil } from '../catalog';
import { formatPercent } from './numbers';

const withoutPercent: Readonly<Record<string, string>> = {
  'none stated': 'no published maximum',
  'light only': 'only the phototoxic limit',
  'by constituents': 'by its constituents',
};

/** The dermal maximum of an oil, as it is read: `0.8 %`, `no published maximum`, `not known`. */
export const maximumWords = ({
  percent,
  status,
}: Pick<Oil['dermalMaximum'], 'percent' | 'status'>): string =>
  percent === null
    ? (withoutPercent[status] ?? 'not known')
    : `${formatPercent(percent)}${status === 'assumed' ? ', inferred from a related oil' : ''}`;
