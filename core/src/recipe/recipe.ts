import { z } from 'zod';
import { wearerSchema } from '../brief';
import { measuredContainerSchema, placeId } from '../catalog';
import { baseAmountSchema } from './amount';
import { preDilutionSchema } from './preDilution';
import { bottleInUse, materialId, onlyOnce, recipeOilSchema } from './recipeOil';

/** A base of a recipe. */
export const recipeBaseSchema = z.strictObject({
  id: materialId,
  amount: baseAmountSchema.nullable(),
  bottle: bottleInUse.optional(),
});

/** A container of the catalog by its id, or one of the maker's own by its measures. */
const containerSchema = z.union([z.strictObject({ id: materialId }), measuredContainerSchema]);

/** Containers of one kind and size, and how many. */
const containerLineSchema = z.strictObject({
  container: containerSchema,
  count: z.number().int().min(1).max(1000),
});

/** Drops to the ml, where a drop was not weighed: what droppers and pipettes give. */
const dropsPerMlSchema = z.number().min(12).max(67);
export const guidelineSchema = z.enum(['clinical', 'cautious']);

/** The strength that is asked for, in percent; with an upper end where any of a range will do. */
export const targetSchema = z
  .strictObject({
    percent: z.number().positive().max(100),
    upTo: z.number().positive().max(100).optional(),
  })
  .refine(({ percent, upTo }) => upTo === undefined || upTo > percent, {
    error: 'target-range',
    path: ['upTo'],
  });

export type Target = z.infer<typeof targetSchema>;

/** What is aimed at: the middle of a range. */
export const aimOf = ({ percent, upTo }: Target): number =>
  upTo === undefined ? percent : (percent + upTo) / 2;

/** Bounds of what is not understood of a recipe: how long each may be, and how many. */
export const longestNotUnderstood = 300;
export const mostNotUnderstood = 100;

/** The brief of a recipe, which may still have gaps. */
export const recipeBriefSchema = z.strictObject({
  wearer: z.union([z.literal('anyone'), wearerSchema]).nullable(),
  /** Who in the house that is; null for someone told of in this recipe alone. */
  personId: z.string().nullable(),
  place: placeId.nullable(),
  /** Where else it is put on. */
  alsoOn: z.array(placeId).max(12).readonly().optional(),
  /** Only in the evening. */
  nightOnly: z.boolean().optional(),
  use: z.enum(['leave-on', 'rinse-off']),
  sun: z.enum(['exposed', 'covered']),
  forSale: z.boolean(),
  asked: z.array(z.string().min(1).max(200)).max(200).readonly(),
  timesPerDay: z.number().int().min(1).max(48).nullable(),
});

/**
 * What is asked for: the one thing that is edited, worked out, scaled and made. Amounts are of
 * what is mixed at once: of one container, or of the jug from which several are filled.
 */
export const recipeSchema = z.strictObject({
  name: z.string().max(120),
  purpose: z.string().max(200),
  notes: z.string().max(10_000),
  tags: z.array(z.string().trim().min(1).max(40)).max(20),
  brief: recipeBriefSchema,
  /** The first sets what is mixed where each is filled by itself. */
  containers: z.array(containerLineSchema).min(1).max(21),
  /** What percents, and parts of bases, are of. */
  by: z.enum(['volume', 'weight']),
  guideline: guidelineSchema,
  dropsPerMl: dropsPerMlSchema,
  target: targetSchema.nullable(),
  oils: z.array(recipeOilSchema).max(60).superRefine(onlyOnce),
  /** What of the oils is mixed with carrier first; none where absent. */
  preDilutions: z.array(preDilutionSchema).max(9).superRefine(onlyOnce).optional(),
  bases: z.array(recipeBaseSchema).max(30).superRefine(onlyOnce),
  /** Mixed in one jug and poured, where each container could be filled by itself. */
  mixedInOne: z.boolean(),
  /** What stays in the jug, the pan and the pipette, in percent of what is filled. */
  lossPercent: z.number().min(0).max(50),
  /** Whipped: what that adds to the volume, in percent; null where it is not. */
  whipPercent: z.number().min(10).max(200).nullable(),
  /** What one use takes, in ml, where the maker has measured it. */
  useMl: z.number().positive().max(1000).nullable(),
  /** How many presses, sprays, drops or fingertips one use is; one where absent. */
  useCount: z.number().int().min(1).max(100).optional(),
  /** What the maker says of a step, by the id of the step. */
  stepWords: z.record(z.string().max(200), z.string().max(2000)),
  /** The version of which this one was made; null where it was begun afresh. */
  parentVersion: z.string().min(1).max(120).nullable(),
  /** What nobody has understood of the recipe it was read from: it can't be checked until then. */
  notUnderstood: z.array(z.string().trim().min(1).max(longestNotUnderstood)).max(mostNotUnderstood),
});

export type Recipe = z.infer<typeof recipeSchema>;
export type RecipeOil = Recipe['oils'][number];
export type RecipeBase = Recipe['bases'][number];
export type RecipeBrief = Recipe['brief'];
/** Containers of one kind, and how many. */
export type ContainerLine = Recipe['containers'][number];
/** A container as a recipe names it. */
export type RecipeContainer = ContainerLine['container'];
/** Whose figures for the whole blend count. */
export type Guideline = Recipe['guideline'];
/** Whether percents and parts are of the volume or of the weight. */
export type By = Recipe['by'];

/** Drops to the ml where no one has said otherwise: the pharmacopoeia's standard dropper. */
export const usualDropsPerMl = 20;

/** A new recipe: a sentence with gaps. */
export const emptyRecipe = (): Recipe => ({
  name: '',
  purpose: '',
  notes: '',
  tags: [],
  brief: {
    wearer: null,
    personId: null,
    place: null,
    use: 'leave-on',
    sun: 'exposed',
    forSale: false,
    asked: [],
    timesPerDay: null,
  },
  containers: [{ container: { id: 'roll-on-10' }, count: 1 }],
  by: 'volume',
  guideline: 'clinical',
  dropsPerMl: usualDropsPerMl,
  target: null,
  oils: [],
  bases: [],
  mixedInOne: false,
  lossPercent: 0,
  whipPercent: null,
  useMl: null,
  stepWords: {},
  parentVersion: null,
  notUnderstood: [],
});

/** The first line of containers: it is always there. */
export const firstLine = ({ containers }: Pick<Recipe, 'containers'>): ContainerLine => {
  const [first] = containers;
  if (!first) throw new Error('a recipe has at least one container');
  return first;
};

/** The same recipe for someone not known: what is known of its wearer stays in the house. */
export const forAnyone = (recipe: Recipe): Recipe => ({
  ...recipe,
  brief: { ...recipe.brief, wearer: 'anyone', personId: null, asked: [] },
});
