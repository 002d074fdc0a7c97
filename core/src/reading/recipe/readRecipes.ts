import type { Catalog } from '../../catalog';
import { amountsIn, type ReadUnit, type WrittenAmount } from './amounts';
import { containersIn, type FoundContainer } from './containers';
import { readLine, type ReadIngredient } from './ingredients';
import { overlaps, plainLetters, type Span } from './letters';
import { materialFinder, materialsIn, type MaterialFinder } from './materials';
import { isProse, mayBeNamed, saysWhatToDo, sectionOpened, type Section } from './sections';
import { sourceLines, type SourceLine } from './source';
import { targetIn, type ReadTarget } from './target';

/** What a line of the source turned out to be. */
export type LineRole =
  'title' | 'heading' | 'ingredient' | 'container' | 'target' | 'total' | 'step' | 'note' | 'left';

export interface RoledLine {
  readonly text: string;
  readonly role: LineRole;
  /** Which ingredients of the recipe it named. */
  readonly ingredients: readonly number[];
}

/** A material that a step names. */
export interface Mention {
  readonly said: string;
  readonly ids: readonly string[];
  readonly kind: 'oil' | 'base';
  readonly step: number;
}

/** A recipe as it was read, before anything is judged. */
export interface ReadRecipe {
  readonly title: string;
  readonly container: FoundContainer | null;
  readonly ingredients: readonly ReadIngredient[];
  readonly target: ReadTarget | null;
  /** Drops that it says are all of them. */
  readonly totalDrops: number | null;
  readonly steps: readonly string[];
  readonly mentions: readonly Mention[];
  readonly lines: readonly RoledLine[];
  /** What nobody made anything of. */
  readonly leftOver: readonly string[];
}

/** More recipes than a book has are not read out of one text. */
const mostRecipes = 500;
const mostIngredients = 200;

interface Draft {
  title: string;
  container: FoundContainer | null;
  ingredients: ReadIngredient[];
  target: ReadTarget | null;
  totalDrops: number | null;
  totalText: string;
  steps: string[];
  mentions: Mention[];
  lines: RoledLine[];
  section: Section | null;
  bareUnit: ReadUnit | null;
}

const begin = (title: string): Draft => ({
  title,
  container: null,
  ingredients: [],
  target: null,
  totalDrops: null,
  totalText: '',
  steps: [],
  mentions: [],
  lines: [],
  section: null,
  bareUnit: null,
});

const isEmptyDraft = ({ ingredients, steps }: Draft): boolean =>
  ingredients.length === 0 && steps.length === 0;

/** `Oil | Drops` above a table, `Essential oils (drops)` above a list. */
const unitOfHeading = (text: string): ReadUnit | null => {
  const plain = plainLetters(text);
  if (/\d/.test(plain)) return null;
  if (/\bdrops?\b|\bgtts?\b/.test(plain)) return 'drops';
  if (/\bml\b/.test(plain)) return 'ml';
  if (/\bgrams?\b|\(g\)|: ?g\b/.test(plain)) return 'g';
  if (/%|\bpercent\b/.test(plain)) return 'percent';
  return /\bparts?\b/.test(plain) ? 'parts' : null;
};

/** True for a line that may be what a recipe is called. */
const mayBeTitle = (line: SourceLine, finder: MaterialFinder): boolean => {
  const { text } = line;
  if (line.isItem || line.isStep || line.isIngredient || text.length > 80 || text.length < 3)
    return false;
  const taken = [...containersIn(text), ...[targetIn(text, true)].flatMap((one) => one ?? [])];
  const amounts = amountsIn(text).filter(
    (one) => !one.isTotal && !taken.some((other) => overlaps(one, other)),
  );
  if (sectionOpened(text) || amounts.length > 0) return false;
  if (/[.;,]$/.test(text) || isProse(text) || !mayBeNamed(text)) return false;
  return line.heading > 0 || materialsIn(text, finder, false).length < 3;
};

/** True where something of a recipe follows soon: a title stands above what it names. */
const leadsOn = (lines: readonly SourceLine[], at: number, finder: MaterialFinder): boolean => {
  const next = lines.slice(at + 1, at + 9).filter(({ text }) => text !== '');
  return next
    .slice(0, 4)
    .some(
      (line, n) =>
        line.isIngredient ||
        sectionOpened(line.text)?.section === 'ingredients' ||
        (amountsIn(line.text).length > 0 && materialsIn(line.text, finder, true).length > 0) ||
        (n === 0 && containersIn(line.text).length > 0),
    );
};

class Reader {
  readonly done: Draft[] = [];
  draft = begin('');

  constructor(private readonly finder: MaterialFinder) {}

  private role(text: string, role: LineRole, ingredients: readonly number[] = []): void {
    this.draft.lines.push({ text, role, ingredients });
  }

  next(title: string): void {
    if (!isEmptyDraft(this.draft)) {
      this.done.push(this.draft);
      this.draft = begin(title);
    } else if (this.draft.title === '') this.draft.title = title;
    this.draft.section = null;
    this.draft.bareUnit = null;
    this.role(title, 'title');
    this.note(title);
  }

  /** What a line says of container and strength, wherever it stands. */
  private note(text: string): { readonly role: LineRole | null; readonly taken: readonly Span[] } {
    const { draft } = this;
    let role: LineRole | null = null;
    const containers = containersIn(text);
    const [container] = containers;
    if (
      container &&
      (draft.container === null || (draft.container.size === null && container.size))
    ) {
      draft.container = container;
      role = 'container';
    }
    const isAlone = materialsIn(text, this.finder, false).length === 0;
    const target = targetIn(text, isAlone);
    if (target && draft.target === null) {
      draft.target = target;
      role = 'target';
    }
    return { role, taken: [...containers, ...(target ? [target] : [])] };
  }

  private add(found: readonly ReadIngredient[]): readonly number[] {
    const { ingredients } = this.draft;
    return found.flatMap((one) => {
      if (ingredients.length >= mostIngredients) return [];
      ingredients.push(one);
      return [ingredients.length - 1];
    });
  }

  private mention(text: string): void {
    const step = this.draft.steps.length;
    for (const { said, ids, kind, isCommonWord } of materialsIn(text, this.finder, false)) {
      if (!isCommonWord || kind === 'base') this.draft.mentions.push({ said, ids, kind, step });
    }
  }

  private step(text: string): void {
    this.mention(text);
    this.draft.steps.push(text);
  }

  private sum(text: string, total: number): void {
    this.draft.totalDrops ??= total;
    this.draft.totalText ||= text;
  }

  private read(text: string, isListed: boolean) {
    const { role, taken } = this.note(text);
    const { bareUnit } = this.draft;
    return { role, ...readLine(text, this.finder, { isListed, taken, bareUnit }) };
  }

  listed(line: SourceLine): void {
    const { text } = line;
    const { role, ingredients, total } = this.read(text, true);
    const isKnown = ingredients.some(({ candidates }) => candidates.length > 0);
    if (total !== null) this.sum(text, total);
    const other = total === null ? role : 'total';
    if (other !== null && !isKnown) {
      this.role(text, other);
      return;
    }
    const at = this.add(ingredients);
    this.role(text, at.length > 0 ? 'ingredient' : 'left', at);
  }

  /** A line that stands in no list: steps, sentences, or an ingredient by itself. */
  free(line: SourceLine): void {
    const { text } = line;
    const { role, ingredients, total } = this.read(text, false);
    if (total !== null) this.sum(text, total);
    const isNote = this.draft.section === 'notes';
    const told = ingredients.some(({ amount, isFill }) => amount !== null || isFill) && !isNote;
    const isInSteps = this.draft.section === 'steps' || line.isStep;
    const isShort = text.split(/\s+/).length <= 8 && ingredients.length <= 1;
    const isDeed = saysWhatToDo(text);
    const isFillLine = isDeed && isShort && ingredients.some(({ isFill }) => isFill);
    if (isInSteps || ((isProse(text) || isDeed) && !isFillLine)) {
      if (told) this.told.push(...ingredients);
      if (isInSteps || isDeed || told) {
        this.step(text);
        this.role(text, 'step');
      } else this.role(text, role ?? 'note');
      return;
    }
    const bare =
      told || isNote || text.length >= 60 ? ingredients : this.read(text, true).ingredients;
    // Something with an amount at its beginning is an ingredient, known or not.
    const [first] = amountsIn(text);
    const isNamed = ({ amount, candidates }: ReadIngredient): boolean =>
      amount !== null && (candidates.length > 0 || (role === null && first?.from === 0));
    if (told || bare.some(isNamed)) {
      this.role(text, 'ingredient', this.add(bare));
      return;
    }
    const rest = isNote || text.split(' ').length > 6 ? 'note' : 'left';
    this.role(text, role ?? (total === null ? rest : 'total'));
  }

  /** What sentences tell of ingredients, until it is clear whether a list has them. */
  private told: ReadIngredient[] = [];

  /** True while sentences have told something that no list has. */
  get hasTold(): boolean {
    return this.told.length > 0;
  }

  /** Takes out of the sentences what the list does not have: all of it where there is no list. */
  settle(): void {
    const { ingredients } = this.draft;
    const isList = ingredients.length > 0;
    const hasBase = ingredients.some(({ kind }) => kind === 'base');
    const isSame = (one: ReadIngredient, other: ReadIngredient): boolean =>
      one.candidates.some((id) => other.candidates.includes(id));
    for (const one of this.told) {
      const isWanted = !isList || (one.kind === 'base' && (!hasBase || one.isFill));
      const isTold = one.amount !== null || one.isFill;
      const isBetter = this.told.some((other) => other.amount !== null && isSame(one, other));
      if (!isWanted || ingredients.some((other) => isSame(one, other))) continue;
      if (isTold || !isBetter) this.add([one]);
    }
    this.told = [];
    const { totalDrops, totalText } = this.draft;
    // `20 drops of essential oils` and not one of them named: which ones, nobody knows.
    if (totalDrops !== null && ingredients.length > 0 && !ingredients.some(isOil)) {
      this.add([{ ...unknownOil, text: totalText, amount: { unit: 'drops', value: totalDrops } }]);
    }
  }
}

const isOil = ({ kind, amount }: ReadIngredient): boolean =>
  kind === 'oil' || amount?.unit === 'drops';

const unknownOil: ReadIngredient = {
  text: '',
  materialId: null,
  candidates: [],
  kind: 'oil',
  amount: null,
  also: null,
  isFill: false,
  isOptional: false,
  confidence: 0,
};

const finish = (draft: Draft): ReadRecipe => ({
  title: draft.title,
  container: draft.container,
  ingredients: draft.ingredients,
  target: draft.target,
  totalDrops: draft.totalDrops,
  steps: draft.steps,
  mentions: draft.mentions,
  lines: draft.lines,
  leftOver: draft.lines.filter(({ role }) => role === 'left').map(({ text }) => text),
});

/** A list of one ingredient a line, without a heading: an item, or a short line with an amount. */
const isListLine = (line: SourceLine, section: Section | null): boolean =>
  line.isIngredient || (line.isItem && section !== 'steps' && section !== 'notes');

/**
 * Recipes out of a text as people write them: lists and prose, Markdown, HTML, JSON-LD; one or
 * several. Nothing is judged here, and what is not understood stands in `leftOver`.
 */
export const readRecipes = (source: string, catalog: Catalog): readonly ReadRecipe[] => {
  const lines = sourceLines(source);
  const finder = materialFinder(catalog);
  const reader = new Reader(finder);
  const isJson = lines.some(({ isIngredient }) => isIngredient);
  for (const [n, line] of lines.entries()) {
    const { text } = line;
    if (text === '' || reader.done.length >= mostRecipes) continue;
    const opened = isJson ? null : sectionOpened(text);
    const { draft } = reader;
    const isNamedHead = opened !== null && (opened.rest === '' || opened.section !== 'notes');
    if (opened && isNamedHead && !line.isStep && !isListedName(line, text, finder)) {
      const isAgain =
        opened.section === 'ingredients' &&
        draft.steps.length > 0 &&
        /^\W*ingredients?\b/i.test(text);
      if (isAgain) {
        reader.settle();
        reader.next('');
      }
      reader.draft.section = opened.section;
      reader.draft.bareUnit = unitOfHeading(text);
      reader.draft.lines.push({ text, role: 'heading', ingredients: [] });
      if (opened.rest !== '') {
        const rest = { ...line, text: opened.rest };
        if (opened.section === 'ingredients') reader.listed(rest);
        else reader.free(rest);
      }
      continue;
    }
    const before = lines[n - 1];
    const isApart = !before || before.text === '' || line.heading > 0;
    if (
      (line.heading > 0 || isApart) &&
      (isJson ? line.heading > 0 : mayBeTitle(line, finder) && leadsOn(lines, n, finder)) &&
      (draft.title === '' || !isEmptyDraft(draft) || reader.hasTold)
    ) {
      reader.settle();
      reader.next(text);
      continue;
    }
    if (line.heading > 0) {
      reader.draft.bareUnit = unitOfHeading(text);
      if (draft.title === '' && isEmptyDraft(draft)) reader.next(text);
      else reader.draft.lines.push({ text, role: 'heading', ingredients: [] });
      continue;
    }
    const headUnit = line.isItem || draft.section === 'ingredients' ? unitOfHeading(text) : null;
    if (headUnit && materialsIn(text, finder, false).length === 0 && amountsIn(text).length === 0) {
      reader.draft.bareUnit = headUnit;
      reader.draft.lines.push({ text, role: 'heading', ingredients: [] });
      continue;
    }
    const isStep = line.isStep && (draft.section === 'steps' || isJson || saysWhatToDo(text));
    if (isStep || (draft.section === 'ingredients' && saysWhatToDo(text) && isProse(text)))
      reader.free(line);
    else if (
      isListLine(line, draft.section) ||
      (line.isStep && draft.section !== 'steps') ||
      draft.section === 'ingredients'
    ) {
      if (
        saysWhatToDo(text) &&
        !line.isIngredient &&
        !/\bto\b.*\btop\b|^(?:fill|top)\b/i.test(text)
      )
        reader.free(line);
      else reader.listed(line);
    } else reader.free(line);
  }
  reader.settle();
  return [...reader.done, reader.draft]
    .map(finish)
    .filter(({ ingredients }) =>
      ingredients.some(({ candidates, amount }) => candidates.length > 0 || amount !== null),
    )
    .filter(({ ingredients }) => ingredients.some(({ candidates }) => candidates.length > 0));
};

/** `Base: jojoba` is a head with an ingredient; `Rose oil: 3 drops` is an ingredient alone. */
const isListedName = (line: SourceLine, text: string, finder: MaterialFinder): boolean => {
  const head = text.split(':')[0] ?? '';
  return (
    materialsIn(head, finder, false).some(({ isCommonWord }) => !isCommonWord) && line.heading === 0
  );
};
