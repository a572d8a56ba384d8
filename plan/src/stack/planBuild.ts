import type { Basis, BuildDecision, DecidedStack, Piece } from '@thimble/contract'
import { type RecipeAdvice, type RecipeOption, recommendRecipe, type Ring } from '@thimble/core/recipe'
import type { RingUnder } from '../hoop/offerHoop'
import type { PieceDesign } from '../measure/pieceDesign'
import type { Shelf } from '../shelf'
import { recipeInput, queryOf, ringOf } from './recipeInput'
import { type OwnLayersInput, laidToday } from './laidToday'
import { hasOwnLayers, settledStack, stackOf } from './stacks'
import { stashOf } from './stash'

/**
 * `advice` and `basis`: what the rules say today and what they see. `stack`: the one being worked on, which is what the
 * worker chose, else the first advised; `option`: the advice it belongs to; null where it is not among it. `advised`:
 * what a decision that was left to the rules would come to today.
 */
export type BuildPlan = {
  advice: RecipeAdvice
  basis: Basis
  stack: DecidedStack | null
  option: RecipeOption | null
  advised: DecidedStack | null
  /** The ring it is cut for: of the hoop picked, else of the one that would be taken. */
  ring: Ring | null
}

const stacksOf = (record: Shelf['record']) => record?.stacks

type BuildShelf = Pick<Shelf, 'shop' | 'hoops' | 'supplies' | 'record'>

/** @param best while no hoop was picked, the ring that would be taken; so what is advised here is what can be held there */
export function planBuild(
  piece: Pick<Piece, 'item' | 'build'> & { hoop: Pick<Piece['hoop'], 'hoopId' | 'holding' | 'kept'> },
  design: PieceDesign,
  { shop, hoops, supplies, record }: BuildShelf,
  best: RingUnder | null = null,
): BuildPlan {
  const { build, hoop: hooping } = piece
  const basis = recipeInput(piece, design, shop)
  const hoop = hoops.find((h) => h.id === hooping.hoopId)
  const holding = hooping.kept[0]?.holding ?? hooping.holding
  const advice = recommendRecipe({
    ...queryOf(basis, hoop && ringOf(hoop)),
    ...(hoop ? {} : best),
    ...(holding ? { holding } : {}),
    ...stashOf(supplies),
    record: stacksOf(record),
  })
  const ring = (hoop ? ringOf(hoop) : best?.ring) ?? null
  const stack = todaysStack(build, advice, { basis, ring, supplies })
  const option = advice.options.find((o) => o.id === stack?.recipe) ?? null
  const [first] = advice.options
  const left = option || !first || (stack && hasOwnLayers(stack))
  return { advice, basis, stack, option, advised: left ? stack : stackOf(first), ring }
}

/**
 * What the worker chose stays, above all its own layers; a recipe that was taken as it came is taken as it comes today.
 * One that is not advised any more stays too: swapping it is the worker's to decide.
 */
function todaysStack(build: Piece['build'], { options }: RecipeAdvice, ask: OwnLayersInput): DecidedStack | null {
  const chosen = build.stack ? settledStack(build.stack) : (build.kept[0]?.stack ?? null)
  if (!chosen) return options[0] ? stackOf(options[0]) : null
  if (hasOwnLayers(chosen)) return laidToday(chosen, ask)
  const same = options.find((o) => o.id === chosen.recipe)
  return same ? stackOf(same) : chosen
}

/** The stack of this moment as it is decided, with what its reasons rest on. */
export const keepBuild = ({ kept, reopened }: Piece['build'], plan: BuildPlan, at: string): BuildDecision => ({
  at,
  basis: plan.basis,
  stack: stackNow(kept.length > 0 && !reopened, plan),
})

/** A decision that stands comes to what is advised today; one being worked on to what the worker has before him. */
export const stackNow = (stands: boolean, { stack, advised }: BuildPlan): DecidedStack | null =>
  stands ? advised : stack

/** What the later stages rest on: as it was decided, or as it stands while nothing is. */
export function builtOf(
  { kept: [kept] }: Piece['build'],
  plan: BuildPlan,
): { basis: Basis; stack: DecidedStack | null } {
  return kept ?? plan
}
