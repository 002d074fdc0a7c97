import type { OwnMaterial } from '../catalog';
import type { Recipe } from '../recipe';
import type { BlendFile } from './blendFile';
import { blendFile1Schema } from './blendFile1';
import { blendFile2Schema, blendFile3Schema, fromFile2, fromFile3 } from './blendFile2';
import type { FileProblem } from '../words';
import { firstFormProblem } from './formProblem';
import { fromFile1 } from './fromFile1';

/** Every version that ever was: they are read for ever. */
const forms = { 1: blendFile1Schema, 2: blendFile2Schema, 3: blendFile3Schema } as const;

const isVersion = (version: unknown): version is keyof typeof forms =>
  typeof version === 'number' && Object.hasOwn(forms, version);

export type ReadBlend =
  | {
      readonly ok: true;
      /** The version that was read. */
      readonly version: BlendFile['version'];
      readonly recipe: Recipe;
      /** Materials of its maker's own that it carries. */
      readonly materials: readonly OwnMaterial[];
    }
  | { readonly ok: false; readonly problem: FileProblem };

const no = (problem: FileProblem): ReadBlend => ({ ok: false, problem });

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What a file asks for, whatever its version. */
export const recipeOf = (file: BlendFile): Recipe => {
  switch (file.version) {
    case 1:
      return fromFile1(file);
    case 2:
      return fromFile2(file);
    case 3:
      return fromFile3(file);
  }
};

/** Reads a blend from parsed JSON: its form only. What is in this house is asked of the catalog. */
export const readBlend = (json: unknown): ReadBlend => {
  if (!isRecord(json) || json['format'] !== 'jubbet-blend') {
    return no({ code: 'wrong-format', path: ['format'] });
  }
  const { version } = json;
  if (!isVersion(version)) {
    return no({ code: 'wrong-version', path: ['version'], version });
  }
  const parsed = forms[version].safeParse(json);
  if (!parsed.success) {
    const form = firstFormProblem(parsed.error, json);
    return no({ code: 'wrong-field', form, path: form.path });
  }
  const file: BlendFile = parsed.data;
  return {
    ok: true,
    version: file.version,
    recipe: recipeOf(file),
    materials: file.version === 1 ? [] : (file.materials ?? []),
  };
};

/** Reads a blend from the text of a file. */
export const readBlendText = (text: string): ReadBlend => {
  let json: unknown;
  try {
    json = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return no({ code: 'not-json', path: [] });
  }
  return readBlend(json);
};
