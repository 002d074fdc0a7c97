import { amountsOf, writtenAmount } from './amounts';
import { containersIn } from './containers';
import { begin, isEmptyDraft, mostRead, type Draft, type LineRole } from './draft';
import { readLine } from './ingredients';
import type { ReadIngredient } from './readIngredient';
import { plainLetters, type Span } from '../../quantity';
import { materialsIn } from './materials';
import { isLeftOut } from './pairing';
import type { MaterialFinder } from '../../catalog';
import { settledWith, type Told } from './sentences';
import { isProse, saysWhatToDo, sectionOpened } from './sections';
import type { SourceLine } from './sourceLine';
import { unitOfHeading } from './tables';
import { targetIn } from './target';

const mostIngredients = mostRead.ingredients;

/** Takes a source line by line, and keeps the recipe that it is in. */
export class Reader {
  readonly done: Draft[] = [];
  draft = begin('');

  constructor(private readonly finder: MaterialFinder) {}

  private role(text: string, role: LineRole, ingredients: readonly number[] = []): void {
    this.draft.lines.push({ text, role, ingredients });
  }

  /** Begins a recipe under its name; a strength that is beside the name is none of it. */
  next(line: string): void {
    const target = targetIn(line, true);
    const title = target
      ? `${line.slice(0, target.from)}${line.slice(target.to)}`
          .replace(/[\s,;:(–-]*\)?\s*$/, '')
          .trim()
      : line;
    if (!isEmptyDraft(this.draft)) {
      this.done.push(this.draft);
      this.draft = begin(title);
    } else if (this.draft.title === '') this.draft.title = title;
    this.draft.section = null;
    const [, bracketed = ''] = /\(([^)]*)\)/.exec(line) ?? [];
    this.draft.bareUnit = unitOfHeading(bracketed);
    const total = amountsOf(line).find(({ isTotal, amount }) => isTotal && amount.unit === 'drops');
    if (total) this.sum(line, total.amount.value);
    this.role(line, 'title');
    this.note(line);
  }

  /** What a line says of container and strength, wherever it is. */
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
    return found.flatMap((readIngredient) => {
      if (ingredients.length >= mostIngredients) {
        this.draft.limit = 'ingredients';
        this.draft.unread.push(readIngredient.text);
        return [];
      }
      ingredients.push(readIngredient);
      return [ingredients.length - 1];
    });
  }

  private mention(text: string): void {
    const step = this.draft.steps.length;
    for (const { text: said, ids, kind, isCommonWord, from } of materialsIn(
      text,
      this.finder,
      false,
    )) {
      // Water that something is dissolved in is no ingredient; a rose measured in drops is the oil.
      const isMeasured = /\b(?:drops?|gtts?|oil|ml) (?:of )?$/i.test(text.slice(0, from));
      const isUsed = !isCommonWord || isMeasured || (kind === 'base' && !/water/i.test(said));
      if (isUsed && !isLeftOut(plainLetters(text), { from }))
        this.draft.mentions.push({ text: said, ids, kind, step });
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

  /** True where no more ingredients are taken: what is left over is told, and not looked at. */
  private isFull(text: string): boolean {
    const { draft } = this;
    if (draft.ingredients.length < mostIngredients) return false;
    draft.limit = 'ingredients';
    if (/\d/.test(text)) draft.unread.push(text);
    this.role(text, 'left');
    return true;
  }

  listed(line: SourceLine): void {
    const { text } = line;
    if (this.isFull(text)) return;
    const { role, ingredients, total, unread } = this.read(text, true);
    const isKnown = ingredients.some(({ candidates }) => candidates.length > 0);
    if (total !== null) this.sum(text, total);
    const other = total === null ? role : 'total';
    if (other !== null && !isKnown) {
      this.role(text, other);
      return;
    }
    this.draft.unread.push(...unread);
    const at = this.add(ingredients);
    this.role(text, at.length > 0 ? 'ingredient' : 'left', at);
  }

  /** A line that is in no list: steps, sentences, or an ingredient by itself. */
  free(line: SourceLine): void {
    const { text } = line;
    if (this.isFull(text)) return;
    const { role, ingredients, total, unread } = this.read(text, false);
    if (total !== null) this.sum(text, total);
    // `Makes: 100 ml` in the middle of a list is a remark, too.
    const isNote = this.draft.section === 'notes' || sectionOpened(text)?.section === 'notes';
    const isMeasured = ingredients.some(
      ({ amount, isFill, amountReadings }) =>
        amount !== null || isFill || amountReadings.length > 0,
    );
    const isIngredientLine = isMeasured && !isNote;
    const isInSteps = this.draft.section === 'steps' || line.isStep;
    const isShort = text.split(/\s+/).length <= 8 && ingredients.length <= 1;
    const isDeed = saysWhatToDo(text);
    const isFillLine = isDeed && isShort && ingredients.some(({ isFill }) => isFill);
    if (isInSteps || ((isProse(text) || isDeed) && !isFillLine)) {
      this.draft.unread.push(...unread);
      if (isMeasured) this.inSentences.push(...ingredients.map((one) => ({ ...one, isNote })));
      if (isInSteps || isDeed || isIngredientLine) {
        this.step(text);
        this.role(text, 'step');
      } else this.role(text, role ?? 'note');
      return;
    }
    const isWhole = isIngredientLine || isNote || text.length >= 60;
    const { ingredients: bare, unread: left } = isWhole
      ? { ingredients, unread }
      : this.read(text, true);
    // Something with an amount before it or behind it is an ingredient, known or not.
    const amounts = amountsOf(text).filter(({ amount }) => amount.unit !== 'percent');
    const isAtEdge = amounts.some(({ from, to }) => from === 0 || to === text.length);
    const isNamed = ({ amount, candidates }: ReadIngredient): boolean =>
      amount !== null && (candidates.length > 0 || (role === null && isAtEdge));
    this.draft.unread.push(...left);
    if (isNote && isMeasured) {
      this.inSentences.push(...ingredients.map((one) => ({ ...one, isNote })));
    } else if (isIngredientLine || bare.some(isNamed) || this.isCarrierAlone(text, bare)) {
      this.role(text, 'ingredient', this.add(bare));
      return;
    }
    const rest = isNote || text.split(' ').length > 6 ? 'note' : 'left';
    this.role(text, role ?? (total === null ? rest : 'total'));
  }

  /** `jojoba` by itself on a line below the drops: how much of it no one says. */
  private isCarrierAlone(text: string, read: readonly ReadIngredient[]): boolean {
    const { ingredients, section } = this.draft;
    const [one, ...more] = read;
    const [named] = materialsIn(text, this.finder, false);
    if (!one || more.length > 0 || one.kind !== 'base' || one.isMisspelt) return false;
    // `Carrier of choice to top`.
    if (one.candidates.length === 0) {
      const isMeant = /\bchoice\b|\b(?:fill|top)\b/i.test(text);
      return isMeant && section !== 'notes' && ingredients.length > 0;
    }
    if (!named) return false;
    const besides = text.slice(0, named.from) + text.slice(named.to);
    return (
      section !== 'notes' &&
      ingredients.length > 0 &&
      /^(?:\W|\boil\b|\bcarrier\b|\bbutter\b)*$/i.test(besides) &&
      !ingredients.some((other) => other.candidates.some((id) => one.candidates.includes(id)))
    );
  }

  /** What sentences say of ingredients, until it is clear whether a list has them. */
  private inSentences: Told[] = [];

  /** True while sentences have named something that no list has. */
  get hasTold(): boolean {
    return this.inSentences.length > 0;
  }

  /** Takes out of the sentences what the list does not have: all of it where there is no list. */
  settle(): void {
    const { ingredients, unread } = settledWith(this.draft.ingredients, this.inSentences);
    this.draft.ingredients = ingredients.slice(0, mostIngredients);
    if (ingredients.length > mostIngredients) this.draft.limit = 'ingredients';
    this.draft.unread.push(
      ...unread,
      ...ingredients.slice(mostIngredients).map(({ text }) => text),
    );
    this.inSentences = [];
    const { totalDrops, totalText } = this.draft;
    // `20 drops of essential oils` and not one of them named: which ones, no one knows.
    if (totalDrops !== null && ingredients.length > 0 && !ingredients.some(isOil)) {
      this.add([{ ...unknownOil, text: totalText, amount: writtenAmount('drops', totalDrops) }]);
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
  secondAmount: null,
  isFill: false,
  isOptional: false,
  isAlternative: false,
  isMisspelt: false,
  isUnitGuessed: false,
  confidence: 0,
  amountReadings: [],
  role: 'in',
};
