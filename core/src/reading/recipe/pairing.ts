import {
  ratioIn,
  writtenAmount,
  type FoundAmount,
  type ReadUnit,
  type WrittenAmount,
} from './amounts';
import type { Entries } from './entries';
import { overlaps, plainLetters, type Span } from '../../quantity';
import type { FoundMaterial } from './materials';
import type { MaterialFinder } from '../../catalog';

/** What is stated of what takes up the rest of a container. */
export const fillWords =
  /\b(?:fill(?:ed)?(?: (?:it|up|the (?:rest|remainder|bottle|container|roller|jar)))*(?: to the (?:top|shoulder|neck))?(?: up)?,? (?:with|w\/)|top(?:ped)?(?: (?:it|up|off|the rest|to the top))*(?: (?:up|off))? (?:with|w\/)|to fill|to top(?: up| off)?|fill (?:to )?(?:the )?(?:top|rest|remainder)|the rest|remainder|make up (?:to [\w ]+)?with|enough)(?!\w)|^ *fill\b|\bq\.? ?s\.?(?![a-z])/;

/** A pair of what and how much, as near to each other as they come. */
interface Pairing {
  readonly amounts: readonly FoundAmount[];
  readonly materials: readonly FoundMaterial[];
}

/** Which amount goes with which name: the nearest pairs first; each once. */
export const paired = (
  entries: Entries,
  { amounts, materials }: Pairing,
): Map<FoundMaterial, FoundAmount> => {
  const [firstAmount] = amounts;
  const [firstMaterial] = materials;
  const isAmountFirst = (firstAmount?.from ?? 0) < (firstMaterial?.from ?? 0);
  const ways = amounts.flatMap((amount) => {
    const entry = entries.of(amount);
    // An amount beside the name of something else is of that.
    const isAlone = !/[a-z]{3}/.test(entries.besides(amount));
    return materials
      .filter((material) => isAlone || overlaps(material, entry))
      .map((material) => ({
        material,
        amount,
        // Of two as near, the one on the side where this line has its amounts.
        far:
          entries.apart(material, amount) +
          (amount.from < material.from === isAmountFirst ? 0 : 25),
      }));
  });
  const pairs = new Map<FoundMaterial, FoundAmount>();
  const used = new Set<FoundAmount>();
  for (const { material, amount } of [...ways].sort((a, b) => a.far - b.far)) {
    if (pairs.has(material) || used.has(amount)) continue;
    pairs.set(material, amount);
    used.add(amount);
  }
  return pairs;
};

/** A name in brackets, behind another, tells more of that one: `Lavender (Lavandula angustifolia)`. */
export const withAsides = (
  plain: string,
  materials: readonly FoundMaterial[],
): readonly FoundMaterial[] => {
  const kept: FoundMaterial[] = [];
  for (const material of materials) {
    const before = kept[kept.length - 1];
    const between = before ? plain.slice(before.to, material.from) : '';
    const alike =
      before?.ids.filter((id) => material.ids.includes(id) && before.kind === material.kind) ?? [];
    const isAside = /^[ \w]*[([/][\w .]*$|^ ?[,:/-] ?(?:inci|botanical)?:? ?$/.test(between);
    const [first] = material.ids;
    if (before && isAside && alike.length > 0) {
      kept[kept.length - 1] = { ...before, to: material.to, ids: alike, isMisspelt: false };
    } else if (before && /\($|\[$/.test(between.trim()) && before.ids.length > 1 && first) {
      kept[kept.length - 1] = { ...before, to: material.to };
    } else kept.push(material);
  }
  return kept;
};

/** `lavender or lavandin`: one ingredient that may be either. */
export const withAlternatives = (
  plain: string,
  found: readonly FoundMaterial[],
  { look }: MaterialFinder,
): readonly FoundMaterial[] => {
  const kept: FoundMaterial[] = [];
  for (const foundMaterial of found) {
    // `Roman or German chamomile`: the word before is for a name too.
    const alternative = /([a-z]+) or $/.exec(plain.slice(0, foundMaterial.from));
    const last = /[a-z]+$/.exec(plain.slice(foundMaterial.from, foundMaterial.to))?.[0] ?? '';
    const isTaken = alternative !== null && kept.some(({ to }) => to > alternative.index);
    const other =
      alternative && !isTaken ? look(`${alternative[1] ?? ''} ${last}`) : { oils: [], bases: [] };
    const more = foundMaterial.kind === 'oil' ? other.oils : other.bases;
    const material =
      alternative && more.length > 0
        ? {
            ...foundMaterial,
            from: alternative.index,
            ids: [...new Set([...more, ...foundMaterial.ids])],
          }
        : foundMaterial;
    const before = kept[kept.length - 1];
    const between = before ? plain.slice(before.to, material.from) : '';
    // `argan/jojoba (50:50)` are two, in a proportion.
    const isProportion = /^ ?\(?\d+ ?[:/] ?\d+/.test(plain.slice(material.to));
    if (before && !isProportion && /^ *(?:,? or|\/|or other|, or) *$/.test(between)) {
      kept[kept.length - 1] = {
        ...before,
        to: material.to,
        ids: [...new Set([...before.ids, ...material.ids])],
      };
    } else kept.push(material);
  }
  return kept;
};

/** Amounts that say another once more: `30 ml (1 oz)`. */
export const lastAsides = (
  amounts: readonly FoundAmount[],
  plain: string,
): ReadonlySet<FoundAmount> =>
  new Set(
    amounts.filter((amount, n) => {
      const before = amounts[n - 1];
      // `30 ml / 1 oz`, `30 ml (1 oz)`, `1 oz or 2 tbsp`: the second is the first in another measure.
      return (
        amount.isAside ||
        (before && /^ ?(?:\/|=|\bor\b|,? ?about|\() ?$/.test(plain.slice(before.to, amount.from)))
      );
    }),
  );

/** What a proportion says of the bases behind it: so many parts of each. */
export const inProportion = (
  line: string,
  entries: Entries,
  materials: readonly FoundMaterial[],
  written: readonly FoundAmount[],
): ReadonlyMap<FoundMaterial, WrittenAmount> => {
  const ratio = ratioIn(line);
  if (!ratio) return new Map();
  const plain = plainLetters(line);
  const last = materials.filter(({ to }) => to <= ratio.from).slice(-ratio.parts.length);
  const isAfter = /^ ?[(,]? ?$/.test(plain.slice(last.at(-1)?.to ?? 0, ratio.from));
  const isJoined = last.every(
    ({ from }, n) =>
      n === 0 || /^(?: ?[/&+,] ?| and )$/.test(plain.slice(last[n - 1]?.to ?? 0, from)),
  );
  if (ratio.parts.length > 1 && last.length === ratio.parts.length && isAfter && isJoined) {
    return new Map(
      last.map((foundMaterial, n) => [foundMaterial, writtenAmount('parts', ratio.parts[n] ?? 1)]),
    );
  }
  const behind = materials.filter(({ from }) => from >= ratio.to);
  // What has an amount of its own is no part of the proportion.
  const hasNone = (foundMaterial: FoundMaterial): boolean => {
    const entry = entries.of(foundMaterial);
    return !written.some((amount) => overlaps(amount, entry));
  };
  const isOfAll =
    ratio.parts.length > 0
      ? behind.length >= ratio.parts.length
      : behind.filter(hasNone).length > 1;
  const bases = isOfAll
    ? behind.filter((foundMaterial) => ratio.parts.length > 0 || hasNone(foundMaterial))
    : materials.filter(
        ({ kind, from }) => kind === 'base' && (from >= ratio.to || ratio.parts.length > 0),
      );
  if (bases.length < 2 || written.some(({ amount }) => amount.unit === 'parts')) {
    return new Map();
  }
  const { parts } = ratio;
  if (parts.length > bases.length) return new Map();
  const of = parts.length > 0 ? bases.slice(0, parts.length) : bases;
  return new Map(
    of.map((foundMaterial, n) => [foundMaterial, writtenAmount('parts', parts[n] ?? 1)]),
  );
};

/** `2 oz 50/50 argan and jojoba`: what all of a proportion come to; null where nothing says. */
export const wholeOf = (
  line: string,
  proportion: ReadonlyMap<FoundMaterial, WrittenAmount>,
  written: readonly FoundAmount[],
): FoundAmount | null => {
  const ratio = ratioIn(line);
  if (!ratio || proportion.size === 0) return null;
  const start = Math.min(ratio.from, ...[...proportion.keys()].map(({ from }) => from));
  const plain = plainLetters(line);
  return (
    written.find(
      ({ to, amount }) =>
        to <= start &&
        amount.unit !== 'parts' &&
        amount.unit !== 'percent' &&
        amount.low === undefined &&
        /^ ?(?:of )?(?:an? )?\(?$/.test(plain.slice(to, start)),
    ) ?? null
  );
};

/** Numbers right behind a name, or right before it, where there is no unit. */
export const bareAmounts = (
  plain: string,
  materials: readonly FoundMaterial[],
  taken: readonly Span[],
  unit: ReadUnit,
): readonly FoundAmount[] =>
  materials.flatMap(({ from, to }): FoundAmount[] => {
    const isAhead = /^\W*\d/.test(plain);
    const behind =
      isAhead && /\d ?x?(?: of)? ?$/.test(plain.slice(0, from))
        ? null
        : /^[ :=.x*()-]*(\d+(?:[.,]\d+)?)(?![\w%°/]|[.,]\d)/.exec(plain.slice(to));
    const ahead = /(?<![\w.,/°])(\d+(?:[.,]\d+)?) ?x?(?: of)? ?$/.exec(plain.slice(0, from));
    const [match, at] = behind ? [behind, to] : [ahead, ahead?.index ?? 0];
    if (!match) return [];
    const span = {
      from: behind ? at + match[0].length - (match[1] ?? '').length : at,
      to: at + match[0].length,
    };
    const value = Number((match[1] ?? '').replace(',', '.'));
    return value > 0 && value <= 1000 && !taken.some((entry) => overlaps(entry, span))
      ? [
          {
            ...span,
            amount: writtenAmount(unit, value),
            isShare: false,
            isAside: false,
            isEach: false,
            isTotal: false,
          },
        ]
      : [];
  });

/** Which of them fills what is left: the one that is behind the words, else the nearest. */
export const filling = (
  plain: string,
  materials: readonly FoundMaterial[],
  pairs: ReadonlyMap<FoundMaterial, FoundAmount>,
): FoundMaterial | undefined => {
  const match = fillWords.exec(plain);
  if (!match) return undefined;
  const at = match.index + match[0].length;
  const free = materials.filter((material) => !pairs.has(material) && material.kind === 'base');
  return free.find(({ from }) => from >= at) ?? free[free.length - 1];
};

/** The name that is nearest to an amount. */
export const nearestMaterial = (
  entries: Entries,
  amount: FoundAmount,
  materials: readonly FoundMaterial[],
): FoundMaterial | undefined =>
  [...materials].sort((a, b) => entries.apart(a, amount) - entries.apart(b, amount))[0];

/** `5 drops each of lavender, lemon and mint`; `lavender, lemon: 5 drops each`. */
export const shared = (
  entries: Entries,
  amounts: readonly FoundAmount[],
  materials: readonly FoundMaterial[],
): Map<FoundMaterial, FoundAmount> | null => {
  if (!amounts.some(({ isEach }) => isEach)) return null;
  const pairs = new Map<FoundMaterial, FoundAmount>();
  const own = paired(entries, { amounts: amounts.filter(({ isEach }) => !isEach), materials });
  for (const [n, amount] of amounts.entries()) {
    if (!amount.isEach) continue;
    const next = amounts[n + 1]?.from ?? Infinity;
    const last = amounts[n - 1]?.to ?? -1;
    const behind = materials.filter(({ from }) => from >= amount.to && from < next);
    const ahead = materials.filter(({ from, to }) => to <= amount.from && from >= last);
    for (const material of behind.length > 0 ? behind : ahead) pairs.set(material, amount);
  }
  for (const [material, amount] of own) if (!pairs.has(material)) pairs.set(material, amount);
  return pairs;
};

/** `I leave out the clary sage`, `without lemon`: named, and not in it. */
export const isLeftOut = (plain: string, { from }: Pick<Span, 'from'>): boolean =>
  /\b(?:leave out|leaving out|without|omit|skip|avoid|instead of|not|never|no|don't (?:use|add))(?: (?:the|any|use|add|of))* ?$/.test(
    plain.slice(0, from),
  );
