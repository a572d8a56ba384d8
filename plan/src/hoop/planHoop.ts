import type { Added, Basis, Hoop, HoopDecision, DecidedStack, Machine, OwnCorrection, Piece } from '@thimble/contract'
import { type Advice, stop } from '@thimble/core/advice'
import {
  chooseHolding,
  compareChoices,
  type HoldingAdvice,
  type HoopChoice,
  type Loading,
  type LoadingTurn,
  placeInHoop,
  rankHoops,
} from '@thimble/core/hooping'
import type { LengthStyle } from '@thimble/core/lengths'
import { type HoldingMethod, type RecipeQuery, type StackMisfit, stackMisfits } from '@thimble/core/recipe'
import { recipeInput, type MadeOf, queryOf, ringOf } from '../stack/recipeInput'
import { coreLayers } from '../stack/stacks'
import type { Marked, Placed } from '../measure/placed'
import type { Shelf } from '../shelf'
import { addedAtMachine } from './addedAtMachine'
import { type BenchMachine, benchMachine, notTaken } from './benchMachine'
import { waysToLineUp } from './lineUp'
import { sourceOf } from './hoopSource'
import { loadPiece, squared } from './loadPiece'
import { hoopingsOf } from './rowHoopings'

/** A hoop of the shelf as it would be held and loaded for the piece. */
export type HoopOffer = HoopChoice & {
  advice: HoldingAdvice
  /** As picked, else as advised for this hoop; 'none': nothing holds it there. */
  method: HoldingMethod | 'none'
  /** Null where there is no place on an item yet. */
  loading: Loading | null
  under: RingUnder
}

/**
 * What a stack for this hoop rests on: its ring, what of the cloth there is for it to lie on, and the way of holding where
 * the place leaves only one.
 */
export type RingUnder = Pick<RecipeQuery, 'ring' | 'clothBeyondRing' | 'ringInside' | 'holding'>

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

type PlanHoopInput = Pick<Shelf, 'shop' | 'hoops'> & {
  piece: Pick<Piece, 'item' | 'measure'> & {
    build: MadeOf['build']
    hoop: Pick<Piece['hoop'], 'hoopId' | 'holding' | 'machineId' | 'turn' | 'lineUp'>
  }
  machines: readonly Machine[]
  marked: Marked
  stack: DecidedStack | null
  corrections?: readonly OwnCorrection[] | undefined
}

type Job = PlanHoopInput & { basis: Basis; machine: BenchMachine; style: LengthStyle }

/** Hoops for the piece, each as it is best held and loaded, and how to hold it in the one chosen. */
export function planHoop(ask: PlanHoopInput): HoopPlan {
  const { piece, marked, stack, shop, hoops, machines } = ask
  const { hoopId, holding } = piece.hoop
  const basis = recipeInput(piece, marked.design, shop)
  const machine = benchMachine(piece, machines)
  const job: Job = { ...ask, basis, machine, style: { unit: shop.unit, fraction: shop.fraction } }
  const ranked = inOrder(hoops.map((hoop) => offerOf(hoop, job)))
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
  { piece, machine, marked, corrections = [] }: Job,
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
function linedUp(offer: HoopOffer, hoop: Hoop, { piece, marked }: Job): HoopOffer {
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

/**
 * The best way of holding comes before room in the field: a smaller ring that takes the cloth before one it is floated on. A
 * way counts as what it is worth at least, so that a ring in which it is the only one left is not the better for that.
 */
function inOrder(offers: HoopOffer[]): HoopOffer[] {
  const worth = (method: HoopOffer['method']): number =>
    Math.min(...offers.filter((one) => one.method === method && one.fits).map((one) => one.advice.worth))
  return offers.sort(
    (a, b) =>
      Number(b.fits) - Number(a.fits) ||
      (a.fits && a.method !== b.method ? worth(b.method) - worth(a.method) : 0) ||
      compareChoices(a, b),
  )
}

function offerOf(hoop: Hoop, job: Job): HoopOffer {
  const inRing = chooseTurn(hoop, job, 'hooped')
  const { advice, under } = adviseFor(hoop, inRing, job)
  const method = job.piece.hoop.holding ?? advice.method
  const choice = method === 'hooped' ? inRing : chooseTurn(hoop, job, floats(method) ? 'floated' : method)
  const refused = whyRefused(hoop, advice, method, job)
  return {
    ...choice,
    advice,
    method,
    under,
    ...(refused ? { fits: false, reasons: [refused, ...choice.reasons] } : {}),
  }
}

/** How the piece is best held in this hoop, by how its ring would lie on the cloth. */
function adviseFor(
  hoop: Hoop,
  inRing: HoopChoice,
  { piece, stack, basis }: Job,
): { advice: HoldingAdvice; under: RingUnder } {
  const wanted = piece.hoop.holding ?? stack?.holding
  const under = { ring: ringOf(hoop), ...(inRing.fit.fits ? roomUnder(inRing) : {}) }
  const ask = { ...queryOf(basis), ...under }
  const advice = chooseHolding({ ...ask, ...(wanted ? { holding: wanted } : {}) })
  if (!inRing.fit.fits || inRing.fits || floats(advice.method)) return { advice, under }
  // Over a zip or a row of buttons no ring may lie that holds the cloth; one that holds the backing alone may.
  const onTop = chooseHolding({ ...ask, holding: 'floated' })
  return onTop.method === 'floated' ? { advice: onTop, under: { ...under, holding: 'floated' } } : { advice, under }
}

function whyRefused(hoop: Hoop, advice: HoldingAdvice, method: HoopOffer['method'], job: Job): Advice | null {
  const foreign = notTaken(hoop, job.machine, job.machines)
  if (foreign) return stop('other-machine', foreign)
  return method === 'none' ? stop('nothing-holds', advice.because[0]!.text) : null
}

const floats = (method: HoldingMethod | 'none'): method is 'floated' | 'backing-alone' | 'none' =>
  method === 'floated' || method === 'backing-alone' || method === 'none'

/** What of the cloth there is for the ring to lie on. */
function roomUnder({ clothBeyondRing, ringInside }: HoopChoice) {
  return { ringInside, ...(clothBeyondRing !== null ? { clothBeyondRing } : {}) }
}

type Held = 'hooped' | 'floated' | 'clamped' | 'backing-under'

/** A hoop with the design in it, loaded the way the worker takes it, else the one with the least in the throat. */
function chooseTurn(hoop: Hoop, job: Job, held: Held): HoopChoice & { loading: Loading | null } {
  const { piece, marked } = job
  const { placed } = marked
  if (!placed) return { ...rankOne(hoop, job, held), loading: null }
  const load = (
    { target, size }: Pick<HoopChoice, 'target' | 'size'>,
    taken?: Parameters<typeof loadPiece>[1],
  ): Loading =>
    loadPiece({ ...job, marked: { ...marked, placed }, field: hoop.field, target: target ?? placed.pose, size }, taken)
  const { quarter } = squared(placed.pose)
  const own = piece.hoop.turn
  const advised = load({ target: placed.pose, size: marked.design })
  const turns = own !== null ? [own] : [advised.turn, ...advised.others.map((o) => o.turn)]
  const rotations = turns.map((turn) => (quarter + turn) % 360)
  const choice = rankOne(hoop, job, held, rotations)
  const turn = ((choice.rotation - quarter + 720) % 360) as LoadingTurn
  if (own !== null) return { ...choice, loading: load(choice, { turn, takenFor: 'worker' }) }
  const again = load(choice)
  return { ...choice, loading: again.turn === turn ? again : load(choice, { turn, takenFor: 'ring' }) }
}

function rankOne(
  hoop: Hoop,
  { marked: { design, placed }, style, basis }: Job,
  holding: Held,
  rotations?: number[],
): HoopChoice {
  const [choice] = rankHoops({
    hull: design.hull,
    hoops: [sourceOf(hoop)],
    holding,
    style,
    ...(holding === 'floated' ? {} : { thicknessMm: basis.cloth.thicknessMm }),
    ...(rotations ? { rotations } : {}),
    ...(design.parts.length > 1 ? { parts: design.parts.map((part) => part.hull) } : {}),
    ...(placed?.row ? { row: { ...placed.row, height: design.height } } : {}),
    ...(placed ? { item: itemOf(placed) } : {}),
  })
  return choice!
}

function misfitsOf(
  { holding, layers }: DecidedStack,
  method: HoldingMethod | 'none',
  hoop: Hoop | null,
): StackMisfit[] {
  if (method === 'none') return []
  return stackMisfits({ holding, layers: coreLayers(layers) }, method, hoop ? ringOf(hoop) : undefined)
}

const itemOf = ({ pose, item }: Placed) => ({
  target: pose,
  outline: item.outline,
  zones: item.zones,
  tube: item.tube,
})

/** The hooping of this moment as it is decided; null while none of the hoops takes it. With no hoops, it is in one not noted. */
export function keepHooping(
  { ranked, chosen, hoop, machine, advice, method, added }: HoopPlan,
  { design, placed }: Marked,
  at: string,
): HoopDecision | null {
  if (method === 'none') return null
  const reasons = advice.method === method ? advice.because : advice.choices.find((c) => c.method === method)?.because
  const on = machine.id ? { id: machine.id, name: machine.name } : null
  const held = { at, holding: method, because: (reasons ?? []).map((b) => b.rule), machine: on }
  if (ranked.length === 0) return { ...held, ...inNoHoop }
  if (!chosen || !hoop) return null
  const { id, name, field, outside, clamp, notchOffset } = hoop
  return {
    ...held,
    hoop: { id, name, field, outside, clamp, notchOffset },
    pose: chosen.pose,
    target: chosen.target,
    groups: hoopingsOf(placed?.row ?? null, design.height, hoop),
    parts: chosen.parts,
    poses: chosen.poses.length > 1 ? chosen.poses : null,
    turn: chosen.loading?.turn ?? null,
    added: withRoom(added),
  }
}

const inNoHoop = {
  ...{ hoop: null, pose: null, target: null, groups: null, parts: null, poses: null, turn: null, added: null },
} as const

/** Where there is no room for it nothing is added. */
export function withRoom(added: HoopPlan['added']): Added | null {
  if (!added?.roomy) return null
  const { roomy, ...rest } = added
  return rest
}
