import {
  fillMl,
  usualContainer,
  usualContainers,
  type Container,
  type ContainerKind,
} from '../../catalog';
import { writtenAmount, type WrittenAmount } from './amounts';
import { countWords, numeralAt, plainLetters, type Span } from '../../quantity';

/** A container as a recipe names it. */
export interface FoundContainer extends Span {
  readonly text: string;
  /** Of the library. */
  readonly kind: ContainerKind;
  /** As it was written; null where none was. */
  readonly size: WrittenAmount | null;
  readonly count: number;
  /** Of a size of the library; null where there is none. */
  readonly id: string | null;
}

/** What makers call kinds of containers; more words before fewer. */
const patterns: Readonly<Record<ContainerKind, string>> = {
  'roll-on': String.raw`roll(?:er)?[ -]?(?:on|ball|bottle)s?(?: bottles?)?|rollers?(?: bottles?)?|roll-?ons?(?: bottles?)?`,
  'treatment pump': String.raw`treatment pumps?(?: bottles?)?|serum (?:bottles?|pumps?)`,
  'pump bottle': String.raw`pump(?:[ -](?:top|bottle)s?)+|lotion (?:bottles?|pumps?)|pump dispensers?`,
  'spray bottle': String.raw`(?:spray|mist(?:er)?|spritz(?:er)?|atomi[sz]er)(?:[ -]?(?:top|bottle)s?)*|spritzers?|misters?`,
  'lip tube': String.raw`(?:lip (?:balm )?|chapstick )(?:tubes?|sticks?|containers?)|tubes?`,
  locket: String.raw`lockets?`,
  mould: String.raw`(?:silicone )?mou?lds?`,
  'pill box': String.raw`pill ?box(?:es)?`,
  tin: String.raw`tins?`,
  jar: String.raw`(?:mason |jam |salve )?jars?|(?:lidded |glass |jam )pots?`,
  'dropper bottle': String.raw`(?:dropper|euro(?:pean)? dropper|amber|massage|glass)[ -](?:top )?bottles?|bottles?|vials?|flacons?|droppers?`,
};

const kinds = Object.entries(patterns) as readonly (readonly [ContainerKind, string])[];

/** Words that say how many: `two tins`, `your jar`. */
const counts: Readonly<Record<string, number>> = {
  ...countWords,
  your: 1,
  the: 1,
  each: 1,
};

const count = String.raw`(?:(?:(?<count>\d{1,3})(?: ?[x*] ?| )|(?<countWord>${Object.keys(counts).join('|')}) )(?:of )?)?`;
/** `4 oz jars x2`. */
const times = String.raw`(?: ?\(?[x*] ?(?<times>\d{1,3})\)?(?![\w/]))?`;
const size = String.raw`(?<size>\d+(?:[.,]\d+)?|\d+\/\d+|[½¼⅓]|1 1\/2|half) ?-?(?<unit>ml|millilit(?:er|re)s?|fl\.? ?oz\.?|oz\.?|ounces?|g|grams?)\b\.?`;
const adjectives = String.raw`(?:[ -]+(?:small|large|clean|empty|dark|amber|blue|cobalt|clear|glass|metal|steel|stainless|aluminium|aluminum|sterili[sz]ed|dry|wide|mouth|screw|top|new|sized?|capacity|plastic|or|pet|euro)){0,4}[ -]*`;

const kindPattern = kinds.map(([, pattern], n) => `(?<k${n}>${pattern})`).join('|');
const before = new RegExp(
  String.raw`(?<![\w.,/])${count}${size}(?: ?\([^)]{1,20}\))?${adjectives}(?:${kindPattern})\b${times}`,
  'g',
);
const after = new RegExp(
  String.raw`(?<![\w.,/])${count}(?:(?:small|large|clean|empty|dark|amber|glass|sterili[sz]ed)[ -])*(?:${kindPattern}) ?(?:\(|, ?|of |[-:] ?)(?:of )?(?:size )?${size}`,
  'g',
);
/** `makes 12 tubes`, `rollerball for sleep (10 ml)`. */
const counted = new RegExp(
  String.raw`(?<![\w.,/])(?:makes|yields?|fills?|for|into) (?:about )?(?<count>\d{1,3}) (?:small |glass |lip balm )*(?:${kindPattern})\b`,
  'g',
);
const loosely = new RegExp(
  String.raw`(?<![\w.,/])(?:${kindPattern})(?: [a-z]+){1,4} ?\(${size}\)`,
  'g',
);
const bare = new RegExp(
  String.raw`(?<![\w.,/])(?:in|into|to|for|fill|makes|yields?|using|use) (?:(?:a|an|your|one|two|small|large|clean|empty|dark|amber|glass|sterili[sz]ed|tightly|closed) )*(?:${kindPattern})\b`,
  'g',
);

const kindIn = (groups: Readonly<Record<string, string | undefined>>): ContainerKind | null => {
  const n = kinds.findIndex((_, index) => groups[`k${index}`] !== undefined);
  return kinds[n]?.[0] ?? null;
};

/** Containers of the library of one kind, the smallest first. */
const ofKind = (
  kind: ContainerKind,
): readonly { readonly id: string; readonly nominalMl: number }[] =>
  usualContainers.filter((entry) => entry.kind === kind).sort((x, y) => x.nominalMl - y.nominalMl);

/** One fluid ounce, as bottles are sold by it. */
const ounceMl = 30;

/** What a container of a recipe holds, in ml; null where it was not written. */
export const containerMl = ({ size: written }: Pick<FoundContainer, 'size'>): number | null =>
  written === null
    ? null
    : written.unit === 'oz' || written.unit === 'fl oz'
      ? written.value * ounceMl
      : written.value;

/** The container of the library of this kind and size, within a twentieth. */
const idOf = (kind: ContainerKind, ml: number | null): string | null =>
  ml === null
    ? null
    : (ofKind(kind).find(({ nominalMl }) => Math.abs(nominalMl - ml) <= ml / 20)?.id ?? null);

/** What is taken where nothing was named. */
const usualId = 'roll-on-10';

const known = (id: string): Container => {
  const container = usualContainer(id);
  if (!container) throw new Error(`the library has no container ${id}`);
  return container;
};

/** The container that is taken for it: of its kind the nearest in size; the 10 ml roll-on for none. */
export const containerTaken = (found: FoundContainer | null): Container => {
  const ml = (found && containerMl(found)) ?? known(usualId).nominalMl;
  const [nearest] = [...(found ? ofKind(found.kind) : [])].sort(
    (x, y) => Math.abs(x.nominalMl - ml) - Math.abs(y.nominalMl - ml),
  );
  return known(found?.id ?? nearest?.id ?? usualId);
};

/** The smallest container of a kind that holds so much; the largest of its kind where none does. */
export const containerFor = (kind: ContainerKind, ml: number): Container => {
  const all = ofKind(kind).map(({ id }) => known(id));
  return all.find((container) => fillMl(container) >= ml) ?? all[all.length - 1] ?? known(usualId);
};

const unitOf = (unit: string): 'ml' | 'fl oz' | 'oz' | 'g' =>
  unit.startsWith('fl') ? 'fl oz' : unit.startsWith('o') ? 'oz' : unit.startsWith('g') ? 'g' : 'ml';

/** All containers that a line names. */
export const containersIn = (line: string): readonly FoundContainer[] => {
  const plain = plainLetters(line);
  const found: FoundContainer[] = [];
  for (const pattern of [before, after, loosely, counted, bare]) {
    for (const match of plain.matchAll(pattern)) {
      const span = { from: match.index, to: match.index + match[0].length };
      if (
        found.some(
          (foundContainer) => foundContainer.from < span.to && span.from < foundContainer.to,
        )
      )
        continue;
      const { groups = {} } = match;
      const kind = kindIn(groups);
      if (kind === null) continue;
      const countText = groups['count'] ?? groups['countWord'] ?? groups['times'];
      const written =
        groups['size'] === undefined
          ? null
          : writtenAmount(unitOf(groups['unit'] ?? 'ml'), numeralAt(groups['size'], 0)?.value ?? 0);
      const ml = containerMl({ size: written });
      found.push({
        ...span,
        text: line.slice(span.from, span.to).trim(),
        kind,
        size: written,
        count: countText === undefined ? 1 : (counts[countText] ?? Number(countText)),
        id: idOf(kind, ml),
      });
    }
  }
  return found.sort((a, b) => a.from - b.from);
};
