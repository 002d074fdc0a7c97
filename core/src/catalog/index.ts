export { baseFacts, type BaseFacts } from './baseFacts';
export { botanicalOf } from './botanical';
export { catalogCarrying, materialsUsed } from './carried';
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
export { chemistryOf, goesWith } from './chemistry';
export { type Container, fillMl, usualContainer } from './container';
export { containerFacts, usualContainerKinds } from './containerKinds';
export type { PlaceId, StageId } from './guidelineSchema';
export { flashPointOf, handbook } from './handbook';
export { houseMaterials } from './houseMaterials';
export { isMelted } from './isMelted';
export { type Form, forms, looseDensity, looseUnits, measures, usualForm } from './measures';
export {
  aliasesOf,
  ambiguousNames,
  basesNamed,
  oilsNamed,
  plainName,
  searchBases,
  searchOils,
  tellApart,
} from './names';
export { oilInBottle } from './oilInBottle';
export { type OwnMaterial, ownMaterialSchema } from './own';
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
  Oil,
  UsualContainer,
} from './schema';
export { keepsFrom } from './shelfLife';
export {
  cautions,
  constituentLimits,
  dropFigures,
  dropsPerMlOf,
  figureSources,
  findContainer,
  guidelines,
  milderKinOf,
  provenance,
  shippedOils,
  sourceTitles,
  usualContainers,
} from './shipped';
export { textureFigures } from './texture';
export { contentSchema, placeId } from './vocabulary';
