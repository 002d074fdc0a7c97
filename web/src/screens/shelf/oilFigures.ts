import {
  figureSources,
  flashPointOf,
  shippedOils,
  type FigureId,
  type Oil,
} from '@jubbet/core/catalog';
import {
  countedWords,
  familyWords,
  formatNumber,
  formatPercent,
  maximumWords,
  temperatureWords,
  type Units,
} from '@jubbet/core/words';

/** One figure of an oil, as its page shows it. */
interface Figure {
  readonly name: string;
  readonly value: string;
  readonly source: string;
  readonly confidence: string;
  /** The figure of the library that can be checked; none for what is no maximum. */
  readonly figureId?: string;
}

/** What is known of an oil in numbers, each with who says so and how sure. */
export const figuresOf = (oil: Oil, units: Units): Figure[] => {
  const { dermalMaximum: max } = oil;
  // A figure of one's own bears one's own source; the library's keeps its own, and how sure it is.
  const shipped = shippedOils.find(({ id }) => id === oil.id);
  const from = (figure: string, own: FigureId | null = null, confidence?: string) => {
    const mine = own && oil.own?.figures.findLast((entry) => entry.figure === own);
    if (mine) return { source: mine.source, confidence: 'yours' };
    if (oil.own?.material) return { source: oil.own.source ?? '', confidence: 'yours' };
    const { source = 'RECALL', confidence: usual = 'none' } = figureSources.oils[figure] ?? {};
    return { source, confidence: confidence ?? usual };
  };
  const flash = flashPointOf(oil.id);
  const notKnown = 'not known';
  return [
    {
      name: 'Dermal maximum',
      value: `${maximumWords(max)}${max.percent !== null && max.basis ? ` (${max.basis})` : ''}`,
      ...from('dermalMaximum', 'maximum', max.confidence),
      figureId: `maximum/${oil.id}`,
    },
    {
      name: 'Phototoxic limit',
      value:
        oil.phototoxicLimitPercent === null ? 'none' : formatPercent(oil.phototoxicLimitPercent),
      ...from('phototoxicLimitPercent', 'light', shipped?.dermalMaximum.confidence),
      figureId: `light/${oil.id}`,
    },
    {
      name: 'Density',
      value: oil.densityGPerMl === null ? notKnown : `${formatNumber(oil.densityGPerMl, 4)} g/ml`,
      ...from('densityGPerMl', 'density'),
    },
    { name: 'Thickness', value: oil.viscosity, ...from('viscosity') },
    {
      name: 'Keeps, once opened',
      value: countedWords(oil.shelfYears, 'year'),
      ...from('shelfYears', 'shelf'),
    },
    { name: 'Oxidises', value: `${oil.oxidation} risk`, ...from('oxidation') },
    {
      name: 'Flash point',
      value: flash
        ? flash.rangeC[1] === null
          ? `above ${temperatureWords(flash.rangeC[0], units)}`
          : temperatureWords([flash.rangeC[0], flash.rangeC[1]], units)
        : notKnown,
      source: 'RECALL',
      confidence: flash?.confidence ?? 'none',
    },
    {
      name: 'Plant family',
      value: oil.family ? familyWords(oil.family) : notKnown,
      source: 'its botanical name',
      confidence: 'high',
    },
    { name: 'Note', value: oil.note, ...from('note') },
    { name: 'Strength of smell', value: `${oil.odourStrength} of 5`, ...from('odourStrength') },
  ];
};
