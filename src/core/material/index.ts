export {
  allIngredients,
  type Catalogue,
  catalogueWith,
  findIngredient,
  ingredientOf,
  likeIngredient,
  likeOf,
  likeWood,
  SHIPPED,
} from './catalogue';
export { identify, nameToIngredient, nearNames, REFUSAL_KINDS } from './identify';
export type { IngredientId, SpeciesId } from './ids';
export { answersTo, givesVapour, INGREDIENTS, isLiquid, isOilSolvent } from './ingredients';
export { asksPaper, DOUBTS, type Doubt, doubtOf, saysAnything, THUMBNAIL_C, worthKeeping } from './judging';
export {
  anyFilm,
  CONTACTS,
  type Contact,
  DRIES,
  FAMILIES,
  type Family,
  FOOD_VERDICTS,
  type FoodVerdict,
  ORIGINS,
  type Origin,
  PIECE_USES,
  type PieceUse,
  POROSITIES,
  type Porosity,
  worstOf,
} from './kinds';
export { type Life, lifeOf } from './life';
export { LEAST_DRAWS, type RunsOut, runningOut, tooEarlyToSay, type UsedUp } from './order';
export {
  ALLERGENS,
  ALLERGENS_NOT_DECLARED,
  factsLike,
  isOwnMaterial,
  OwnMaterialFacts,
  ownMaterial,
  ownMaterialId,
  setsBelowC,
  type Unsaid,
} from './own';
export { ROLES, type Role } from './roles';
export { goodUntil, keepingOf, USE_WINDOW_DAYS } from './run-out';
export { type Ingredient, OwnWoodFacts, type Species } from './schema';
export { findSpecies, ownSpecies, ownWoodId, SPECIES } from './species';
