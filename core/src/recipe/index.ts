export { adhesiveFor, type AdhesiveKind, adhesiveKinds } from './adhesives'
export {
  type Bruise,
  bruises,
  clothFamilies,
  type ClothFamily,
  type ClothTrait,
  clothTraits,
  familyFacts,
  type Heat,
  heats,
  type SeeThrough,
  seeThroughs,
} from './clothFacts'
export { type Facts, factsOf } from './facts'
export { fullCloth } from './fullCloth'
export { type ClothTest, feltSurfaces, ironTried, lightSeen } from './clothTest'
export { type HandBuilt, layByHand } from './layByHand'
export { cutPiece } from './layers'
export { layerMm, stackMm } from './layerThickness'
export { byColourFor } from './needleAndThread'
export { ownRecordReason, stackSign } from './ownRecord'
export { reasonHolds, reasonOf } from './reasons'
export type { Because, RecipeAdvice, RecipeOption, Refusal } from './recipeOption'
export {
  type HoldingMethod,
  holdingMethods,
  launderings,
  type LoadClass,
  loadClasses,
  type RecipeQuery,
  type Ring,
  type StashLine,
  threadFibres,
  threadWeights,
  type WorkKind,
  workKinds,
} from './recipeQuery'
export { recommendRecipe } from './recommendRecipe'
export {
  type Bobbin,
  bobbinColours,
  bobbinWeights,
  grips,
  type HeldStack,
  type Layer,
  type LayerKind,
  layerKinds,
  type LayerRole,
  layerRoles,
  type Needle,
  needlePoints,
  needleSizes,
  type SupplyKind,
  supplyKinds,
} from './stack'
export { listLine, type StackLists, stackLists, stepSeconds } from './stackLists'
export { type Short, shortOf } from './stash'
export { stackMisfits } from './stackMisfits'
export { type NamedCloth, namedCloths } from './namedCloths'
