import type { Piece, Supply, Thread } from '@thimble/contract'
import type { SupplyKind } from '@thimble/core/recipe'
import type { ColourNeed } from '../stack/threadPlan'
import { alongRoll } from './alongRoll'
import { lengthOff, rollFor } from './rolls'
import { plannedToday, type Stock, type WantedLayer, wantsOf as wantsOfPlanned } from './wants'

export type { Stock } from './wants'

/**
 * What the pieces on the bench want of one thing: a kind of backing or topping in mm of its roll, or a colour of thread in
 * metres. `left`: all there is of it; null: not known. `pieces`: how many want it; `atLeast`: no hoop takes some of them.
 */
export type Need = {
  id: string
  kind: SupplyKind | null
  thread: Thread | null
  /** Of a thread the stash has none of. */
  colour: string | null
  want: number
  left: number | null
  /** Under what is left after the bench it is low. */
  lowBelow: number
  pieces: number
  atLeast: boolean
}

/** Width a roll is taken to have where there is none of its kind. */
const USUAL_WIDTH = 400

/** Wants of several pieces together, what is missing most first. */
export function sumNeeds(wants: readonly Need[]): Need[] {
  const needs = new Map<string, Need>()
  for (const wanted of wants) {
    const so = needs.get(wanted.id)
    needs.set(
      wanted.id,
      so
        ? { ...so, want: so.want + wanted.want, pieces: so.pieces + 1, atLeast: so.atLeast || wanted.atLeast }
        : wanted,
    )
  }
  return [...needs.values()].sort((a, b) => missing(b) - missing(a) || a.id.localeCompare(b.id))
}

/** How much of a need the stash does not give. */
export const missing = ({ want, left }: Need): number => Math.max(0, want - (left ?? Infinity))
/** What has to be bought: what is missing, and what would be low after the bench. */
export const isToBuy = (need: Need): boolean =>
  missing(need) > 0 || (need.left !== null && need.left - need.want < need.lowBelow)

/** What one piece wants, as it is built or would be today; its hoops are ranked for it, which takes a moment. */
export function wantsOf(piece: Piece, stock: Stock): Need[] {
  const planned = plannedToday(piece, stock)
  if (!planned) return []
  const { layers, thread } = wantsOfPlanned(planned, stock)
  const needs = layers.map((layer) => ofKind(layer, stock.supplies))
  return [...merged(needs), ...(thread?.colours ?? []).map(ofColour)]
}

function ofKind({ kind, size, pieces, atLeast }: WantedLayer, supplies: readonly Supply[]): Need {
  const lines = supplies.filter((s) => s.kind === kind && lengthOff(s, size, pieces) !== null)
  const line = rollFor(kind, size, pieces, lines)
  return {
    ...{ id: kind, kind, thread: null, colour: null, atLeast, pieces: 1 },
    want: (line && lengthOff(line, size, pieces)) ?? alongRoll(USUAL_WIDTH, size, pieces),
    left: lines.reduce((sum, s) => sum + s.leftMm, 0),
    lowBelow: lines.reduce((sum, s) => sum + s.lowMm, 0),
  }
}

const ofColour = ({ colour, metres, thread, leftM }: ColourNeed): Need => ({
  ...{ id: thread?.id ?? colour, kind: null, thread, colour: thread ? null : colour, want: metres },
  ...{ left: thread ? leftM : 0, lowBelow: thread?.lowM ?? 0, pieces: 1, atLeast: false },
})

/** Layers of one kind in one stack are one want of one piece. */
function merged(layers: readonly Need[]): Need[] {
  const kinds = [...new Set(layers.map((n) => n.kind))]
  return kinds.map((kind) => {
    const alike = layers.filter((n) => n.kind === kind)
    return { ...alike[0]!, want: alike.reduce((sum, n) => sum + n.want, 0), atLeast: alike.some((n) => n.atLeast) }
  })
}
