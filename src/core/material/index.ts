export { answersTo, findIngredient, INGREDIENTS, ingredientOf, isLiquid } from './ingredients';
export {
  CONTACTS,
  type Contact,
  FAMILIES,
  type Family,
  type Ingredient,
  POROSITIES,
  type Porosity,
  type Species,
  worstOf,
} from './schema';
export { findSpecies, SPECIES, speciesOf } from './species';
export { lookUpName, type NameFound, severalMeanings } from './names';
export { daysLeft, LEAST_USE_DAYS, USE_WINDOW_DAYS } from './run-out';
