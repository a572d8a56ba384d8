import type { Machine, Needle, Piece } from '@thimble/contract'
import { plannedToday, type Stock, type WantedLayer, wantsOf } from '../stash/wants'

/**
 * A piece as its order of work, its cuts and its time see it. `minutes`: hands and machine, but for what is changed before it;
 * `by`: what of them is sewn, hooped and finished.
 */
export type PieceWork = {
  id: string
  name: string
  machine: { id: string | null; name: string }
  hoop: { id: string; name: string } | null
  needle: { size: Needle['size']; point: Needle['point'] }
  /** In stitch order; `leftM`: what the stash has of it, null where nobody knows. */
  threads: { id: string; name: string; colour: string; metres: number; leftM: number | null }[]
  bobbinMetres: number
  minutes: number
  by: { stitching: number; hooping: number; finishing: number }
  due: Piece['due']
  layers: WantedLayer[]
  /** Its layers are cut already. */
  cut: boolean
}

/** What a piece asks of bench and machine, as it is built or would be today; null while nothing is known of it. */
export function pieceWork(piece: Piece, stock: Stock): PieceWork | null {
  const planned = plannedToday(piece, stock)
  // As long as the machine's own runs went, as the ticket says it.
  const pace = stock.record?.paces.find((one) => one.machine === planned?.machine.id) ?? null
  const wants = planned && wantsOf(planned, stock, pace)
  if (!planned || !wants?.thread) return null
  const { machine, hoop, stack } = planned
  if (!stack.needle) return null
  const threads = wants.thread.colours.map(({ thread, colour, metres, leftM }) => ({
    ...{ id: thread?.id ?? colour, name: thread?.name ?? colour },
    ...{ colour: thread?.colour ?? colour, metres, leftM: thread ? leftM : 0 },
  }))
  const { stitching, trims, hooping, changes } = wants.thread.time.parts
  const known = stock.machines.find(({ id }) => id === machine.id)
  const by = {
    stitching: (stitching + trims + ownChanges(changes, threads.length, known, machine.changeSeconds)) / 60,
    hooping: hooping / 60,
    finishing: stock.record?.hands?.finishing?.minutes ?? stock.shop.hands.finishMinutes,
  }
  return {
    ...{ id: piece.id, name: piece.run ? `${piece.name}, ${piece.run}` : piece.name, due: piece.due },
    machine: { id: machine.id, name: machine.name },
    hoop: hoop && { id: hoop.id, name: hoop.name },
    needle: { size: stack.needle.size, point: stack.needle.point },
    ...{ threads, bobbinMetres: wants.thread.bobbinMetres },
    ...{ by, minutes: by.stitching + by.hooping + by.finishing },
    ...{ layers: wants.layers, cut: planned.cut },
  }
}

/**
 * Changes of colour within a piece. Where the machine has one needle, to thread it is a change of the order of work, each colour once;
 * only what comes back within the piece is left.
 */
function ownChanges(seconds: number, threads: number, known: Machine | undefined, each: number): number {
  return (known?.needles ?? 1) > 1 ? seconds : Math.max(0, seconds - (threads - 1) * each)
}
