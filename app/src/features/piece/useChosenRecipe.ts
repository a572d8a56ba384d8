import type { RecipeOption } from '@thimble/core/recipe/recipeOption'
import { type PieceTools, useBuildPlan } from './usePiece'

/** The recipe the piece was built by, or the best one while none is chosen; null for cloth without recipes. */
export function useChosenRecipe(tools: PieceTools): RecipeOption | null {
  const { options } = useBuildPlan(tools)
  return options.find((o) => o.id === tools.piece.stack?.recipe) ?? options[0] ?? null
}
