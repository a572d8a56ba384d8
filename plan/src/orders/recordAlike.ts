import type { Bobbin, MinutePart, Patch, Piece, RunEvent, Take } from '@thimble/contract'
import type { Verdict } from '@thimble/core/outcomes'
import { apply, generate } from 'json-merge-patch'
import { forecastOf } from '../finish/forecast'
import { measuredMinutes } from '../finish/measuredMinutes'
import { decideStage } from '../stages/decideStage'
import { planPiece } from '../stages/planPiece'
import { isDone } from '../stages/stages'
import { type Stock, consumptionOfRecord } from '../stash/consumption'

/** How several pieces came out alike: their minutes as typed, by what they went into. */
export type Alike = { verdict: Verdict; minutesBy: Partial<Record<MinutePart, string>>; note: string }

const BEFORE = ['measure', 'build', 'hoop', 'stitch'] as const

/**
 * A piece recorded like others of its run: what was not decided of it yet is decided as it is planned, and its record says how
 * it came out. Where it landed is nobody's but its own, and stays unsaid. Null where it cannot be planned, or no hoop takes it: what
 * it was held by is then not known.
 *
 * @returns the change, and what it took of the stash
 */
export function recordAlike(
  piece: Piece,
  alike: Alike,
  { stock, bobbins, events, at }: { stock: Stock; bobbins: readonly Bobbin[]; events: readonly RunEvent[]; at: string },
): { body: Patch<Piece>; took: readonly Take[] } | null {
  let next = piece
  for (const stage of BEFORE) {
    if (isDone(next, stage)) continue
    const change = decideStage(next, stage, planPiece(next, stock), at)
    if (change) next = merged(next, change)
  }
  if (!isDone(next, 'hoop')) return null
  const measured = measuredMinutes(piece, events)
  const minutesBy = { ...untold(alike.minutesBy, measured), ...piece.finish.minutesBy }
  const note = piece.finish.note || alike.note
  next = merged(next, { finish: { verdict: alike.verdict, minutesBy, note } })
  const plans = planPiece(next, stock)
  const took = consumptionOfRecord(next, plans, stock, bobbins)
  const record = decideStage(next, 'finish', plans, at, { took, measured, forecast: forecastOf(next, plans, stock) })
  if (!record || !plans.built.stack) return null
  const body = generate(piece, merged(next, record)) as Patch<Piece>
  return { body, took }
}

/** What was typed for all says nothing of a part that was measured of this very piece. */
const untold = (typed: Alike['minutesBy'], measured: object): Alike['minutesBy'] =>
  Object.fromEntries(Object.entries(typed).filter(([part, text]) => text.trim() !== '' && !(part in measured)))

/** The stash after something was taken of it, so that the next takes of what is left. */
export function stockAfter(stock: Stock, took: readonly Take[]): Stock {
  const gone = (of: Take['of'], id: string): number =>
    took.filter((one) => one.of === of && one.ofId === id).reduce((sum, { amount }) => sum + amount, 0)
  return {
    ...stock,
    supplies: stock.supplies.map((one) => ({ ...one, leftMm: one.leftMm - gone('supplies.leftMm', one.id) })),
    machines: stock.machines.map((one) =>
      one.bobbinM === null ? one : { ...one, bobbinM: one.bobbinM - gone('machines.bobbinM', one.id) },
    ),
  }
}

const merged = (piece: Piece, body: Patch<Piece>): Piece => apply(JSON.parse(JSON.stringify(piece)), body) as Piece
