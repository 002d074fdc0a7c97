import { z } from 'zod';
import { evaluate, type Evaluation } from '../dose/evaluate';
import type { Formula } from '../blend/formula';
import type { Blend } from '../dose/blend';
import { wholeDrops, type DropPlan } from '../dose/wholeDrops';
import {
  blendFileSchema,
  briefSchema,
  draftBaseEntry,
  mixing,
  wearerSchema,
  type BlendFile,
} from './blendFile';
import { readBlend, type FileProblem } from './readBlend';

const file = blendFileSchema.shape;

/** A blend as it is being written: the sentence may still have gaps. */
export const blendDraftSchema = z.strictObject({
  name: z.string().max(120),
  purpose: z.string().max(200),
  notes: z.string().max(10_000),
  brief: z.strictObject({
    wearer: z.union([z.literal('anyone'), wearerSchema]).nullable(),
    /** Who in the house that is; null for somebody told on this sheet alone. */
    personId: z.string().nullable(),
    place: briefSchema.shape.place.nullable(),
    use: briefSchema.shape.use,
    sun: briefSchema.shape.sun,
    forSale: z.boolean().default(false),
  }),
  vessel: file.vessel,
  count: z.number().int().min(1).max(1000),
  dropSchool: z.enum(['leaflet', 'pharmacy', 'middle', 'insert', 'fine']),
  school: z.enum(['clinical', 'cautious']),
  target: z.strictObject({ percent: z.number().positive().max(100) }).nullable(),
  oils: file.oils,
  bases: z.array(draftBaseEntry).max(30),
  ...mixing,
});

export type BlendDraft = z.infer<typeof blendDraftSchema>;

/** How a draft is measured, mixed and parted, as its file says it. */
const mixingOf = ({
  by,
  more,
  inOne,
  lossPercent,
  whipPercent,
  useMl,
}: Pick<BlendFile, keyof typeof mixing>): Pick<BlendFile, keyof typeof mixing> => ({
  ...(by ? { by } : {}),
  ...(more && more.length > 0 ? { more } : {}),
  ...(inOne ? { inOne } : {}),
  ...(lossPercent ? { lossPercent } : {}),
  ...(whipPercent ? { whipPercent } : {}),
  ...(useMl ? { useMl } : {}),
});

/** What a sentence still lacks before anything can be judged. */
export type Gap = 'wearer' | 'place' | 'base' | 'target';

/** A new sheet: the sentence with its gaps. */
export const emptyDraft = (): BlendDraft => ({
  name: '',
  purpose: '',
  notes: '',
  brief: {
    wearer: null,
    personId: null,
    place: null,
    use: 'leave-on',
    sun: 'exposed',
    forSale: false,
  },
  vessel: { id: 'roll-on-10' },
  count: 1,
  dropSchool: 'pharmacy',
  school: 'clinical',
  target: null,
  oils: [],
  bases: [],
});

export const gapsOf = (draft: BlendDraft): Gap[] => [
  ...(draft.brief.wearer === null ? (['wearer'] as const) : []),
  ...(draft.brief.place === null ? (['place'] as const) : []),
  ...(draft.target === null && draft.oils.some(({ parts }) => parts !== undefined)
    ? (['target'] as const)
    : []),
  ...(draft.bases.length === 0 ? (['base'] as const) : []),
];

/** The file of a draft without gaps; it may still be refused when it is read. */
export const draftToFile = (draft: BlendDraft): BlendFile | null => {
  const { wearer, place, use, sun, forSale } = draft.brief;
  if (gapsOf(draft).length > 0 || wearer === null || place === null) return null;
  return {
    format: 'jubbet-blend',
    version: 1,
    name: draft.name.trim() || 'Without a name',
    ...(draft.purpose ? { purpose: draft.purpose } : {}),
    ...(draft.notes ? { notes: draft.notes } : {}),
    brief: { wearer, place, use, sun, forSale },
    vessel: draft.vessel,
    count: draft.count,
    dropSchool: draft.dropSchool,
    school: draft.school,
    ...(draft.target ? { target: draft.target } : {}),
    oils: draft.oils,
    bases: draft.bases,
    ...mixingOf(draft),
  };
};

/** A file as a draft, to be written on. */
export const fileToDraft = (blend: BlendFile): BlendDraft => ({
  name: blend.name,
  purpose: blend.purpose ?? '',
  notes: blend.notes ?? '',
  brief: { ...blend.brief, personId: null },
  vessel: blend.vessel,
  count: blend.count,
  dropSchool: blend.dropSchool,
  school: blend.school,
  target: blend.target ?? null,
  // Written anew, it comes from the bottles of today.
  oils: blend.oils.map((entry) => {
    const { bottle: _bottle, ...rest } = entry;
    return rest;
  }),
  bases: blend.bases.map((entry) => {
    const { bottle: _bottle, ...rest } = entry;
    return rest;
  }),
  ...mixingOf(blend),
});

/** A draft worked out, or why it cannot be yet. */
export type WorkedOut =
  | { readonly state: 'gaps'; readonly gaps: readonly Gap[] }
  | { readonly state: 'problem'; readonly problem: FileProblem }
  | {
      readonly state: 'done';
      readonly file: BlendFile;
      readonly blend: Blend;
      readonly evaluation: Evaluation;
    };

/**
 * @param known the drops of its parts where a longer search has found them
 */
export const workOut = (draft: BlendDraft, known?: DropPlan): WorkedOut => {
  const written = draftToFile(draft);
  if (!written) return { state: 'gaps', gaps: gapsOf(draft) };
  const read = readBlend(written);
  if (!read.ok) return { state: 'problem', problem: read.problem };
  return {
    state: 'done',
    file: read.file,
    blend: read.blend,
    evaluation: evaluate(read.blend, known),
  };
};

/**
 * The drops of a draft's parts by a search that may take a second or so: for a
 * worker, where the quick one could not prove that it had the nearest.
 */
export const sureDrops = (draft: BlendDraft): DropPlan | null => {
  const written = draftToFile(draft);
  const read = written && readBlend(written);
  if (!read?.ok) return null;
  const { formula, brief, school } = read.blend;
  return wholeDrops(formula, brief, school, 'thorough');
};

/**
 * The same file with the drops that its parts came to, how large they were and from
 * which bottle, so that it stays as it was made.
 */
export const settled = (
  blend: BlendFile,
  evaluation: Evaluation,
  { oils, bases }: Formula,
): BlendFile => {
  const { target: _target, ...rest } = blend;
  return {
    ...rest,
    oils: blend.oils.map(({ parts, ...entry }, index) => {
      const { dropMl, bottle } = oils[index] ?? {};
      return {
        ...entry,
        ...(parts === undefined ? {} : { drops: evaluation.plan.drops[index] ?? 0 }),
        ...(dropMl ? { dropMl } : {}),
        ...(bottle ? { bottle } : {}),
      };
    }),
    bases: blend.bases.map((entry, index) => {
      const { bottle } = bases[index] ?? {};
      return { ...entry, ...(bottle ? { bottle } : {}) };
    }),
  };
};

/** The same blend for somebody not known: what is known of its wearer stays in the house. */
export const forAnyone = (blend: BlendFile): BlendFile => ({
  ...blend,
  brief: { ...blend.brief, wearer: 'anyone' },
});
