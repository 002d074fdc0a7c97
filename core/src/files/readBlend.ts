import { fillMl } from '../brief/vessel';
import { materialName } from '../library/materialName';
import { formatMl, formatNumber, formatPercent } from '../quantity/format';
import { isPast } from '../quantity/compare';
import { blendFileSchema, type BlendFile } from './blendFile';
import { firstProblem } from './problem';
import type { Blend } from '../dose/blend';
import { resolveBlend, roomFor, type Resolved } from './resolve';

/** Why a file could not be read: the field, and what is wrong with it. */
export interface FileProblem {
  readonly code: 'not-json' | 'wrong-format' | 'wrong-version' | 'wrong-field' | 'too-full';
  readonly field: string;
  /** One sentence for people that names the field. */
  readonly message: string;
}

export type ReadBlend =
  | { readonly ok: true; readonly file: BlendFile; readonly blend: Blend }
  | { readonly ok: false; readonly problem: FileProblem };

const problem = (code: FileProblem['code'], field: string, message: string): ReadBlend => ({
  ok: false,
  problem: { code, field, message },
});

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const kinds = { oil: 'an oil', base: 'a base', vessel: 'a vessel' } as const;

/** Why a blend cannot be worked out, in a sentence with what to do. */
const told = (why: Extract<Resolved, { ok: false }>['problem']): ReadBlend => {
  switch (why.code) {
    case 'not-here':
      return problem(
        'wrong-field',
        why.field,
        `${why.field}: is not ${kinds[why.what]} of this house: “${why.id}”. Add it, or choose another.`,
      );
    case 'taken-out':
      return problem(
        'wrong-field',
        why.field,
        `${why.field}: “${materialName(why.id)}” was taken out of your materials. Put it back there, or choose another.`,
      );
    case 'too-large':
      return problem(
        'too-full',
        'bases',
        `bases: all of it would come to ${formatNumber(why.value / 1000, 3)} litres, and at most ${formatNumber(why.limit / 1000, 4)} are worked out. Ask for a lower strength, or take less.`,
      );
    case 'too-many-drops':
      return problem(
        'too-full',
        'oils',
        `oils: this asks for ${formatNumber(why.value, 6)} drops, and at most ${formatNumber(why.limit, 6)} are counted. Measure the oils in ml or g, or make less.`,
      );
    case 'over-all':
      return problem(
        'wrong-field',
        'bases',
        `bases: percents come to ${formatPercent(why.value, 3)} with the oils; leave something for the rest.`,
      );
    case 'no-room':
      return problem(
        'too-full',
        'bases',
        `bases: what is fixed comes to ${formatMl(why.value, 3)}, and there is room for ${formatMl(why.limit, 3)}. Take less of one, or more or larger vessels.`,
      );
  }
};

/** Reads a blend from parsed JSON. */
export const readBlend = (json: unknown): ReadBlend => {
  if (!isRecord(json) || json['format'] !== 'jubbet-blend') {
    return problem(
      'wrong-format',
      'format',
      'format: this is not a blend file; it should say "format": "jubbet-blend".',
    );
  }
  if (json['version'] !== 1) {
    return problem(
      'wrong-version',
      'version',
      json['version'] === undefined
        ? 'version: is missing; this Jubbet reads version 1.'
        : `version: ${JSON.stringify(json['version'])} cannot be read; this Jubbet reads version 1.`,
    );
  }
  const parsed = blendFileSchema.safeParse(json);
  if (!parsed.success) {
    const { field, message } = firstProblem(parsed.error, json);
    return problem('wrong-field', field, `${field}: ${message}.`);
  }
  const resolved = resolveBlend(parsed.data);
  if (!resolved.ok) return told(resolved.problem);
  const { blend } = resolved;
  const { oilMl, fillMl: whole } = roomFor(blend.formula);
  if (isPast(oilMl, whole)) {
    return problem(
      'too-full',
      'oils',
      `oils: ${formatMl(oilMl, 3)} of oil does not fit; the vessel takes ${formatMl(whole, 3)} to its fill line.`,
    );
  }
  const line = fillMl(blend.fillings[0]?.vessel ?? blend.formula.vessel);
  if (!blend.inOne && isPast(whole, line)) {
    return problem(
      'too-full',
      'bases',
      `bases: all of it comes to ${formatMl(whole, 3)}; the vessel takes ${formatMl(line, 3)} to its fill line. Take less, or a larger vessel, or several.`,
    );
  }
  return { ok: true, file: parsed.data, blend };
};

/** Reads a blend from the text of a file. */
export const readBlendText = (text: string): ReadBlend => {
  try {
    return readBlend(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch {
    return problem('not-json', 'file', 'file: this is not JSON, or it is cut off.');
  }
};

/** A blend as the text of a file, to be read by people too. */
export const writeBlend = (file: BlendFile): string => `${JSON.stringify(file, null, 2)}\n`;
