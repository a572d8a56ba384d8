import type { Adhesive, Bobbin, Needle, Piece, Supply, Thread } from '@thimble/contract'
import type { AdhesiveKind, SupplyKind } from '@thimble/core/recipe'
import type { ColourNeed } from '../stack/threadPlan'
import { alongRoll } from './alongRoll'
import { lengthOff, rollFor } from './rolls'
import { plannedToday, type Stock, type WantedLayer, wantsOf as wantsOfPlanned } from './wants'

/** All there is to take from, with what is counted by the piece. */
export type WholeStock = Stock & {
  needles: readonly Needle[]
  bobbins: readonly Bobbin[]
  adhesives: readonly Adhesive[]
}

/** What is needed: a kind of layer, a thread, a colour the stash has none of, something that holds, or another thing. */
type Needed =
  | { kind: SupplyKind }
  | { thread: Thread }
  | { colour: string }
  | { adhesive: AdhesiveKind }
  | { thing: { name: string } }

/**
 * What the pieces on the bench want of one thing, in its unit: mm of a roll, metres of thread, or a number of it. `left`:
 * all there is of it; null: not known. `pieces`: how many want it; `atLeast`: no hoop takes some of them.
 */
export type Need = {
  id: string
  what: Needed
  unit: 'mm' | 'm' | 'number'
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
export function wantsOf(piece: Piece, stock: WholeStock): Need[] {
  const planned = plannedToday(piece, stock)
  if (!planned) return []
  const { layers, adhesives, thread } = wantsOfPlanned(planned, stock)
  const needs = layers.map((layer) => ofKind(layer, stock.supplies))
  // What holds is not measured out: it has to be there. A stash nothing that holds was put in lacks nothing.
  const holds = stock.adhesives.length > 0 ? adhesives.map((kind) => ofAdhesive(kind, stock.adhesives)) : []
  return [...merged(needs), ...holds, ...(thread?.colours ?? []).map(ofColour)]
}

const plain = { want: 0, pieces: 1, atLeast: false }

function ofKind({ kind, size, pieces, atLeast }: WantedLayer, supplies: readonly Supply[]): Need {
  const lines = supplies.filter((s) => s.kind === kind && lengthOff(s, size, pieces) !== null)
  const line = rollFor(kind, size, pieces, lines)
  const want = (line && lengthOff(line, size, pieces)) ?? alongRoll(USUAL_WIDTH, size, pieces)
  return {
    ...{ ...plain, id: kind, what: { kind }, unit: 'mm', want, atLeast },
    left: lines.reduce((sum, s) => sum + s.leftMm, 0),
    lowBelow: lines.reduce((sum, s) => sum + s.lowMm, 0),
  }
}

const ofColour = ({ colour, metres, thread, leftM }: ColourNeed): Need => ({
  ...{ ...plain, id: thread?.id ?? colour, what: thread ? { thread } : { colour }, unit: 'm', want: metres },
  ...{ left: thread ? leftM : 0, lowBelow: thread?.lowM ?? 0 },
})

/** Under this there is none. */
const SOME = 0.01

function ofAdhesive(kind: AdhesiveKind, adhesives: readonly Adhesive[]): Need {
  const alike = adhesives.filter((one) => one.kind === kind)
  const sum = (of: (one: Adhesive) => number): number => alike.reduce((all, one) => all + of(one), 0)
  const lowBelow = Math.max(
    SOME,
    sum(({ low }) => low),
  )
  return { ...plain, id: kind, what: { adhesive: kind }, unit: 'number', left: sum(({ left }) => left), lowBelow }
}

/** Layers of one kind in one stack are one want of one piece. */
function merged(layers: readonly Need[]): Need[] {
  return [...new Set(layers.map(({ id }) => id))].map((id) => {
    const alike = layers.filter((n) => n.id === id)
    return { ...alike[0]!, want: alike.reduce((sum, n) => sum + n.want, 0), atLeast: alike.some((n) => n.atLeast) }
  })
}

/**
 * What is low by itself, though no piece on the bench wants it; a roll by its own mark, where another of its kind is
 * plenty. `wanted`: what is on the list already.
 */
export function lowBesides(wanted: readonly Need[], stock: WholeStock): Need[] {
  const { supplies, threads, needles, bobbins, adhesives } = stock
  const isListed = (needed: string): boolean => wanted.some((need) => need.id === needed && isToBuy(need))
  const own = (id: string, what: Needed, unit: Need['unit'], left: number | null, lowBelow: number): Need => ({
    ...{ id, what, unit, left, lowBelow },
    ...{ want: 0, pieces: 0, atLeast: false },
  })
  const rolls = supplies
    .filter(({ kind }) => !isListed(kind))
    .map((roll) => own(roll.id, { thing: roll }, 'mm', roll.leftMm, roll.lowMm))
  const spools = threads.map((thread) => own(thread.id, { thread }, 'm', thread.leftM, thread.lowM))
  const holds = [...new Set(adhesives.map(({ kind }) => kind))].map((kind) => ({
    ...ofAdhesive(kind, adhesives),
    pieces: 0,
  }))
  const counted = [...needles, ...bobbins].map((one) => own(one.id, { thing: one }, 'number', one.left, one.low))
  return [...rolls, ...spools, ...holds, ...counted].filter((need) => isToBuy(need) && !isListed(need.id))
}
