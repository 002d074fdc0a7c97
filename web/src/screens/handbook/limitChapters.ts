import {
  ageWords,
  capitalised,
  formatMl,
  formatNumber,
  formatPercent,
  placeWords,
  sourceWords,
  containerWords,
} from '@jubbet/core/words';
import { dropFigures, fillMl, guidelines, handbook, usualContainers } from '@jubbet/core/catalog';
import { dropPercent } from '@jubbet/core/advice';
import { readable, table, text, type Chapter } from './chapter';

const upTo = (figure: { recommended: number; maximum: number }): string =>
  figure.maximum === 0
    ? 'none'
    : `${figure.recommended === 0 ? 'none' : formatPercent(figure.recommended)}, at most ${formatPercent(figure.maximum)}`;

export const ages = (fromMonths: number, toMonths: number | null): string =>
  toMonths === null
    ? `from ${ageWords(fromMonths)}`
    : fromMonths === 0
      ? `under ${ageWords(toMonths)}`
      : `${ageWords(fromMonths)} to under ${ageWords(toMonths)}`;

export const dilution = (): Chapter => {
  const { strongHabit: strong } = handbook;
  return {
    id: 'dilution',
    title: 'How strong: dilution',
    blocks: [
      text(
        'Percent of essential oil in the finished product, recommended and at most. Of all rows that apply, the lowest counts, and one oil may have a lower limit of its own.',
        ...guidelines.all
          .filter(({ usableAsLimit }) => usableAsLimit)
          .map(({ name, why }) => `${name}: ${why}.`),
      ),
      table(
        'By age',
        ['Age', 'Clinical', 'Cautious', 'Source', 'Sure'],
        guidelines.age.map((row) => [
          ages(row.fromMonths, row.toMonths),
          upTo(row.clinical),
          upTo(row.cautious),
          sourceWords(row.source),
          row.confidence,
        ]),
      ),
      table(
        'By place',
        ['Place', 'Recommended, at most', 'Source', 'Sure'],
        guidelines.place.map((row) => [
          capitalised(placeWords[row.id]),
          upTo(row),
          sourceWords(row.source),
          row.confidence,
        ]),
      ),
      table(
        'By stage',
        ['Stage', 'Recommended, at most', 'Source', 'Sure'],
        guidelines.stage.flatMap((row) => [
          [readable(row.id), upTo(row), sourceWords(row.source), row.confidence],
          ...(row.firstTrimester
            ? [
                [
                  `${readable(row.id)}, first trimester`,
                  upTo(row.firstTrimester),
                  sourceWords(row.source),
                  row.confidence,
                ],
              ]
            : []),
        ]),
      ),
      text(
        `The strong habit of some communities comes to ${formatPercent(strong.adult)} for adults, ${formatPercent(strong.teenOrChild)} for teens and children, ${formatPercent(strong.toddler)} for toddlers and ${strong.baby[0]} to ${formatPercent(strong.baby[1])} for babies. Jubbet reads and translates it and never uses it as a limit: it breaks the maxima of most oils that have one.`,
        `In a ${containerWords({ kind: 'roll-on', nominalMl: 10 })} that is ${formatMl((strong.adult / 100) * 10)} of neat oil.`,
      ),
    ],
  };
};

export const drops = (measured: readonly (readonly string[])[]): Chapter => ({
  id: 'drops',
  title: 'Drops and ml',
  blocks: [
    text(
      'A drop is not one number. What a bottle gives depends on its insert, on the oil, and on the warmth of the room.',
      `${dropFigures.advice}.`,
    ),
    table(
      'Drops per ml, by drop size',
      ['Drop size', 'Drops per ml', 'One drop', 'Source'],
      dropFigures.sizes.map(({ id, perMl, source }) => [
        capitalised(id),
        formatNumber(perMl),
        formatMl(1 / perMl),
        source,
      ]),
    ),
    table(
      'What one drop comes to in a vessel',
      ['Vessel', 'Takes', ...dropFigures.sizes.map(({ id }) => capitalised(id))],
      usualContainers
        .filter(({ nominalMl }) => nominalMl >= 5)
        .map((container) => [
          capitalised(containerWords(container)),
          formatMl(fillMl(container), 3),
          ...dropFigures.sizes.map(({ perMl }) => formatPercent(dropPercent(perMl, container))),
        ]),
    ),
    table(
      'What is met in practice, by thickness',
      ['Oil', 'Least', 'Most'],
      Object.entries(dropFigures.unmeasuredRangeMl).map(([thickness, [least, most]]) => [
        capitalised(thickness),
        formatMl(least),
        formatMl(most),
      ]),
    ),
    ...(measured.length > 0
      ? [table('Your own bottles, as you weighed them', ['Oil', 'Lot', 'One drop'], measured)]
      : []),
  ],
});
