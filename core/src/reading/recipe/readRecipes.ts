import type { Catalog } from '../../catalog';
import { amountsOf } from './amounts';

import { containersIn } from './containers';
import { overlaps } from '../../quantity';
import { materialsIn } from './materials';
import { materialFinder, type MaterialFinder } from '../../catalog';
import { finish, isEmptyDraft, mostRead, type ReadRecipe } from './draft';
import { Reader } from './reader';
import { isProse, mayBeNamed, saysWhatToDo, sectionOpened, type Section } from './sections';
import { sourceLines } from './source';
import type { SourceLine } from './sourceLine';
import { unitOfHeading } from './tables';
import { targetIn } from './target';

/** `Amounts in ml`, `all drops`: what the numbers below are. */
const saysUnit = (text: string): boolean =>
  /^\W*(?:all )?(?:amounts?|quantities|measure(?:s|ments)?|figures|numbers)?(?: are)?(?: all)? ?(?:in )?(?:drops?|mls?|grams?|g|%|per ?cent|parts?)\W*$/i.test(
    text,
  );

/** True for a line that may be what a recipe is called. */
const mayBeTitle = (line: SourceLine, finder: MaterialFinder): boolean => {
  const { text } = line;
  if (line.isItem || line.isIngredient || text.length > 80 || text.length < 3) return false;
  const taken = [
    ...containersIn(text),
    ...[targetIn(text, true)].flatMap((readTarget) => readTarget ?? []),
  ];
  const namesNothing = materialsIn(text, finder, false).length === 0;
  const amounts = amountsOf(text).filter(
    (foundAmount) =>
      !foundAmount.isTotal &&
      !(foundAmount.isAside && namesNothing) &&
      !taken.some((other) => overlaps(foundAmount, other)),
  );
  if (sectionOpened(text) || amounts.length > 0) return false;
  if (/[.;,]$/.test(text) || isProse(text) || !mayBeNamed(text)) return false;
  return line.heading > 0 || materialsIn(text, finder, false).length < 3;
};

/** True where something of a recipe follows soon: a title is above what it names. */
const leadsOn = (lines: readonly SourceLine[], at: number, finder: MaterialFinder): boolean => {
  const next = lines.slice(at + 1, at + 9).filter(({ text }) => text !== '');
  return next
    .slice(0, 4)
    .some(
      (line, n) =>
        line.isIngredient ||
        sectionOpened(line.text)?.section === 'ingredients' ||
        (/\d/.test(line.text) && materialsIn(line.text, finder, true).length > 0) ||
        (n === 0 && containersIn(line.text).length > 0),
    );
};

/** A number before a name is that of a recipe, unless the next line has one too. */
const isStepBelow = (lines: readonly SourceLine[], at: number): boolean =>
  lines.slice(at + 1).find(({ text }) => text !== '')?.isStep ?? false;

/** A list of one ingredient a line, without a heading: an item, or a short line with an amount. */
const isListLine = (line: SourceLine, section: Section | null): boolean =>
  line.isIngredient || (line.isItem && section !== 'steps' && section !== 'notes');

/**
 * Recipes out of a text as people write them: lists and prose, Markdown, HTML, JSON-LD; one or
 * several. Nothing is judged here, and what is not understood is in `leftOver`.
 */
export const readRecipes = (source: string, catalog: Catalog): readonly ReadRecipe[] => {
  const finder = materialFinder(catalog);
  const lines = sourceLines(source)
    .flatMap(withInlineHeads)
    .flatMap((line, n, all) => {
      const isApart = n === 0 || all[n - 1]?.text === '';
      return isApart ? withInlineTitle(line, finder) : [line];
    });
  const reader = new Reader(finder);
  const isJson = lines.some(({ isIngredient }) => isIngredient);
  for (const [n, line] of lines.entries()) {
    const { text } = line;
    if (text === '') continue;
    if (reader.done.length >= mostRead.recipes) {
      reader.draft.limit = 'recipes';
      break;
    }
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
      const rest = { ...line, text: opened.rest };
      if (/^\W*recipe\b/i.test(text) && opened.rest !== '' && mayBeTitle(rest, finder)) {
        reader.settle();
        reader.next(opened.rest);
      } else if (opened.rest !== '' && !isTableHead(opened.rest, finder)) {
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
      (draft.title === '' || !isEmptyDraft(draft) || reader.hasTold) &&
      !(line.isStep && (draft.section === 'steps' || isStepBelow(lines, n)))
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
    const headUnit =
      line.isItem || draft.section === 'ingredients' || saysUnit(text) ? unitOfHeading(text) : null;
    if (headUnit && materialsIn(text, finder, false).length === 0 && amountsOf(text).length === 0) {
      reader.draft.bareUnit = headUnit;
      reader.draft.lines.push({ text, role: 'heading', ingredients: [] });
      continue;
    }
    const isStep =
      line.isDeed || (line.isStep && (draft.section === 'steps' || isJson || saysWhatToDo(text)));
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

/** `Amount (g) : %`: what is above the columns of a table. */
const isTableHead = (text: string, finder: MaterialFinder): boolean =>
  !/\d/.test(text) &&
  /\b(?:amount|quantity|drops?|weight|grams?|ml|parts?)\b|%/i.test(text) &&
  materialsIn(text, finder, false).length === 0;

/** `…. METHOD: Combine all` in one line with the ingredients is two lines. */
const withInlineHeads = (line: SourceLine): readonly SourceLine[] => {
  const match = /[.;)] *((?:method|directions?|instructions?|steps|to make)\s*:.*)$/i.exec(
    line.text,
  );
  return match?.[1] === undefined
    ? [line]
    : [
        { ...line, text: line.text.slice(0, match.index + 1) },
        { ...line, text: match[1] },
      ];
};

/** `Beard oil: 30 ml argan, cedar 6 drops` by itself is a title, and the whole recipe. */
const withInlineTitle = (line: SourceLine, finder: MaterialFinder): readonly SourceLine[] => {
  const [, head, rest] = /^(\p{Lu}[^:|]{3,58}): +(\S.{14,})$/u.exec(line.text) ?? [];
  if (head === undefined || rest === undefined || line.isItem || line.isStep || line.isIngredient)
    return [line];
  const named = materialsIn(rest, finder, true);
  const isWhole =
    amountsOf(rest).length > 0 &&
    named.length > 1 &&
    named.some(({ kind }) => kind === 'oil') &&
    named.some(({ kind }) => kind === 'base');
  return isWhole &&
    sectionOpened(line.text) === null &&
    materialsIn(head, finder, false).every(({ isCommonWord }) => isCommonWord)
    ? [
        { ...line, text: head },
        { ...line, text: rest },
      ]
    : [line];
};

/** `Base: jojoba` is a head with an ingredient; `Rose oil: 3 drops` is an ingredient alone. */
const isListedName = (line: SourceLine, text: string, finder: MaterialFinder): boolean => {
  const head = text.split(':')[0] ?? '';
  return (
    materialsIn(head, finder, false).some(({ isCommonWord }) => !isCommonWord) && line.heading === 0
  );
};
