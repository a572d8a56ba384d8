import type { HoldingMethod } from '../recipe/recipeQuery'

/** Minutes it usually takes to hold one piece, until a shop knows its own. */
const minutes: Readonly<Record<HoldingMethod, number>> = {
  hooped: 4,
  floated: 5,
  clamped: 2,
  'backing-under': 4,
  'backing-alone': 2,
}

export const usualHoopingMinutes = (holding: HoldingMethod): number => minutes[holding]
