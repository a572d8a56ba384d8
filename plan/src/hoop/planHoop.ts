import type { Added, DecidedStack, Hoop } from '@thimble/contract'
import { chooseHolding, type HoldingAdvice, placeInHoop } from '@thimble/core/hooping'
import { type HoldingMethod, type StackMisfit, stackMisfits } from '@thimble/core/recipe'
import { queryOf, recipeInput, ringOf } from '../stack/recipeInput'
import { coreLayers } from '../stack/stacks'
import { addedAtMachine } from './addedAtMachine'
import { type BenchMachine, benchMachine } from './benchMachine'
import { waysToLineUp } from './lineUp'
import { type HoopJob, type HoopOffer, offerHoop, type PlanHoopInput } from './offerHoop'
import { rankOffers } from './rankOffers'

/**
 * `ranked`: the hoops of the shelf as they suit today; `chosen`, `hoop`: the one picked, else the best that takes it.
 * `method`: how it is held, as picked, else as its stack was made for, else as advised. `misfits`: what of the stack does
 * not suit that.
 */
export type HoopPlan = {
  ranked: HoopOffer[]
  chosen: HoopOffer | null
  hoop: Hoop | null
  machine: BenchMachine
  advice: HoldingAdvice
  method: HoldingMethod | 'none'
  misfits: StackMisfit[]
  /** What is added to every move, in the hoop's frame; `roomy`: whether the design then still lies in the field. */
  added: (Added & { roomy: boolean }) | null
}

/** Hoops for the piece, each as it is best held and loaded, and how to hold it in the one chosen. */
export function planHoop(ask: PlanHoopInput): HoopPlan {
  const { piece, marked, stack, shop, hoops, machines } = ask
  const { hoopId, holding } = piece.hoop
  const basis = recipeInput(piece, marked.design, shop)
  const machine = benchMachine(piece, machines)
  const job: HoopJob = { ...ask, basis, machine, style: { unit: shop.unit, fraction: shop.fraction } }
  const ranked = rankOffers(hoops.map((hoop) => offerHoop(hoop, job)))
  const found = ranked.find((c) => (hoopId ? c.hoop === hoopId : c.fits)) ?? null
  const hoop = hoops.find((h) => h.id === found?.hoop) ?? null
  const chosen = found && hoop && linedUp(found, hoop, job)
  const advice = chosen?.advice ?? chooseHolding({ ...queryOf(basis), ...(stack ? { holding: stack.holding } : {}) })
  const method = holding ?? advice.method
  const misfits = stack ? misfitsOf(stack, method, hoop) : []
  return { ranked, chosen, hoop, machine, advice, method, misfits, added: addedTo({ chosen, hoop, method }, job) }
}

/** What the worker has taken from how the shop's pieces land, for the hoop that is chosen. */
function addedTo(
  { chosen, hoop, method }: Pick<HoopPlan, 'chosen' | 'hoop' | 'method'>,
  { piece, machine, marked, corrections = [] }: HoopJob,
): HoopPlan['added'] {
  if (!chosen || !hoop || method === 'none') return null
  const owners = { hoop: hoop.id, machine: machine.id, holding: method, item: piece.item.kind }
  const added = addedAtMachine(corrections, owners, chosen.pose.rotation - (chosen.target?.rotation ?? 0))
  if (!added) return null
  const pose = { ...chosen.pose, x: chosen.pose.x + added.right, y: chosen.pose.y + added.down }
  const { fits } = placeInHoop({ hull: marked.design.hull, field: hoop.field, pose })
  // A row or a long design is placed group by group: there the move itself says whether it fits.
  return { ...added, roomy: fits || chosen.poses.length > 1 || marked.placed?.row != null }
}

/** As the worker lines it up by the ring, where that can be; what was decided by the marks stays otherwise. */
function linedUp(offer: HoopOffer, hoop: Hoop, { piece, marked }: HoopJob): HoopOffer {
  if (!piece.hoop.lineUp) return offer
  const way = waysToLineUp({ piece, marked, plan: { hoop, chosen: offer } }).find(
    (one) => one.line === piece.hoop.lineUp,
  )
  if (!way) return offer
  const fit = placeInHoop({ hull: marked.design.hull, field: hoop.field, pose: way.pose })
  const off = { x: way.pose.x - offer.pose.x, y: way.pose.y - offer.pose.y }
  const move = { x: offer.move.x + off.x, y: offer.move.y + off.y }
  const poses = offer.poses.map((pose) => ({ ...pose, x: pose.x + off.x, y: pose.y + off.y }))
  return { ...offer, pose: way.pose, poses, fit, move, reasons: offer.reasons.filter((r) => r.code !== 'off-middle') }
}

function misfitsOf(
  { holding, layers }: DecidedStack,
  method: HoldingMethod | 'none',
  hoop: Hoop | null,
): StackMisfit[] {
  if (method === 'none') return []
  return stackMisfits({ holding, layers: coreLayers(layers) }, method, hoop ? ringOf(hoop) : undefined)
}
