import type { Hoop, KeptHooping, KeptStack, Piece } from '@thimble/contract'
import {
  chooseHolding,
  type HoldingAdvice,
  type HoopChoice,
  type HoopChoiceSource,
  rankHoops,
} from '@thimble/core/hooping'
import type { LengthStyle } from '@thimble/core/lengths'
import { type HoldingMethod, type StackMisfit, stackMisfits } from '@thimble/core/recipe'
import { basisOf, queryOf, ringOf } from '../stack/basis'
import { coreLayers } from '../stack/stacks'
import type { Marked, Placed } from '../measure/placed'
import type { Shelf } from '../shelf'
import { hoopingsOf } from './rowHoopings'

/**
 * `ranked`: the hoops of the shelf as they suit today; `chosen`, `hoop`: the one picked, else the best that takes it.
 * `method`: how it is held, as
 * picked, else as its stack was made for, else as advised. `misfits`: what of the stack does not suit that.
 */
export type HoopPlan = {
  ranked: HoopChoice[]
  chosen: HoopChoice | null
  hoop: Hoop | null
  advice: HoldingAdvice
  method: HoldingMethod
  misfits: StackMisfit[]
}

type Ask = Pick<Shelf, 'shop' | 'hoops'> & {
  piece: Pick<Piece, 'item' | 'build' | 'hoop'>
  marked: Marked
  stack: KeptStack | null
}

/** Hoops for the piece, and how to hold it in the one chosen. */
export function planHoop({ piece, marked, stack, shop, hoops }: Ask): HoopPlan {
  const style: LengthStyle = { unit: shop.unit, fraction: shop.fraction }
  const { hoopId, holding } = piece.hoop
  const own = hoops.find((h) => h.id === hoopId)
  const picked = holding ?? stack?.holding
  const basis = basisOf(piece, marked.design, shop)
  const query = queryOf(basis, own && ringOf(own))
  const rank = (method: HoldingMethod): HoopChoice[] => rankFor(method, marked, hoops, style)
  const advised = picked ?? chooseHolding(query).method
  const asAdvised = rank(advised)
  // Near an edge or in a corner no ring finds cloth enough, and the piece goes on top of it.
  const heldSo = holding || asAdvised.some((c) => c.fits) ? advised : 'floated'
  const ranked = heldSo === advised ? asAdvised : rank(heldSo)
  const chosen = ranked.find((c) => (hoopId ? c.hoop === hoopId : standsChosen(c, heldSo))) ?? null
  const hoop = hoops.find((h) => h.id === chosen?.hoop) ?? null
  const advice = chooseHolding({
    ...queryOf(basis, hoop ? ringOf(hoop) : undefined),
    ...(stack ? { holding: stack.holding } : {}),
    style,
    ...(chosen ? roomUnder(chosen, marked) : {}),
  })
  const method = holding ?? advice.method
  return { ranked, chosen, hoop, advice, method, misfits: stack ? misfitsOf(stack, method, hoop) : [] }
}

/** One is only chosen for the worker where its ring, if it holds the cloth, lies on cloth all round. */
const standsChosen = ({ fits, clothBeyondRing }: HoopChoice, held: HoldingMethod): boolean =>
  fits && (held === 'floated' || held === 'backing-alone' || clothBeyondRing === null || clothBeyondRing >= 0)

/** What of the cloth there is for the ring to lie on. */
function roomUnder({ clothBeyondRing, ringInside }: HoopChoice, { placed }: Marked) {
  const flat = placed !== null && !placed.item.tube
  return { ringInside, ...(flat && clothBeyondRing !== null ? { clothBeyondRing } : {}) }
}

function misfitsOf({ holding, layers }: KeptStack, method: HoldingMethod, hoop: Hoop | null): StackMisfit[] {
  return stackMisfits({ holding, layers: coreLayers(layers) }, method, hoop ? ringOf(hoop) : undefined)
}

function rankFor(
  method: HoldingMethod,
  { design, placed }: Marked,
  hoops: readonly Hoop[],
  style: LengthStyle,
): HoopChoice[] {
  return rankHoops({
    hull: design.hull,
    hoops: hoops.map(sourceOf),
    holding: method === 'backing-alone' ? 'floated' : method,
    style,
    ...(placed?.row ? { row: { ...placed.row, height: design.height } } : {}),
    ...(placed ? { item: itemOf(placed) } : {}),
  })
}

const itemOf = ({ pose, item }: Placed) => ({
  target: pose,
  outline: item.outline,
  zones: item.zones,
  tube: item.tube,
})

const sourceOf = ({ id, name, field, outside, clamp, maxThicknessMm, notchOffset }: Hoop): HoopChoiceSource => ({
  id,
  name,
  field,
  outside,
  clamp,
  ...(maxThicknessMm ? { maxThicknessMm } : {}),
  ...(notchOffset ? { notchOffset } : {}),
})

/** The hooping of this moment as it is decided; null while none of the hoops takes it. With no hoops, it is in one not noted. */
export function keepHooping(
  { ranked, chosen, hoop, advice, method }: HoopPlan,
  { design, placed }: Marked,
  at: string,
): KeptHooping | null {
  const reasons = advice.method === method ? advice.because : advice.choices.find((c) => c.method === method)?.because
  const held = { at, holding: method, because: (reasons ?? []).map((b) => b.rule) }
  if (ranked.length === 0) return { ...held, hoop: null, pose: null, target: null, groups: null }
  if (!chosen || !hoop) return null
  const { id, name, field, outside, clamp } = hoop
  return {
    ...held,
    hoop: { id, name, field, outside, clamp },
    pose: chosen.pose,
    target: chosen.target,
    groups: hoopingsOf(placed?.row ?? null, design.height, hoop),
  }
}
