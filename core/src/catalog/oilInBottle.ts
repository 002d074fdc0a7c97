import type { Analysis } from './catalog';
import { constituentNamed, membersOfSum } from './constituentIndex';
import { lightFromContents } from './lightFromContents';
import type { Content, Oil } from './schema';

/** Contents by the library's names: what is written under two names of one constituent is added. */
const byLibraryName = (contents: readonly Content[]): Content[] => {
  const sums = new Map<string, Content>();
  for (const [written, low, typical, high] of contents) {
    const name = constituentNamed(written) ?? written;
    const [, ...before] = sums.get(name) ?? [name, 0, 0, 0];
    const added = [low, typical, high].map((percent, at) =>
      Math.min(100, percent + (before[at] ?? 0)),
    );
    sums.set(name, [name, added[0] ?? 0, added[1] ?? 0, added[2] ?? 0]);
  }
  return [...sums.values()];
};

/** Of a composition, what is known by name, in percent, and what is not. */
export const knownByName = (
  contents: readonly Content[],
): { readonly percent: number; readonly unknown: readonly Content[] } => {
  const unknown = contents.filter(([name]) => constituentNamed(name) === null);
  const total = (list: readonly Content[]): number =>
    list.reduce((sum, [, , typical]) => sum + typical, 0);
  return { percent: total(contents) - total(unknown), unknown };
};

/**
 * What a sheet names, as the library names it. A total counts as the first of its members; where the
 * sheet names members too, what they leave of the total still counts.
 */
export const asListed = (written: readonly Content[]): Content[] => {
  const contents = byLibraryName(written);
  return contents.flatMap((content): Content[] => {
    const [name, ...sum] = content;
    const members = membersOfSum(name);
    if (members.length === 0) return [content];
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
};

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
