export {
  askedAboutAllergy,
  askedAboutCondition,
  askedAboutEverything,
  askedAboutPlace,
  askedAboutStage,
  isAskedAboutPlace,
} from './askedIds';
export { type Answer, withAnswer } from './answer';
export { type Brief, eachPlace, placesOf } from './brief';
export { type Person, personSchema, pregnancyWeek, type Reaction, wearerOn } from './person';
export { ageInWords } from './ageInWords';
export {
  type Skin,
  type Trimester,
  type Wearer,
  type WearerOrAnyone,
  wearerSchema,
} from './wearer';
