import { measuresFile, textureFile } from './craftSchema';
import { firstAid, firstAidFile } from './firstAid';
import { handbookFile } from './handbook';
import {
  ambiguousNamesFile,
  baseFactsFile,
  botanicalFile,
  basesFile,
  namesFile,
  countedFile,
  compositionFile,
  constituentLimitsFile,
  constituentsFile,
  oilsFile,
  originsFile,
} from './schema';
import {
  chemistryCautionsFile,
  forbiddenFile,
  forbiddenPageFile,
  patchTestNamesFile,
  plantFamiliesFile,
  productCategoriesFile,
  saleFile,
} from './cautionSchema';
import { containersFile, dropsFile } from './containerSchema';
import { cautionsFile, guidelinesFile } from './guidelineSchema';
import ambiguous from './data/ambiguous-names.json';
import baseFactsJson from './data/base-facts.json';
import botanicalJson from './data/botanical.json';
import basesJson from './data/bases.json';
import measuresJson from './data/measures.json';
import namesJson from './data/names.json';
import countedJson from './data/counted.json';
import compositionJson from './data/composition.json';
import constituentLimitsJson from './data/constituent-limits.json';
import cautionsJson from './data/cautions.json';
import constituentsJson from './data/constituents.json';
import dropsJson from './data/drops.json';
import guidelinesJson from './data/guidelines.json';
import handbookJson from './data/handbook.json';
import originsJson from './data/origins.json';
import odourJson from './data/odour.json';
import oilsJson from './data/oils.json';
import textureJson from './data/texture.json';
import containersJson from './data/vessels.json';
import chemistryCautionsJson from './data/chemistry-cautions.json';
import forbiddenJson from './data/forbidden.json';
import forbiddenPageJson from './data/forbidden-page.json';
import patchTestJson from './data/patch-test-names.json';
import plantFamiliesJson from './data/plant-families.json';
import categoriesJson from './data/product-categories.json';
import saleJson from './data/sale.json';
import { constituentNames, constituentNamesFile } from './commonNames';
import { odourFile } from './odourSchema';

/** The files of the library, each with the form that it must have. */
const files = [
  ['oils', oilsFile, oilsJson],
  ['origins', originsFile, originsJson],
  ['bases', basesFile, basesJson],
  ['what describes bases', baseFactsFile, baseFactsJson],
  ['the plants of oils', botanicalFile, botanicalJson],
  ['names', namesFile, namesJson],
  ['spoons and ounces', measuresFile, measuresJson],
  ['composition', compositionFile, compositionJson],
  ['constituents', constituentsFile, constituentsJson],
  ['how constituents smell', odourFile, odourJson],
  ['caps on constituents', constituentLimitsFile, constituentLimitsJson],
  ['handbook', handbookFile, handbookJson],
  ['first aid', firstAidFile, firstAid],
  ['cautions', cautionsFile, cautionsJson],
  ['what rules count', countedFile, countedJson],
  ['cautions by chemistry', chemistryCautionsFile, chemistryCautionsJson],
  ['forbidden materials', forbiddenFile, forbiddenJson],
  ['pages of forbidden materials', forbiddenPageFile, forbiddenPageJson],
  ['patch tests', patchTestNamesFile, patchTestJson],
  ['plant families', plantFamiliesFile, plantFamiliesJson],
  ['kinds of product', productCategoriesFile, categoriesJson],
  ['what is restricted in goods', saleFile, saleJson],
  ['vessels', containersFile, containersJson],
  ['texture', textureFile, textureJson],
  ['measures', measuresFile, measuresJson],
  ['drops', dropsFile, dropsJson],
  ['guidelines', guidelinesFile, guidelinesJson],
  ['ambiguous names', ambiguousNamesFile, ambiguous],
  ['synonyms of constituents', constituentNamesFile, constituentNames],
] as const;

/**
 * What is wrong in the files of the library, each with the file and the place; none where all is
 * right. Nothing is built with a library that has a problem.
 */
export const libraryProblems = (): readonly string[] =>
  files.flatMap(([name, schema, json]) =>
    (schema.safeParse(json).error?.issues ?? []).map(
      ({ path, message }) => `${name}: ${path.join('.')}: ${message}`,
    ),
  );
