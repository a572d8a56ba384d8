import type { RecordDecision, Landing, Piece } from '@thimble/contract'
import type { Point } from '@thimble/core/plane'
import { readNumber, readTyped } from '../measure/readTyped'

type Landed = RecordDecision['landing']

/** A tape the piece was marked with: what it said then, and the way it runs, from its line to the design. */
export type LandingTape = { id: string; meant: number; way: Point; level: boolean }

const NOT_MEASURED: Landed = { dx: null, dy: null, rotation: null }

/** What was typed of one hooping: the first one’s lies with the record itself. */
export const landingTyped = ({ finish }: Pick<Piece, 'finish'>, hooping: number): Landing => {
  const { low, side, turned, landedBy, tapes } = finish
  const first = { low, side, turned, landedBy, tapes }
  if (hooping === 0) return first
  return (
    finish.later[hooping] ?? {
      ...first,
      low: { ...low, text: '' },
      side: { ...side, text: '' },
      turned: { ...turned, text: '' },
      landedBy: 'dots',
      tapes: {},
    }
  )
}

type Change = Partial<Record<keyof Landing, object | string>>

/** What was told of a hooping as a change of the record; a later one is told whole the first time. */
export function putLanding(piece: Pick<Piece, 'finish'>, hooping: number, change: Change): object {
  if (hooping === 0) return change
  if (piece.finish.later[hooping]) return { later: { [hooping]: change } }
  const typed = landingTyped(piece, hooping)
  const whole = Object.entries(change).map(([key, value]) => {
    const before = typed[key as keyof Landing]
    return [key, typeof value === 'object' && typeof before === 'object' ? { ...before, ...value } : value]
  })
  return { later: { [hooping]: { ...typed, ...Object.fromEntries(whole) } } }
}

/**
 * The tapes a piece was marked with that can be laid again beside its stitches; of the first copy alone. Two of one distance,
 * as in a corner, are told apart: each is measured by itself.
 */
export function landingTapes({ measure }: Pick<Piece, 'measure'>): LandingTape[] {
  const tapes = measure.kept[0]?.tapes ?? []
  return tapes.flatMap(({ id, from, to }, i) => {
    const again = tapes.slice(0, i).some((one) => one.id === id)
    const meant = Math.hypot(to.x - from.x, to.y - from.y)
    const way = { x: (to.x - from.x) / meant, y: (to.y - from.y) / meant }
    return meant > 1 ? [{ id: again ? `${id}.2` : id, meant, way, level: Math.abs(way.x) > Math.abs(way.y) }] : []
  })
}

/** Where one hooping came out, by what was typed; right, toward the hem and clockwise are positive. */
export function landingOf(piece: Pick<Piece, 'finish' | 'measure'>, hooping: number): Landed {
  const typed = landingTyped(piece, hooping)
  const turned = readNumber(typed.turned.text, MOST_TURN).value
  const rotation = turned === null ? null : typed.turned.way === 'clockwise' ? turned : 0 - turned
  if (typed.landedBy === 'tape') return { ...byTape(typed, landingTapes(piece)), rotation }
  return { dx: off(typed.side, 'right'), dy: off(typed.low, 'low'), rotation }
}

const MOST_TURN = 180

/** Millimetres, `positive` the way that counts so; null when nothing that can be read was typed. */
function off({ text, unit, way }: Landing['low'] | Landing['side'], positive: string): number | null {
  const { mm } = readTyped({ text, unit })
  return mm === null ? null : way === positive ? mm : 0 - mm
}

/** What a tape says more than was meant, along the way it runs. */
function byTape({ tapes }: Landing, meant: readonly LandingTape[]): Landed {
  return meant.reduce<Landed>((sum, tape) => {
    const typed = tapes[tape.id]
    const { mm } = typed ? readTyped(typed) : { mm: null }
    if (mm === null) return sum
    const over = mm - tape.meant
    return tape.level
      ? { ...sum, dx: (sum.dx ?? 0) + over * tape.way.x }
      : { ...sum, dy: (sum.dy ?? 0) + over * tape.way.y }
  }, NOT_MEASURED)
}

/** Sentences about what cannot be read, by field; tapes by their id. */
export function landingProblems(typed: Landing): Readonly<Record<string, string | null>> {
  const tapes = Object.entries(typed.tapes).map(([id, one]) => [`tape.${id}`, readTyped(one).problem] as const)
  return {
    low: readTyped(typed.low).problem,
    side: readTyped(typed.side).problem,
    turned: readNumber(typed.turned.text, MOST_TURN).problem,
    ...Object.fromEntries(tapes),
  }
}

/** How many hoopings are measured: of those that were sewn. */
export const hoopingsOfRecord = ({ hoop, measure }: Pick<Piece, 'hoop' | 'measure'>): number => {
  const [kept] = hoop.kept
  return (
    kept?.groups?.length ?? kept?.parts?.length ?? (measure.kept[0]?.row ? 1 : (measure.kept[0]?.copies.length ?? 1))
  )
}
