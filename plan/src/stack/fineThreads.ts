import { byColourFor, type RecipeOption } from '@thimble/core/recipe'
import type { Built } from './planBuild'
import { factsFrom } from './recipeInput'
import { coreLayers } from './stacks'

/** Colours that are sewn otherwise than the rest, as they alone have letters under 6 mm: thread, needle and speed. */
export const fineThreads = ({ basis, stack }: Built): NonNullable<RecipeOption['byColour']> =>
  byColourFor(factsFrom(basis), coreLayers(stack?.layers ?? [])) ?? []
