import {
  amountsIn,
  type FoundAmount,
  ratioIn,
  type ReadUnit,
  sharesIn,
  type WrittenAmount,
} from './amounts';
import { overlaps, plainLetters, type Span } from './letters';
import { materialsIn, type FoundMaterial, type MaterialFinder } from './materials';

/** An ingredient as it was read. */
export interface ReadIngredient {
  /** As it was written, with its amount. */
  readonly text: string;
  /** Null where the name may be several, or is not known. */
  readonly materialId: string | null;
  /** What it may be, the likeliest first. */
  readonly candidates: readonly string[];
  readonly kind: 'oil' | 'base' | null;
  readonly amount: WrittenAmount | null;
  /** The same once more, in another measure. */
  readonly also: WrittenAmount | null;
  /** It fills what is left of the container. */
  readonly isFill: boolean;
  readonly isOptional: boolean;
  /** 1 where nothing was guessed; 0 where it is not known what it is. */
  readonly confidence: number;
}

/** What one line came to. */
export interface ReadLine {
  readonly ingredients: readonly ReadIngredient[];
  /** Drops that the line says are the sum. */
  readonly total: number | null;
  /** Where something was understood. */
  readonly spans: readonly Span[];
}

const fillWords =
  /\b(?:fill(?:ed)?(?: (?:it|up|the (?:rest|remainder|bottle|container|roller|jar)))*(?: to the (?:top|shoulder|neck))?(?: up)?,? with|top(?:ped)?(?: (?:it|up|off|the rest|to the top))*(?: (?:up|off))? with|to fill|to top(?: up| off)?|fill (?:to )?(?:the )?(?:top|rest|remainder)|the rest|remainder|make up (?:to [\w ]+)?with|enough)\b|^ *fill\b|\bq\.? ?s\.?(?![a-z])/;

/** A pair of what and how much, as near to each other as they come. */
interface Pairing {
  readonly amounts: readonly FoundAmount[];
  readonly materials: readonly FoundMaterial[];
}

/** How far an amount is from a name: what parts two entries of a list counts for much. */
const farFrom = (plain: string, a: Span, b: Span): number => {
  const [from, to] = a.to <= b.from ? [a.to, b.from] : [b.to, a.from];
  const between = plain.slice(from, to);
  const parted = (between.match(/[;,+&]|\band\b|\bplus\b|\bthen\b|\. /g) ?? []).length;
  return between.length + 40 * parted;
};

/** Which amount goes with which name: the nearest pairs first; each once. */
const paired = (
  plain: string,
  { amounts, materials }: Pairing,
): Map<FoundMaterial, FoundAmount> => {
  const [firstAmount] = amounts;
  const [firstMaterial] = materials;
  const isAmountFirst = (firstAmount?.from ?? 0) < (firstMaterial?.from ?? 0);
  const ways = materials.flatMap((material) =>
    amounts.map((amount) => ({
      material,
      amount,
      // Of two as near, the one on the side where this line has its amounts.
      far:
        farFrom(plain, material, amount) + (amount.from < material.from === isAmountFirst ? 0 : 25),
    })),
  );
  const pairs = new Map<FoundMaterial, FoundAmount>();
  const used = new Set<FoundAmount>();
  for (const { material, amount } of [...ways].sort((a, b) => a.far - b.far)) {
    if (pairs.has(material) || used.has(amount)) continue;
    pairs.set(material, amount);
    used.add(amount);
  }
  return pairs;
};

const confidenceOf = (material: FoundMaterial): number =>
  material.ids.length > 1 ? 0.5 : material.isMisspelt ? 0.6 : 1;

const ingredientOf = (
  line: string,
  material: FoundMaterial,
  amount: FoundAmount | undefined,
  also: FoundAmount | undefined,
  isFill: boolean,
): ReadIngredient => {
  const parts = [material, amount, also].flatMap((one) => (one ? [one] : []));
  const from = Math.min(...parts.map((one) => one.from));
  const end = Math.max(...parts.map((one) => one.to));
  // A bracket that was opened is closed.
  const isOpen = /\([^)]*$/.test(line.slice(from, end));
  const closing = isOpen ? line.indexOf(')', end) : -1;
  const to = closing < 0 ? end : closing + 1;
  const [only] = material.ids;
  return {
    text: line.slice(from, to).trim(),
    materialId: material.ids.length === 1 ? (only ?? null) : null,
    candidates: material.ids,
    kind: material.kind,
    amount: amount?.amount ?? null,
    also: also?.amount ?? null,
    isFill: isFill && !amount,
    isOptional: /\boptional(?:ly)?\b|\bif (?:you (?:like|wish|want)|desired)\b/i.test(line),
    confidence: confidenceOf(material),
  };
};

/** A name in brackets, behind another, tells more of that one: `Lavender (Lavandula angustifolia)`. */
const withAsides = (
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
const withAlternatives = (
  plain: string,
  materials: readonly FoundMaterial[],
): readonly FoundMaterial[] => {
  const kept: FoundMaterial[] = [];
  for (const material of materials) {
    const before = kept[kept.length - 1];
    const between = before ? plain.slice(before.to, material.from) : '';
    if (before && /^ *(?:,? or|\/|or other|, or) *$/.test(between)) {
      kept[kept.length - 1] = {
        ...before,
        to: material.to,
        ids: [...new Set([...before.ids, ...material.ids])],
      };
    } else kept.push(material);
  }
  return kept;
};

/** What is left of a line when noise is taken away: what an unknown ingredient is called. */
const unknownName = (line: string, taken: readonly Span[]): string =>
  Array.from(line, (letter, n) =>
    taken.some(({ from, to }) => n >= from && n < to) ? ' ' : letter,
  )
    .join('')
    .replace(/\([^)]*\)/g, ' ')
    .replace(/^[^\p{L}]+|[^\p{L})]+$/gu, '')
    .replace(/^(?:of|each|x)\b/i, '')
    .replace(/\s+/g, ' ')
    .trim();

const lastAsides = (amounts: readonly FoundAmount[], plain: string): ReadonlySet<FoundAmount> =>
  new Set(
    amounts.filter((one, n) => {
      const before = amounts[n - 1];
      // `30 ml / 1 oz`, `30 ml (1 oz)`, `1 oz or 2 tbsp`: the second is the first in another measure.
      return (
        one.isAside ||
        (before && /^ ?(?:\/|=|\bor\b|,? ?about|\() ?$/.test(plain.slice(before.to, one.from)))
      );
    }),
  );

/** The amounts of a proportion, one for each name that follows. */
const inProportion = (
  plain: string,
  line: string,
  materials: readonly FoundMaterial[],
): readonly ReadIngredient[] | null => {
  const ratio = ratioIn(line);
  if (!ratio || materials.length < 2) return null;
  const { parts } = ratio;
  if (parts.length > 0 && parts.length !== materials.length) return null;
  return materials.map((material, n) => ({
    ...ingredientOf(line, material, undefined, undefined, false),
    amount: { unit: 'parts', value: parts[n] ?? 1 },
    isFill: fillWords.test(plain),
  }));
};

/** Numbers right behind a name, or right before it, where no unit stands. */
const bareAmounts = (
  plain: string,
  materials: readonly FoundMaterial[],
  said: readonly FoundAmount[],
  unit: ReadUnit,
): readonly FoundAmount[] =>
  materials.flatMap(({ from, to }): FoundAmount[] => {
    const behind = /^[ :=.x*-]*(\d+(?:[.,]\d+)?)(?![\w%°/]|[.,]\d)/.exec(plain.slice(to));
    const ahead = /(?<![\w.,/°])(\d+(?:[.,]\d+)?) ?x? ?$/.exec(plain.slice(0, from));
    const [match, at] = behind ? [behind, to] : [ahead, ahead?.index ?? 0];
    if (!match) return [];
    const span = {
      from: behind ? at + match[0].length - (match[1] ?? '').length : at,
      to: at + match[0].length,
    };
    const value = Number((match[1] ?? '').replace(',', '.'));
    return value > 0 && value <= 1000 && !said.some((one) => overlaps(one, span))
      ? [{ ...span, amount: { unit, value }, isAside: false, isEach: false, isTotal: false }]
      : [];
  });

/** Which of them fills what is left: the one that stands behind the words, else the nearest. */
const filling = (
  plain: string,
  materials: readonly FoundMaterial[],
  pairs: ReadonlyMap<FoundMaterial, FoundAmount>,
): FoundMaterial | undefined => {
  const match = fillWords.exec(plain);
  if (!match) return undefined;
  const at = match.index + match[0].length;
  const free = materials.filter((one) => !pairs.has(one) && one.kind === 'base');
  return free.find(({ from }) => from >= at) ?? free[free.length - 1];
};

/** In what a line stands. */
interface LineContext {
  /** In a list of ingredients: a name without an amount counts, and may be misspelt. */
  readonly isListed: boolean;
  /** Where containers and strengths stand: their figures are no amounts. */
  readonly taken: readonly Span[];
  /** What a number without a unit counts, as the heading above says; null where it says nothing. */
  readonly bareUnit: ReadUnit | null;
}

/** The ingredients of one line. */
export const readLine = (
  line: string,
  finder: MaterialFinder,
  { isListed, taken, bareUnit }: LineContext,
): ReadLine => {
  const plain = plainLetters(line);
  const free = (span: Span): boolean => !taken.some((one) => overlaps(one, span));
  const shares = sharesIn(line);
  const all = [
    ...shares,
    ...amountsIn(line).filter((one) => free(one) && !shares.some((share) => overlaps(share, one))),
  ].sort((a, b) => a.from - b.from);
  const totals = all.filter(({ isTotal, amount }) => isTotal && amount.unit === 'drops');
  const said = all.filter((one) => !one.isTotal);
  const asides = lastAsides(said, plain);
  const written = said.filter((one) => !asides.has(one));
  // What is an amount is no part of a name.
  const rest = Array.from({ length: line.length }, (_, n) =>
    said.some(({ from, to }) => n >= from && n < to) ? '|' : line.charAt(n),
  ).join('');
  const found = materialsIn(rest, finder, isListed || said.length > 0).filter(
    (one) => free(one) || said.length > 0,
  );
  const materials = withAlternatives(plain, withAsides(plain, found)).filter(
    ({ isCommonWord, said: word }) =>
      !isCommonWord || isListed || written.length > 0 || /oil|eo/i.test(word),
  );
  const unit =
    bareUnit ?? (isListed || said.some((one) => one.amount.unit === 'drops') ? 'drops' : null);
  const guessed =
    unit === null
      ? []
      : bareAmounts(
          plain,
          materials.filter(({ kind }) => bareUnit !== null || kind === 'oil'),
          [...all, ...taken.map((span) => ({ ...span }))] as readonly FoundAmount[],
          unit,
        );
  const amounts = [...written, ...guessed].sort((x, y) => x.from - y.from);
  const [firstTotal] = totals;
  const total = firstTotal?.amount.value ?? null;
  const spans: Span[] = [...taken, ...all, ...materials];
  const proportion =
    amounts.length === 0 || amounts.every(({ amount }) => amount.unit !== 'drops')
      ? inProportion(plain, line, materials)
      : null;
  if (proportion) return { ingredients: proportion, total, spans };
  const pairs = shared(plain, amounts, materials) ?? paired(plain, { amounts, materials });
  const fills = filling(plain, materials, pairs);
  const ingredients = materials.flatMap((material): ReadIngredient[] => {
    const amount = pairs.get(material);
    const also = [...asides].find((aside) => nearestMaterial(plain, aside, materials) === material);
    if (!amount && also) return [ingredientOf(line, material, also, undefined, false)];
    const isGuess = amount !== undefined && bareUnit === null && guessed.includes(amount);
    if (!amount && !isListed && !fills && amounts.length === 0) return [];
    const one = ingredientOf(line, material, amount, also, material === fills);
    return [isGuess ? { ...one, confidence: Math.min(0.6, one.confidence) } : one];
  });
  const left = amounts.filter((one) => ![...pairs.values()].includes(one));
  const name = unknownName(line, spans);
  // An amount of something that nobody here knows is an ingredient still.
  const [lone] = left;
  if (
    isListed &&
    materials.length === 0 &&
    (lone ?? amounts.length === 0) &&
    /\p{L}{3}/u.test(name)
  ) {
    return {
      ingredients: [
        {
          text: line.trim(),
          materialId: null,
          candidates: [],
          kind: null,
          amount: lone?.amount ?? null,
          also: null,
          isFill: false,
          isOptional: /\boptional/i.test(line),
          confidence: 0,
        },
      ],
      total,
      spans,
    };
  }
  return { ingredients, total, spans };
};

const nearestMaterial = (
  plain: string,
  amount: FoundAmount,
  materials: readonly FoundMaterial[],
): FoundMaterial | undefined =>
  [...materials].sort((a, b) => farFrom(plain, a, amount) - farFrom(plain, b, amount))[0];

/** `5 drops each of lavender, lemon and mint`; `lavender, lemon: 5 drops each`. */
const shared = (
  plain: string,
  amounts: readonly FoundAmount[],
  materials: readonly FoundMaterial[],
): Map<FoundMaterial, FoundAmount> | null => {
  if (!amounts.some(({ isEach }) => isEach)) return null;
  const pairs = new Map<FoundMaterial, FoundAmount>();
  const own = paired(plain, { amounts: amounts.filter(({ isEach }) => !isEach), materials });
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
