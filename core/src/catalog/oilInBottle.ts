import type { Analysis } from './catalog';
import { lightFromContents } from './lightFromContents';
import type { Content, Oil } from './schema';

/** Names of a sheet that are for several of the library's. */
const sheetNames: Readonly<Record<string, readonly string[]>> = {
  citral: ['geranial', 'neral'],
  thujone: ['alpha-thujone', 'beta-thujone'],
};

/**
 * What a sheet names, as the library names it. A sum counts as the first of its members; where the
 * sheet names members too, what they leave of the sum still counts.
 */
export const asListed = (contents: readonly Content[]): Content[] =>
  contents.flatMap((content): Content[] => {
    const [name, ...sum] = content;
    const members = sheetNames[name];
    if (!members) return [content];
    const named = contents.filter(([other]) => members.includes(other));
    const [low, typical, high] = sum.map((percent, at) =>
      named.reduce((left, entry) => Math.max(0, left - Number(entry[at + 1])), percent),
    );
    const [first = name, ...others] = members;
    return [
      [first, low ?? 0, typical ?? 0, high ?? 0],
      ...others
        .filter((other) => named.every(([one]) => one !== other))
        .map((other): Content => [other, 0, 0, 0]),
    ];
  });

/**
 * The oil as it is in this bottle. A batch analysis changes what it names; what it does not name
 * keeps the library's figure, unless the sheet says that it was not found (0 %). The phototoxic
 * limit is at least as strict as what was found makes it.
 */
export const oilInBottle = (oil: Oil, analysis: Analysis | null): Oil => {
  if (!analysis) return oil;
  const found = asListed(analysis.contents);
  const named = new Set(found.map(([name]) => name));
  return {
    ...oil,
    phototoxicLimitPercent: lightFromContents(oil.phototoxicLimitPercent, found),
    counted: {
      confidence: 'high',
      constituents: [
        ...found,
        ...(oil.counted?.constituents.filter(([name]) => !named.has(name)) ?? []),
      ],
    },
    own: {
      ...(oil.own ?? { material: false }),
      figures: [
        ...(oil.own?.figures ?? []),
        { figure: 'contents', value: null, original: null, source: analysis.source },
      ],
    },
  };
};
