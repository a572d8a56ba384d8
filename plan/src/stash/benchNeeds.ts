import type { Piece, Supply, Thread } from '@thimble/contract'
import { cutPiece, type LayerKind, type SupplyKind } from '@thimble/core/recipe'
import { benchMachine } from '../hoop/benchMachine'
import type { Shelf } from '../shelf'
import { ringOf } from '../stack/basis'
import { planThread } from '../stack/threadPlan'
import { timesSewn } from '../hoop/timesSewn'
import { planPiece } from '../stages/planPiece'
import { alongRoll } from './alongRoll'

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

export type Stock = Shelf & { threads: readonly Thread[] }

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
  const { marked, built, hoop: hooping } = planPiece(piece, stock)
  if (marked.design.missing || marked.design.assumed) return []
  const { basis, stack } = built
  if (!stack) return []
  const hoop = piece.hoop.kept[0]?.hoop ?? (hooping.chosen?.fits ? hooping.hoop : null)
  const times = timesSewn(marked, hoop)
  const layers = stack.layers.flatMap((layer) => {
    if (layer.role === 'cloth') return []
    const cut = cutPiece(layer, stack.holding, basis.work, hoop ? ringOf({ maxThicknessMm: null, ...hoop }) : undefined)
    // Without a ring it takes the design and what a slid backing takes, and more.
    const size = cut ?? cutPiece({ role: 'backing', grip: 'loose' }, 'floated', basis.work)!
    // What lies in the ring or under it goes with the hooping, what lies on a design with the design.
    const each = layer.role === 'backing' ? times.hoopings : times.copies
    return [ofKind(layer.kind as SupplyKind, layer.sheets * each, size, stock.supplies, !cut)]
  })
  const machine = benchMachine(piece, stock.machines)
  const typedStitches = piece.measure.ownDesign.stitches
  const thread = planThread({ ...stock, design: marked.design, times, typedStitches, basis, stack, machine })
  return [...merged(layers), ...(thread?.colours ?? []).map(ofColour)]
}

type Size = { widthMm: number; heightMm: number }

function ofKind(kind: SupplyKind, sheets: number, size: Size, supplies: readonly Supply[], atLeast: boolean): Need {
  const lines = supplies.filter((s) => s.kind === kind)
  const width = Math.max(0, ...lines.map((s) => s.widthMm)) || USUAL_WIDTH
  return {
    ...{ id: kind, kind, thread: null, colour: null, atLeast, pieces: 1 },
    want: alongRoll(width, size, sheets),
    left: lines.reduce((sum, s) => sum + s.leftMm, 0),
    lowBelow: lines.reduce((sum, s) => sum + s.lowMm, 0),
  }
}

const ofColour = ({
  colour,
  metres,
  thread,
  leftM,
}: NonNullable<ReturnType<typeof planThread>>['colours'][number]): Need => ({
  ...{ id: thread?.id ?? colour, kind: null, thread, colour: thread ? null : colour, want: metres },
  ...{ left: thread ? leftM : 0, lowBelow: 0, pieces: 1, atLeast: false },
})

/** Layers of one kind in one stack are one want of one piece. */
function merged(layers: readonly Need[]): Need[] {
  const kinds = [...new Set(layers.map((n) => n.kind as LayerKind))]
  return kinds.map((kind) => {
    const alike = layers.filter((n) => n.kind === kind)
    return { ...alike[0]!, want: alike.reduce((sum, n) => sum + n.want, 0), atLeast: alike.some((n) => n.atLeast) }
  })
}
