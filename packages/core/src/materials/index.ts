// Materials: properties, families, fillers, grades, spools and what becomes of them.
export { absorptivityOf, colourByWords, colourWords, colours, type Colour } from './colours.js';
export { helps } from './extreme.js';
export {
  adhesives,
  chemicals,
  plates,
  typical,
  type Adhesive,
  type Family,
  type Plate,
  type Resistance,
  type WindowName,
  type PlateHold,
} from './family.js';
export { gradeFamily, materialFinder } from './grade-family.js';
export { gradeKey, parseGrade } from './grade-parse.js';
export { families, familyByKey, familyKeys } from './library.js';
export { adhesiveNames, chemicalList, chemicalNames, fillerName, plateNames } from './names.js';
export { OwnFacts, OwnHold, ownFactsWords, statesFacts, withOwnFacts } from './own-facts.js';
export { propertyDefinition, propertyNames, type PropertyName, type Range, type Window } from './property.js';
export { recyclingOf, takenWords } from './recycling.js';
export { fillerTrade, neighboursOf } from './trade.js';
export { windowWords } from './window-words.js';
export {
  derivedMeasures,
  isDerived,
  measureLabel,
  measureNames,
  measureOf,
  type MeasureName,
  type MeasureRange,
} from './derived.js';
export { traitsIn } from './trait-search.js';
export { traits, traitsOf } from './traits.js';
export type { Trait } from './traits/trait.js';
