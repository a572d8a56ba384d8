import type { Added, Hoop, Shop } from '@thimble/contract'
import { chooseHolding, compareChoices, type HoldingAdvice, roomInHoop } from '@thimble/core/hooping'
import type { LengthStyle } from '@thimble/core/lengths'
import { convexHull, type Point, rectangle } from '@thimble/core/plane'
import type { HoldingMethod } from '@thimble/core/recipe'
import { heldIn } from '../stack/asHeld'
import { queryOf, recipeInput } from '../stack/recipeInput'
import { addedAtMachine } from './addedAtMachine'
import { type BenchMachine, machinesFor } from './benchMachine'
import { waysToLineUp } from './lineUp'
import { lyingAt } from './lyingAt'
import { onTape } from './notches'
import { type HoopJob, type HoopOffer, offerHoop, type PlanHoopInput } from './offerHoop'
import { rankOffers } from './rankOffers'
import { hoopingsOf } from './rowHoopings'

/**
 * `ranked`: the hoops of the shelf as they suit today; `chosen`, `hoop`: the one picked, else the best that takes it;
 * `machine`: the one picked, else the one it can be sewn on best. `method`: how it is held, as picked, else as its stack was
 * made for, else as advised; a clamping hoop clamps what another one hoops.
 */
export type HoopPlan = {
  ranked: HoopOffer[]
  chosen: HoopOffer | null
  hoop: Hoop | null
  machine: BenchMachine
  advice: HoldingAdvice
  method: HoldingMethod
  /** What is added to every move, in the hoop's frame; `roomy`: whether the design then still lies in the field. */
  added: (Added & { roomy: boolean }) | null
}

/** Hoops for the piece, each as it is best held and loaded, and how to hold it in the one chosen. */
export function planHoop(ask: PlanHoopInput): HoopPlan {
  const { piece, marked, stack, shop, hoops } = ask
  const { hoopId, holding } = piece.hoop
  const basis = recipeInput(piece, marked.design, shop)
  const style = styleOf(shop)
  const { machine, ranked } = rankedOn(ask, { ...ask, basis, style })
  const job: HoopJob = { ...ask, basis, machine, style }
  const found = ranked.find((c) => (hoopId ? c.hoop === hoopId : c.fits)) ?? null
  const hoop = hoops.find((h) => h.id === found?.hoop) ?? null
  const chosen = found && hoop && hoopedBy(found, hoop, job)
  const wanted = holding ?? stack?.holding
  const advice = chosen?.advice ?? chooseHolding({ ...queryOf(basis), ...(wanted ? { holding: wanted } : {}) })
  const method = heldIn(hoop, holding) ?? advice.method
  return { ranked, chosen, hoop, machine, advice, method, added: addedTo({ chosen, hoop, method }, job) }
}

type OnMachine = Pick<HoopPlan, 'machine' | 'ranked'>

/**
 * The hoops on the machine that was picked, else on the one that sews the piece best: the first on the bench where one of its
 * hoops takes it whole with room to correct, else the one whose best hoop suits best. One put away is taken where none on the
 * bench can sew it.
 */
function rankedOn({ piece, hoops, machines }: PlanHoopInput, job: Omit<HoopJob, 'machine'>): OnMachine {
  const { hoopId } = piece.hoop
  const topOf = ({ ranked }: OnMachine): HoopOffer | undefined => ranked.find(({ hoop }) => !hoopId || hoop === hoopId)
  const on = (machine: BenchMachine): OnMachine => ({
    machine,
    ranked: rankOffers(hoops.map((hoop) => offerHoop(hoop, { ...job, machine }))),
  })
  const groups = machinesFor(piece, machines)
  let first: OnMachine | null = null
  for (const [head, ...others] of groups) {
    let best = on(head)
    for (const machine of others) {
      const top = topOf(best)
      if (top && takesItWell(top)) break
      const one = on(machine)
      const its = topOf(one)
      if (top && its && compareChoices(its, top) < 0) best = one
    }
    if (topOf(best)?.fits || groups.length === 1) return best
    first ??= best
  }
  return first!
}

const takesItWell = ({ fits, fit, hoopings }: HoopOffer): boolean =>
  fits && hoopings === 1 && Math.min(...Object.values(fit.slack)) >= 5

export const styleOf = ({ unit, fraction }: Shop): LengthStyle => ({ unit, fraction })

/** What the worker has taken from how the shop's pieces land, for the hoop that is chosen. */
function addedTo(
  { chosen, hoop, method }: Pick<HoopPlan, 'chosen' | 'hoop' | 'method'>,
  { piece, machine, marked, corrections = [] }: HoopJob,
): HoopPlan['added'] {
  if (!chosen || !hoop) return null
  const owners = { hoop: hoop.id, machine: machine.id, holding: method, item: piece.item.kind }
  const added = addedAtMachine(corrections, owners, chosen.pose.rotation - (chosen.target?.rotation ?? 0))
  if (!added) return null
  const pose = { ...chosen.pose, x: chosen.pose.x + added.right, y: chosen.pose.y + added.down }
  const { fits } = roomInHoop({ hull: marked.design.hull, field: hoop.field, pose })
  // A row or a long design is placed group by group: there the move itself says whether it fits.
  return { ...added, roomy: fits || chosen.poses.length > 1 || marked.placed?.row != null }
}

/** By the ring as the worker lines it up, else by the notches and the tape. */
function hoopedBy(offer: HoopOffer, hoop: Hoop, job: HoopJob): HoopOffer {
  return job.piece.hoop.lineUp ? linedUp(offer, hoop, job) : onTape(offer, hoop, hullsOf(offer, hoop, job), job.style)
}

/** What is sewn at once: of a row as many motifs as the field takes, of a long design a part, else the whole. */
function hullsOf({ parts }: HoopOffer, hoop: Hoop, { marked: { design, placed } }: HoopJob): Point[][] {
  if (parts) return parts.map((group) => convexHull(group.flatMap((i) => design.parts[i]?.hull ?? [])))
  const row = placed?.row
  const groups = row && hoopingsOf(row, design.height, hoop)
  if (!groups) return [design.hull]
  const spans = groups.map(({ from, to }) => row.centres[to]! - row.centres[from]! + row.motif)
  return [rectangle(Math.max(...spans), design.height)]
}

/** As the worker lines it up by the ring, where that can be; what was decided by the marks stays otherwise. */
function linedUp(offer: HoopOffer, hoop: Hoop, { piece, marked }: HoopJob): HoopOffer {
  const way = waysToLineUp({ piece, marked, plan: { hoop, chosen: offer } }).find(
    (one) => one.line === piece.hoop.lineUp,
  )
  if (!way) return offer
  const off = { x: way.pose.x - offer.pose.x, y: way.pose.y - offer.pose.y }
  const poses = offer.poses.map((pose) => ({ ...pose, x: pose.x + off.x, y: pose.y + off.y }))
  return lyingAt(offer, poses, { hoop, hulls: [marked.design.hull] })
}
