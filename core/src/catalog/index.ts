export { baseFacts, type BaseFacts } from './baseFacts';
export { botanicalOf } from './botanical';
export { looksOf, type Looks, scentFamilies, type ScentFamily } from './looks';
export { catalogCarrying, catalogWithMixed, materialsUsed } from './carried';
export {
  type Analysis,
  type BottleInUse,
  type Catalog,
  catalogOf,
  nameIn,
  type OpenBottle,
  shippedCatalog,
  withOpenBottles,
} from './catalog';
export type {
  ChemistryCaution,
  ForbiddenMaterial,
  PatchTestName,
  ProductCategory,
} from './cautionSchema';
export { type Odour, odours } from './odour';
export { smellFamilies, type SmellFamily } from './smellFamilies';
export { chemistryOf, findConstituent, goesWith } from './chemistry';
export {
  chemistryCautions,
  euRestrictions,
  patchTestNames,
  productCategories,
} from './chemistryRules';
export { type Container, fillMl, usualContainer } from './container';
export type { UsualContainer } from './containerSchema';
export {
  containerFacts,
  type ContainerKind,
  containerKinds,
  isRunning,
  type OpenKind,
  type RunningKind,
} from './containerKinds';
export { placeFacts, type PlaceId } from './places';
export type { StageId } from './vocabulary';
export { forbiddenMaterials, forbiddenNamed } from './forbidden';
export { forbiddenPage } from './forbiddenPage';
export { materialFinder, type MaterialFinder, type Named, nothingNamed } from './materialFinder';
export { once } from './once';
export { searchBases, searchOils } from './search';
export { flashPointOf, handbook } from './handbook';
export { houseMaterials } from './houseMaterials';
export {
  casOf,
  isNamedOnBottle,
  type PackName,
  packNameOfBase,
  packNameOfOil,
  type Region,
  regions,
} from './packNames';
export {
  allergenSource,
  allergensFor,
  longListFrom,
  namedAbove,
  type SaleAllergen,
} from './saleAllergens';
export { isMelted } from './isMelted';
export { type Form, forms, looseDensity, looseUnits, measures, usualForm } from './measures';
export {
  aliasesOf,
  allNames,
  ambiguousNames,
  basesNamed,
  oilsNamed,
  tellApart,
  usualOf,
} from './names';
export { knownByName, oilInBottle } from './oilInBottle';
export { familyName } from './plants';
export { plainName } from './plainName';
export {
  carriedMaterialSchema,
  type FigureCheck,
  figureCheckSchema,
  type OwnMaterial,
  ownMaterialSchema,
} from './own';
export {
  largestContainerMl,
  measuredContainerSchema,
  type OwnContainer,
  ownContainerSchema,
} from './ownContainer';
export type {
  Base,
  Carrier,
  Confidence,
  ConstituentLimit,
  Content,
  FigureId,
  LimitStatus,
  MadeOf,
  Oil,
} from './schema';
export { keepsFrom } from './shelfLife';
export { cautions, constituentLimits, milderKinOf } from './caps';
export { firstAid } from './firstAid';
export { figureSources, provenance, sourceTitles } from './sources';
export {
  dropFigures,
  dropsPerMlOf,
  findContainer,
  guidelines,
  shippedOils,
  usualContainers,
} from './shipped';
export { textureFigures } from './texture';
export { containerKind, contentSchema, placeId } from './vocabulary';
export { usualCarriers } from './usualCarriers';
export { constituentNamed, membersOfSum } from './constituentIndex';
export {
  type AllergyFamilyId,
  allergyFamilyIds,
  allergyFamilyOf,
  isAllergyFamily,
} from './allergyFamilies';
export {
  type ConditionId,
  conditionIds,
  conditionOf,
  damagedSkin,
  isCondition,
  mayBePregnantMonths,
} from './conditions';
export {
  agrees,
  checkSource,
  libraryFigure,
  type LibraryFigure,
  libraryFigures,
} from './libraryFigures';
export { libraryProblems } from './libraryProblems';
export { checkVocabulary } from './knownWords';
export { namesOfCondition } from './conditionNames';
export {
  allergenIn,
  readAllergies,
  readAllergy,
  readCondition,
  readConditions,
  type ReadHealth,
} from './healthIndex';
