import type { Basis, DecidedStack, Hoop, Machine, OwnCorrection, Piece } from '@thimble/contract'
import { stop } from '@thimble/core/advice'
import {
  chooseHolding,
  type HoldingAdvice,
  type HoopChoice,
  type Loading,
  type LoadingTurn,
  rankHoops,
} from '@thimble/core/hooping'
import type { LengthStyle } from '@thimble/core/lengths'
import type { HoldingMethod, RecipeQuery } from '@thimble/core/recipe'
import type { Marked, Placed } from '../measure/placed'
import type { Shelf } from '../shelf'
import { heldIn } from '../stack/asHeld'
import { type MadeOf, queryOf, ringOf } from '../stack/recipeInput'
import { type BenchMachine, notTaken } from './benchMachine'
import { sourceOf } from './hoopSource'
import { loadPiece, squared } from './loadPiece'

/** A hoop of the shelf as it would be held and loaded for the piece. */
export type HoopOffer = HoopChoice & {
  advice: HoldingAdvice
  /** As picked, else as advised for this hoop. */
  method: HoldingMethod
  /** Null where there is no place on an item yet. */
  loading: Loading | null
  under: RingUnder
}

/**
 * What a stack for this hoop rests on: its ring, what of the cloth there is for it to lie on, and the way of holding where
 * the place leaves only one.
 */
export type RingUnder = Pick<RecipeQuery, 'ring' | 'clothBeyondRing' | 'ringInside' | 'holding'>

export type PlanHoopInput = Pick<Shelf, 'shop' | 'hoops'> & {
  piece: Pick<Piece, 'item' | 'measure'> & {
    build: MadeOf['build']
    hoop: Pick<Piece['hoop'], 'hoopId' | 'holding' | 'machineId' | 'turn' | 'lineUp'>
  }
  machines: readonly Machine[]
  marked: Marked
  stack: DecidedStack | null
  corrections?: readonly OwnCorrection[] | undefined
}

/** What is asked, with what follows from it for each hoop alike. */
export type HoopJob = PlanHoopInput & { basis: Basis; machine: BenchMachine; style: LengthStyle }

/** A hoop as it would be held and loaded for the piece, with why not where it is refused. */
export function offerHoop(hoop: Hoop, job: HoopJob): HoopOffer {
  const inRing = chooseTurn(hoop, job, 'hooped')
  const { advice, under } = adviseFor(hoop, inRing, job)
  const method = heldIn(hoop, job.piece.hoop.holding) ?? advice.method
  const choice = method === 'hooped' ? inRing : chooseTurn(hoop, job, floats(method) ? 'floated' : method)
  const foreign = notTaken(hoop, job.machine, job.machines)
  return {
    ...choice,
    advice,
    method,
    under,
    ...(foreign ? { fits: false, reasons: [stop('other-machine', foreign), ...choice.reasons] } : {}),
  }
}

/** How the piece is best held in this hoop, by how its ring would lie on the cloth. */
function adviseFor(
  hoop: Hoop,
  inRing: HoopChoice,
  { piece, stack, basis }: HoopJob,
): { advice: HoldingAdvice; under: RingUnder } {
  const wanted = heldIn(hoop, piece.hoop.holding ?? stack?.holding ?? null)
  const under = { ring: ringOf(hoop), ...(inRing.fit.fits ? roomUnder(inRing) : {}) }
  const ask = { ...queryOf(basis), ...under }
  const advice = chooseHolding({ ...ask, ...(wanted ? { holding: wanted } : {}) })
  if (!inRing.fit.fits || inRing.fits || floats(advice.method)) return { advice, under }
  // Over a zip or a row of buttons no ring may lie that holds the cloth; one that holds the backing alone may.
  const onTop = chooseHolding({ ...ask, holding: 'floated' })
  return onTop.method === 'floated' ? { advice: onTop, under: { ...under, holding: 'floated' } } : { advice, under }
}

const floats = (method: HoldingMethod): method is 'floated' | 'backing-alone' =>
  method === 'floated' || method === 'backing-alone'

/** What of the cloth there is for the ring to lie on. */
function roomUnder({ clothBeyondRing, ringInside }: HoopChoice) {
  return { ringInside, ...(clothBeyondRing !== null ? { clothBeyondRing } : {}) }
}

type Held = 'hooped' | 'floated' | 'clamped' | 'backing-under'

/** A hoop with the design in it, loaded the way the worker takes it, else the one with the least cloth under the arm. */
function chooseTurn(hoop: Hoop, job: HoopJob, held: Held): HoopChoice & { loading: Loading | null } {
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
  { marked: { design, placed }, style, basis }: HoopJob,
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

const itemOf = ({ pose, item }: Placed) => ({
  target: pose,
  outline: item.outline,
  zones: item.zones,
  tube: item.tube,
})
