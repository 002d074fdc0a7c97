import { capitalised, handbook, oils, provenance } from '@jubbet/core';
import { list, table, text, type Chapter } from './chapter';
import {
  dilution,
  drops,
  oilLimits,
  light,
  pregnancy,
  children,
  conditions,
  constituents,
} from './limitChapters';
import { carriers, texture, patchTest, storage, labelLaw, disagree } from './craftChapters';

/**
 * All chapters, with every number from the library.
 *
 * @param measured rows of the maker's own measured drops: oil, lot, drop
 */
export const chapters = (measured: readonly (readonly string[])[]): readonly Chapter[] => [
  dilution(),
  drops(measured),
  oilLimits(),
  light(),
  pregnancy(),
  children(),
  conditions(),
  constituents(),
  carriers(),
  texture(),
  patchTest(),
  {
    id: 'bath',
    title: 'Bath',
    blocks: [list(handbook.bath.map((line) => `${capitalised(line)}.`))],
  },
  {
    id: 'heat',
    title: 'Heat and fire',
    blocks: [
      list(handbook.heat.map((line) => `${capitalised(line)}.`)),
      list(handbook.texture.waterBath),
      table(
        'Flash points',
        ['Oil', 'Flash point', 'Sure'],
        handbook.flashPoints.map(({ id, rangeC: [from, to], confidence }) => [
          oils.find((oil) => oil.id === id)?.name ?? id,
          to === null ? `above ${from} °C` : `${from} to ${to} °C`,
          confidence,
        ]),
      ),
    ],
  },
  storage(),
  {
    id: 'pets',
    title: 'Pets',
    blocks: [list(handbook.pets.map((line) => `${capitalised(line)}.`))],
  },
  labelLaw(),
  disagree(),
  {
    id: 'sources',
    title: 'Where the figures come from',
    blocks: [text(provenance.oils, provenance.bases, provenance.chemistry, handbook.provenance)],
  },
];
