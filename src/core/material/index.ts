export { answersTo, findIngredient, givesVapour, INGREDIENTS, ingredientOf, isLiquid, isOilSolvent } from './ingredients';
export type { IngredientId, SpeciesId } from './ids';
export {
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
export { type Ingredient, OwnWoodFacts, type Species } from './schema';
export { findSpecies, isOwnWood, likeWood, ownSpecies, ownWoodId, SPECIES, speciesOf } from './species';
export {
  ALLERGENS_NOT_DECLARED,
  allIngredients,
  factsLike,
  isOwnMaterial,
  knowOwn,
  likeIngredient,
  OwnMaterialFacts,
  ownMaterial,
  ownMaterialId,
  ownNow,
  ownTurn,
  UNSAID,
  type Unsaid,
} from './own';
export {
  type Identified,
  identify,
  nameToIngredient,
  nearNames,
  plainName,
  REFUSAL_KINDS,
  REFUSALS,
  type Refusal,
} from './identify';
export { daysLeft, type Keeping, keepingOf, type RunsOut, runningOut, USE_WINDOW_DAYS } from './run-out';
export { type Role, ROLES } from './roles';
