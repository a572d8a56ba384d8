import type { Basis, BuildDecision, DecidedStack, Hoop, Piece, Supply } from '@thimble/contract'
import { type RecipeAdvice, type RecipeOption, recommendRecipe, type Ring } from '@thimble/core/recipe'
import type { RingUnder } from '../hoop/offerHoop'
import type { HoopPlan } from '../hoop/planHoop'
import type { PieceDesign } from '../measure/pieceDesign'
import type { Shelf } from '../shelf'
import { type MadeOf, recipeInput, queryOf, ringOf } from './recipeInput'
import { asHeld, heldIn, heldStack } from './asHeld'
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
  /** Needle and bobbin that go with the layers of `stack`, whatever the worker takes. */
  through: Pick<DecidedStack, 'needle' | 'bobbin'> | null
  /** The ring it is cut for: of the hoop picked, else of the one that would be taken. */
  ring: Ring | null
}

const stacksOf = (record: Shelf['record']) => record?.stacks

type BuildShelf = Pick<Shelf, 'shop' | 'hoops' | 'supplies' | 'record'>

/** @param best the ring that would be taken, as it would lie on the cloth; so what is advised here is what can be held there */
export function planBuild(
  piece: MadeOf & Pick<Piece, 'build'> & { hoop: Pick<Piece['hoop'], 'hoopId' | 'holding' | 'kept'> },
  design: PieceDesign,
  { shop, hoops, supplies, record }: BuildShelf,
  best: RingUnder | null = null,
): BuildPlan {
  const { build } = piece
  const basis = recipeInput(piece, design, shop)
  const { hoop, ring, holding } = heldAt(piece, hoops, best)
  const advice = recommendRecipe({
    ...queryOf(basis, hoop && ringOf(hoop)),
    ...best,
    ...(holding ? { holding } : {}),
    ...stashOf(supplies),
    record: stacksOf(record),
  })
  const ask = { basis, ring, supplies }
  const chosen = todaysStack(build, advice, ask)
  const held = chosen && holding ? heldStack(chosen, holding, ask) : chosen
  const stack = held && withOwn(held, build)
  const option = advice.options.find((o) => o.id === stack?.recipe) ?? null
  const [first] = advice.options
  const left = option || !first || (stack && hasOwnLayers(stack))
  return { advice, basis, stack, option, advised: left ? stack : withOwn(stackOf(first), build), through: held, ring }
}

/** The hoop that was picked, the ring it is cut for, and how the piece is held in it as the worker chose. */
function heldAt(
  { hoop: { hoopId, holding, kept } }: Pick<Parameters<typeof planBuild>[0], 'hoop'>,
  hoops: readonly Hoop[],
  best: RingUnder | null,
) {
  const hoop = hoops.find(({ id }) => id === hoopId)
  const ring = (hoop ? ringOf(hoop) : best?.ring) ?? null
  return { hoop, ring, holding: heldIn(ring, holding ?? kept[0]?.holding ?? null) }
}

/** With the needle and the bobbin that the worker takes for it. */
const withOwn = (stack: DecidedStack, { own: { needle, bobbin } }: Piece['build']): DecidedStack => ({
  ...stack,
  ...(needle ? { needle } : {}),
  ...(bobbin ? { bobbin } : {}),
})

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

/** `magnets`: the hoop it is held in closes by them; not known before a hoop is. */
export type Built = { basis: Basis; stack: DecidedStack | null; magnets?: boolean }

/** What the later stages rest on: as it was decided, or as it stands while nothing is. */
export function builtOf({ kept: [kept] }: Piece['build'], plan: BuildPlan): Built {
  return kept ?? plan
}

type Held = {
  piece: { hoop: Pick<Piece['hoop'], 'kept' | 'reopened'> }
  hoop: Pick<HoopPlan, 'method' | 'hoop'>
  supplies: readonly Supply[]
}

/** What was built, held as the piece is: as it was decided at Hoop, else as it stands there. */
export function builtAsHeld(
  built: ReturnType<typeof builtOf>,
  { piece: { hoop: stage }, hoop: { method, hoop }, supplies }: Held,
): ReturnType<typeof builtOf> {
  const decided = stage.reopened ? undefined : stage.kept[0]
  const ring = hoop && ringOf(hoop)
  const held = asHeld({ basis: built.basis, stack: built.stack }, decided?.holding ?? method, { ring, supplies })
  return { ...held, magnets: decided?.hoop?.clamp ?? ring?.clamp ?? false }
}
