import { type Advice, caution, note } from '../advice'
import { message, type Named } from '../messages'
import { CoreError } from '../errors'
import type { Measures } from './measures'
import { radians } from '../plane/point'
import { fitCentreLine } from './fitCentreLine'

/**
 * A level across an item: the line it starts from ('start', the neck of a garment, whose middle is the frame's
 * x = 0), or the body below. `id` + Left and Right are the measurements of its halves, seen by the worker.
 */
export type CentreLevel = { id: string; name: Named; y: number; width: number; part: 'start' | 'body' }

export type TrueTo = 'start' | 'body'

/** Where the body's middle runs, and what being true to it costs or gains at a height. */
export type Straightness = {
  /** False while no halves are given: the item counts as straight. */
  measured: boolean
  leanDeg: number
  spread: number
  /** x of the body's middle at a height, and its lean there. */
  bodyAt: (y: number) => number
  bodyLean: number
  /** The middles measured, from the top: the item is drawn as skewed as it is. */
  middles: readonly { x: number; y: number }[]
}

const straight: Straightness = { measured: false, leanDeg: 0, spread: 0, bodyAt: () => 0, bodyLean: 0, middles: [] }

/**
 * The item's centre line from the halves that were measured. Levels without halves count as even.
 *
 * @throws CoreError('contradiction') when two halves do not add up to their width within 5 mm
 */
export function centreOf(levels: readonly CentreLevel[], m: Measures): Straightness {
  const read = levels.map((level) => ({ level, middle: middleOf(level, m) }))
  const given = read.filter(({ middle }) => middle !== null)
  if (given.length === 0) return straight
  const known = read.filter(({ level, middle }) => middle !== null || level.part === 'start')
  const line = (of: typeof read) => fitCentreLine(of.map(({ level, middle }) => at(level.y, middle ?? 0)))
  const whole = known.length > 1 ? line(known) : { leanDeg: 0, spread: Math.abs(given[0]!.middle!) }
  const middles = known.map(({ level, middle }) => ({ x: middle ?? 0, y: level.y })).sort((a, b) => a.y - b.y)
  const found = { ...straight, measured: true, leanDeg: whole.leanDeg, spread: whole.spread, middles }
  const body = given.filter(({ level }) => level.part === 'body')
  if (body.length === 0) return found
  if (body.length === 1) return { ...found, bodyAt: () => body[0]!.middle! }
  const fitted = line(body)
  const slope = -Math.tan(radians(fitted.leanDeg))
  return { ...found, bodyAt: (y) => fitted.xAt0 + y * slope, bodyLean: fitted.leanDeg }
}

const at = (y: number, x: number) => ({ y, left: x, right: x })
const SLACK = 5

/** The middle of a level from its halves, counted from the line the worker starts from; null when none was given. */
function middleOf({ id, name, width }: CentreLevel, m: Measures): number | null {
  const [left, right] = [m[`${id}Left`], m[`${id}Right`]]
  if (left === undefined && right === undefined) return null
  if (left !== undefined && right !== undefined && Math.abs(left + right - width) > SLACK) {
    const said = message('wrong.halves', { level: name, sum: left + right, whole: width })
    throw new CoreError('contradiction', said, `measures.${id}Right`)
  }
  const [l, r] = [left ?? width - right!, right ?? width - left!]
  if (l <= 0 || r <= 0) {
    const said = message('wrong.half', { level: name, whole: width })
    throw new CoreError('contradiction', said, `measures.${id}${left === undefined ? 'Right' : 'Left'}`)
  }
  return (r - l) / 2
}

/** What the worker is told: how uneven it is, what is done about it, and what the other way would do. */
export function straightnessAdvice(
  { measured, leanDeg, spread, bodyAt, bodyLean }: Straightness,
  y: number,
  trueTo: TrueTo,
  worn: boolean,
  names: { start: Named; body: Named },
): Advice[] {
  if (!measured || (spread < 0.5 && Math.abs(leanDeg) < 0.05)) return []
  const shift = bodyAt(y)
  const turned = Math.abs(bodyLean) >= 0.05 ? tenth(Math.abs(bodyLean)) : null
  const [kept, other] = trueTo === 'start' ? [names.start, names.body] : [names.body, names.start]
  const far = Math.abs(shift)
  const way = side(trueTo === 'start' ? shift : -shift, worn)
  const moved: Named =
    far < 0.5 && turned === null
      ? 'uneven.no-difference'
      : trueTo === 'start' && turned !== null
        ? message('uneven.moved-turned', { other, far, way, turn: turned })
        : message('uneven.moved', { other, far, way })
  const by = 2 * spread
  const said =
    Math.abs(leanDeg) >= 0.05
      ? message('uneven.leans', { by, lean: tenth(Math.abs(leanDeg)), kept, moved })
      : message('uneven.halves', { by, kept, moved })
  return [Math.abs(leanDeg) > 1 || spread > SLACK ? caution('skewed', said) : note('uneven', said)]
}

const tenth = (value: number): number => Math.round(value * 10) / 10

const side = (x: number, worn: boolean): string => `uneven.${worn ? 'worn' : 'to'}-${x > 0 ? 'right' : 'left'}`
