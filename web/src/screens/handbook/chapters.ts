import { nameIn, handbook, provenance, type Catalog } from '@jubbet/core/catalog';
import { capitalised, inUnits, type Units } from '@jubbet/core/words';
import { list, table, text, type Bars, type Chapter, type Lines, type Table } from './chapter';
import { byChemistry, neverOnSkin, verdicts } from './judgingChapters';
import { dilution, drops } from './limitChapters';
import { children, conditions, constituents, light, oilLimits, pregnancy } from './oilChapters';
import { carriers, texture, patchTest, storage, labelLaw, disagree } from './craftChapters';

/**
 * All chapters, with every number from the library.
 *
 * @param catalog the materials of the house
 * @param measured rows of the maker's own measured drops: oil, lot, drop
 * @param units in which temperatures are stated
 */
export const chapters = (
  catalog: Catalog,
  measured: readonly (readonly string[])[],
  units: Units,
): readonly Chapter[] =>
  inCelsius(catalog, measured).map((chapter) => ({
    ...chapter,
    blocks: chapter.blocks.map((block) => blockIn(block, units)),
  }));

const blockIn = (block: Table | Lines | Bars, units: Units): Table | Lines | Bars =>
  block.kind === 'bars'
    ? block
    : block.kind === 'table'
      ? {
          ...block,
          head: block.head.map((cell) => inUnits(cell, units)),
          rows: block.rows.map((row) => row.map((cell) => inUnits(cell, units))),
        }
      : { ...block, lines: block.lines.map((line) => inUnits(line, units)) };

const inCelsius = (
  catalog: Catalog,
  measured: readonly (readonly string[])[],
): readonly Chapter[] => [
  verdicts(),
  dilution(),
  drops(measured),
  oilLimits(catalog),
  light(catalog),
  pregnancy(catalog),
  children(catalog),
  conditions(catalog),
  constituents(catalog),
  byChemistry(),
  neverOnSkin(),
  carriers(catalog),
  texture(catalog),
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
        ['Oil', 'Flash point', 'Confidence'],
        handbook.flashPoints.map(({ id, rangeC: [from, to], confidence }) => [
          nameIn(catalog, id),
          to === null ? `above ${from} °C` : `${from} to ${to} °C`,
          confidence,
        ]),
      ),
    ],
  },
  storage(catalog),
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
