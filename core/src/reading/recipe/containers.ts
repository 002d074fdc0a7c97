import { usualContainer, type Container } from '../../catalog';
import { amountOf, type WrittenAmount } from './amounts';
import { plainLetters, type Span } from './letters';

/** A container as a recipe names it. */
export interface FoundContainer extends Span {
  readonly text: string;
  /** Of the library. */
  readonly kind: string;
  /** As it was written; null where none was. */
  readonly size: WrittenAmount | null;
  readonly count: number;
  /** Of a size of the library; null where there is none. */
  readonly id: string | null;
}

/** What makers call kinds of containers; more words before fewer. */
const kinds: readonly (readonly [string, string])[] = [
  [
    'roll-on',
    String.raw`roll(?:er)?[ -]?(?:on|ball|bottle)s?(?: bottles?)?|rollers?(?: bottles?)?|roll-?ons?(?: bottles?)?`,
  ],
  ['treatment pump', String.raw`treatment pumps?(?: bottles?)?|serum (?:bottles?|pumps?)`],
  [
    'pump bottle',
    String.raw`pump(?:[ -](?:top|bottle)s?)+|lotion (?:bottles?|pumps?)|pump dispensers?`,
  ],
  [
    'spray bottle',
    String.raw`(?:spray|mist(?:er)?|spritz(?:er)?|atomi[sz]er)(?:[ -]?(?:top|bottle)s?)*|spritzers?|misters?`,
  ],
  ['lip tube', String.raw`(?:lip (?:balm )?|chapstick )(?:tubes?|sticks?|containers?)|tubes?`],
  ['locket', String.raw`lockets?`],
  ['mould', String.raw`(?:silicone )?mou?lds?`],
  ['tin', String.raw`tins?`],
  ['jar', String.raw`(?:mason |jam |salve )?jars?|(?:lidded |glass |jam )pots?`],
  [
    'dropper bottle',
    String.raw`(?:dropper|euro(?:pean)? dropper|amber|massage|glass)[ -](?:top )?bottles?|bottles?|vials?|flacons?|droppers?`,
  ],
];

const numberWords: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  your: 1,
  the: 1,
  each: 1,
};

const count = String.raw`(?:(?:(?<count>\d{1,3})(?: ?[x*] ?| )|(?<countWord>${Object.keys(numberWords).join('|')}) )(?:of )?)?`;
const size = String.raw`(?<size>\d+(?:[.,]\d+)?|\d+\/\d+|[½¼⅓]|1 1\/2|half) ?-?(?<unit>ml|millilit(?:er|re)s?|fl\.? ?oz\.?|oz\.?|ounces?|g|grams?)\b\.?`;
const adjectives = String.raw`(?:[ -]+(?:small|large|clean|empty|dark|amber|blue|cobalt|clear|glass|metal|steel|stainless|aluminium|aluminum|sterili[sz]ed|dry|wide|mouth|screw|top|new|sized?|capacity|plastic|or|pet|euro)){0,4}[ -]*`;

const kindPattern = kinds.map(([, pattern], n) => `(?<k${n}>${pattern})`).join('|');
const before = new RegExp(
  String.raw`(?<![\w.,/])${count}${size}(?: ?\([^)]{1,20}\))?${adjectives}(?:${kindPattern})\b`,
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

const kindIn = (groups: Readonly<Record<string, string | undefined>>): string | null => {
  const n = kinds.findIndex((_, index) => groups[`k${index}`] !== undefined);
  return kinds[n]?.[0] ?? null;
};

/** Usual sizes of each kind, as they are sold: the ounce of the trade is 30 ml. */
const sizes: Readonly<Record<string, readonly (readonly [number, string])[]>> = {
  'roll-on': [
    [5, 'roll-on-5'],
    [10, 'roll-on-10'],
    [15, 'roll-on-15'],
    [30, 'roll-on-30'],
  ],
  'dropper bottle': [
    [10, 'dropper-10'],
    [15, 'dropper-15'],
    [30, 'dropper-30'],
    [50, 'dropper-50'],
    [100, 'dropper-100'],
  ],
  'treatment pump': [[30, 'treatment-pump-30']],
  'pump bottle': [
    [100, 'pump-100'],
    [118, 'pump-120'],
    [237, 'pump-240'],
  ],
  'spray bottle': [
    [15, 'spray-15'],
    [30, 'spray-30'],
    [60, 'spray-60'],
    [100, 'spray-100'],
  ],
  tin: [
    [10, 'tin-10'],
    [15, 'tin-15'],
    [30, 'tin-30'],
    [60, 'tin-60'],
  ],
  jar: [
    [30, 'jar-30'],
    [60, 'jar-60'],
    [118, 'jar-120'],
    [200, 'jar-200'],
    [237, 'jar-240'],
  ],
  'lip tube': [[5, 'tube-5']],
  locket: [[1, 'locket']],
  'pill box': [[5, 'pill-box']],
  mould: [
    [8, 'mould-small'],
    [15, 'mould-cube'],
    [75, 'mould-bar'],
  ],
};

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
const idOf = (kind: string, ml: number | null): string | null => {
  const known = sizes[kind] ?? [];
  if (ml === null) return null;
  return known.find(([of]) => Math.abs(of - ml) <= ml / 20)?.[1] ?? null;
};

/** The container that is taken for it: of its kind the nearest in size; the library's 10 ml roll-on where nothing is known. */
export const containerTaken = (found: FoundContainer | null): Container => {
  const ml = found ? (containerMl(found) ?? 10) : 10;
  const kind = found?.kind ?? 'roll-on';
  const [nearest] = [...(sizes[kind] ?? [])].sort(
    ([a], [b]) => Math.abs(a - ml) - Math.abs(b - ml),
  );
  const container = usualContainer(found?.id ?? nearest?.[1] ?? 'roll-on-10');
  if (!container) throw new Error('the library has a roll-on of 10 ml');
  return container;
};

/** The smallest container of a kind that holds so much; the largest of its kind where none does. */
export const containerFor = (kind: string, ml: number): Container => {
  const known = sizes[kind] ?? sizes['dropper bottle'] ?? [];
  const holding = known.find(([of]) => of * 0.96 >= ml) ?? known[known.length - 1];
  return usualContainer(holding?.[1] ?? 'roll-on-10') ?? containerTaken(null);
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
      if (found.some((one) => one.from < span.to && span.from < one.to)) continue;
      const { groups = {} } = match;
      const kind = kindIn(groups);
      if (kind === null) continue;
      const said = groups['count'] ?? groups['countWord'];
      const written =
        groups['size'] === undefined
          ? null
          : amountOf(unitOf(groups['unit'] ?? 'ml'), groups['size'], undefined);
      const ml = containerMl({ size: written });
      found.push({
        ...span,
        text: line.slice(span.from, span.to).trim(),
        kind,
        size: written,
        count: said === undefined ? 1 : (numberWords[said] ?? Number(said)),
        id: idOf(kind, ml),
      });
    }
  }
  return found.sort((a, b) => a.from - b.from);
};
