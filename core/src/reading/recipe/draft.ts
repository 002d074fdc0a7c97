import { unique } from '../../quantity';
import type { ReadUnit } from './amounts';
import type { FoundContainer } from './containers';
import type { ReadIngredient } from './readIngredient';
import type { Section } from './sections';
import type { ReadTarget } from './target';

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
  readonly text: string;
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
  /** What no one made anything of. */
  readonly leftOver: readonly string[];
  /** Amounts, and names of the library, that are no ingredient and nothing else that is known. */
  readonly unread: readonly string[];
  /** Which bound was met, so that not all of the text was read; null where all of it was. */
  readonly limit: Limit | null;
}

/** Bounds of what is read out of one text. */
export const mostRead = { ingredients: 200, recipes: 500 } as const;
export type Limit = keyof typeof mostRead;

/** A recipe while it is being read. */
export interface Draft {
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
  unread: string[];
  /** Which bound was met, so that not all of the text was read. */
  limit: Limit | null;
}

export const begin = (title: string): Draft => ({
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
  unread: [],
  limit: null,
});

/** True while nothing of a recipe was found. */
export const isEmptyDraft = ({ ingredients, steps }: Draft): boolean =>
  ingredients.length === 0 && steps.length === 0;

/** A recipe of which no more comes. */
export const finish = (draft: Draft): ReadRecipe => ({
  title: draft.title,
  container: draft.container,
  ingredients: draft.ingredients,
  target: draft.target,
  totalDrops: draft.totalDrops,
  steps: draft.steps,
  mentions: draft.mentions,
  lines: draft.lines,
  unread: unique(draft.unread),
  limit: draft.limit,
  leftOver: draft.lines.filter(({ role }) => role === 'left').map(({ text }) => text),
});
