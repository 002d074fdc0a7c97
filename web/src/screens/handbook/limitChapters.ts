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
        'Percent of essential oil in the finished product, recommended and maximum. Of all the rows that apply, the lowest counts, and an oil may have a lower limit of its own.',
        ...guidelines.all
          .filter(({ usableAsLimit }) => usableAsLimit)
          .map(({ name, why }) => `${name}: ${why}.`),
      ),
      {
        kind: 'bars',
        bars: guidelines.age
          .filter(({ clinical }) => clinical.maximum > 0)
          .map(({ fromMonths, toMonths, clinical }) => ({
            name: ages(fromMonths, toMonths),
            ...clinical,
          })),
      },
      table(
        'By age',
        ['Age', 'Clinical', 'Cautious', 'Source', 'Confidence'],
        guidelines.age.map((row) => [
          ages(row.fromMonths, row.toMonths),
          upTo(row.clinical),
          upTo(row.cautious),
          sourceWords(row.source),
          row.confidence,
        ]),
      ),
      {
        kind: 'bars',
        bars: guidelines.place
          .filter(({ maximum }) => maximum > 0)
          .map(({ id, recommended, maximum }) => ({
            name: capitalised(placeWords[id]),
            recommended,
            maximum,
          })),
      },
      table(
        'By place',
        ['Place', 'Recommended, at most', 'Source', 'Confidence'],
        guidelines.place.map((row) => [
          capitalised(placeWords[row.id]),
          upTo(row),
          sourceWords(row.source),
          row.confidence,
        ]),
      ),
      table(
        'By stage',
        ['Stage', 'Recommended, at most', 'Source', 'Confidence'],
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
        `The strong dilutions of some communities come to ${formatPercent(strong.adult)} for adults, ${formatPercent(strong.teenOrChild)} for teens and children, ${formatPercent(strong.toddler)} for toddlers and ${strong.baby[0]} to ${formatPercent(strong.baby[1])} for babies. Jubbet understands them but never uses them as a limit: they are over the dermal maximum of most oils that have one.`,
        `In a ${containerWords({ kind: 'roll-on', nominalMl: 10 })} that is ${formatMl((strong.adult / 100) * 10)} of undiluted oil.`,
      ),
    ],
  };
};

export const drops = (measured: readonly (readonly string[])[]): Chapter => ({
  id: 'drops',
  title: 'Drops and ml',
  blocks: [
    text(
      'Drops are not all the same size. It depends on the bottle’s insert, the oil and the room temperature.',
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
      'What one drop adds in a container',
      ['Container', 'Holds', ...dropFigures.sizes.map(({ id }) => capitalised(id))],
      usualContainers
        .filter(({ nominalMl }) => nominalMl >= 5)
        .map((container) => [
          capitalised(containerWords(container)),
          formatMl(fillMl(container), 3),
          ...dropFigures.sizes.map(({ perMl }) => formatPercent(dropPercent(perMl, container))),
        ]),
    ),
    table(
      'Drops per ml in practice, by thickness',
      ['Oil', 'Least', 'Most'],
      Object.entries(dropFigures.unmeasuredRangeMl).map(([thickness, [least, most]]) => [
        capitalised(thickness),
        formatMl(least),
        formatMl(most),
      ]),
    ),
    ...(measured.length > 0
      ? [table('Your own bottles, as measured', ['Oil', 'Lot', 'One drop'], measured)]
      : []),
  ],
});
