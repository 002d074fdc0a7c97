import { z } from 'zod';
import { figureCheckSchema, libraryFigure, type FigureCheck } from '../catalog';
import type { FileProblem } from '../words';
import { firstFormProblem } from './formProblem';

/** More than all figures of the library, each looked up by a class of students. */
const mostChecks = 20_000;
/** Files are read up to here, in letters. */
export const longestChecksFile = 10_000_000;

/** Checks of figures, for a school or an association to hand on. */
const checksFileSchema = z
  .strictObject({
    format: z.literal('jubbet-checks'),
    version: z.literal(1),
    checks: z.array(figureCheckSchema.omit({ kind: true, id: true })).max(mostChecks),
  })
  .describe('Figures of the library that somebody has looked up.');

/** A figure is checked by one person once: the later takes the place of the one before. */
export const checkId = ({ figureId, by }: Pick<FigureCheck, 'figureId' | 'by'>): string =>
  `check-${figureId}-${by.trim().toLowerCase()}`.slice(0, 300);

export type ReadChecks =
  | {
      readonly ok: true;
      readonly checks: readonly FigureCheck[];
      /** Figures that this library does not have, each once. */
      readonly unknown: readonly string[];
    }
  | { readonly ok: false; readonly problem: FileProblem };

/** Reads checks from the text of a file; those of figures that are not here are named. */
export const readChecks = (text: string): ReadChecks => {
  const no = (problem: FileProblem): ReadChecks => ({ ok: false, problem });
  let json: unknown;
  try {
    json = JSON.parse(text.slice(0, longestChecksFile).replace(/^\uFEFF/, ''));
  } catch {
    return no({ code: 'not-json', path: [] });
  }
  const parsed = checksFileSchema.safeParse(json);
  if (!parsed.success) {
    const form = firstFormProblem(parsed.error, json);
    return no({ code: 'wrong-field', form, path: form.path });
  }
  const { checks } = parsed.data;
  return {
    ok: true,
    checks: checks
      .filter(({ figureId }) => libraryFigure(figureId))
      .map((check) => ({ kind: 'check', id: checkId(check), ...check })),
    unknown: [
      ...new Set(checks.map(({ figureId }) => figureId).filter((id) => !libraryFigure(id))),
    ],
  };
};

/** The text of a file with these checks. */
export const writeChecks = (checks: readonly FigureCheck[]): string =>
  `${JSON.stringify(
    {
      format: 'jubbet-checks',
      version: 1,
      checks: checks.map(({ kind: _, id: __, ...check }) => check),
    },
    null,
    2,
  )}\n`;
