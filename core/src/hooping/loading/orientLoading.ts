import { type Message, message, type Named } from '../../messages'
import { type Advice, caution, note, stop } from '../../advice'
import { CoreError } from '../../errors'
import type { LengthStyle } from '../../lengths/units'
import { rectangle } from '../../plane/box'
import { convexHull } from '../../plane/convexHull'
import type { Point, Pose } from '../../plane/point'
import type { Because } from '../../recipe/recipeOption'
import { fieldBox, fieldMiddle } from '../fields/fieldSize'
import { shrunkenField } from '../fields/shrunkenField'
import type { HoopField } from '../hoopField'
import { requirePlaceable, roomInHoop } from '../placeInHoop'
import { roomyCentre } from '../roomyCentre'
import { turnHull } from '../turnedHull'

const ways = ['up', 'right', 'down', 'left'] as const
/** A direction of the item as it lies face up, its top away from the worker. */
export type Way = (typeof ways)[number]
export type LoadingTurn = 0 | 90 | 180 | 270
/** Round the hoop on the machine, its mount on the worker's left: the carriage there, the throat at the right. */
export type MachineSide = 'carriage' | 'throat' | 'front' | 'back'

/**
 * `design.rotation` in the item frame; `extents`: cloth from the design's centre to the item's edge, mm; `layers` and
 * `thickness` (mm) of what lies there; `closed`: sides on which the piece is closed round. `quarterTurns` false: only 0
 * and 180 can be dialled. `names`: what the item's ways are called in a sentence. `turn`: a way taken in place of the one
 * advised, `takenFor`: by the worker, or because only so the ring can lie on the cloth.
 */
export type LoadingQuery = {
  design: { width: number; height: number; rotation: number; hull?: Point[] }
  extents: Record<Way, number>
  layers: number
  thickness: number
  field: HoopField
  margin?: number
  quarterTurns: boolean
  closed?: Partial<Record<Way, boolean>>
  machine: { bed: 'flat' | 'free-arm'; throatDepth: number; throatHeight: number }
  habit: 'bulk-away' | 'hem-to-user'
  names?: Partial<Record<Way, string>>
  turn?: LoadingTurn
  takenFor?: 'worker' | 'ring'
  style?: LengthStyle
}

/** `itemToHoop`: the item turned clockwise by `turn`, the design's centre (the item's origin here) on the field's middle. */
export type Loading = {
  turn: LoadingTurn
  itemToHoop: Pose
  sides: Record<MachineSide, { way: Way; reach: number }>
  roll: { diameter: number; fits: boolean } | null
  warnings: Advice[]
  because: Because[]
  others: { turn: LoadingTurn; said: Message }[]
}

/** Turns in the order in which they are taken where they cost the same. */
const order: readonly LoadingTurn[] = [0, 180, 90, 270]
/** How much of a roll is cloth: the rest is air between its turns. */
const PACKED = 0.6

/** Slack each way from which a turn has room to correct, in mm; more cloth under the arm than this is not borne for it. */
const [ROOMY, TOO_MUCH] = [5, 150]
/** Differences that are no reason to turn a design: cloth in mm, or as a share of the least; degrees of skew. */
const [LITTLE_MM, LITTLE_SHARE, LITTLE_DEG] = [40, 0.1, 1]

/**
 * Which way up a piece is loaded: the turn of the item, what then lies on each side of the hoop, and the roll under the machine arm.
 * Turns with 5 mm of slack each way come first, unless they bring over 150 mm more cloth into the throat; then the least
 * cloth there, where 40 mm or a tenth make no difference; then the most room to correct. Rule: core.md section 5, craft.md
 * section 8.
 *
 * @throws CoreError 'bad-request' for extents, layers or a thickness that are not numbers from zero up, and as placeInHoop
 * @example a polo's left chest, 520 down to the hem, 120 up: turned 180, the body goes out at the back
 */
export function orientLoading(q: LoadingQuery): Loading {
  requireSound(q)
  const fitting = order.flatMap((turn) => (q.quarterTurns || turn % 180 === 0 ? (fitTurned(q, turn) ?? []) : []))
  const takes = fitting.map(({ turn }) => turn)
  const turn = q.turn ?? choose(q, fitting)
  const roll = rollIn(q, turn)
  return {
    turn,
    itemToHoop: { ...fieldMiddle(q.field), rotation: turn },
    sides: sidesAt(q, turn),
    roll,
    warnings: warningsOf(q, takes, roll),
    because: [whyOf(q, turn, fitting)],
    others: takes.filter((other) => other !== turn).map((other) => ({ turn: other, said: costOf(q, turn, other) })),
  }
}

function requireSound({ extents, layers, thickness }: LoadingQuery): void {
  const numbers = { ...extents, layers, thickness }
  for (const [name, value] of Object.entries(numbers))
    if (!(value >= 0) || !Number.isFinite(value))
      throw new CoreError('bad-request', message('problem.numbers-from-zero'), name)
}

/** The item's ways lie clockwise round it; a quarter turn clockwise brings each to the next side. */
const wayAt = (side: Way, turn: LoadingTurn): Way => ways[(ways.indexOf(side) - turn / 90 + 4) % 4]!

function sidesAt({ extents }: LoadingQuery, turn: LoadingTurn): Loading['sides'] {
  const at = (side: Way) => ({ way: wayAt(side, turn), reach: extents[wayAt(side, turn)] })
  return { carriage: at('left'), throat: at('right'), front: at('down'), back: at('up') }
}

/** A turn at which the design fits, with its room where it lies best and the cloth it brings into the throat. */
type FittingTurn = { turn: LoadingTurn; slack: number; skew: number; cloth: number }

function fitTurned(q: LoadingQuery, turn: LoadingTurn): FittingTurn | null {
  const { design, field, margin = 0 } = q
  const hull = design.hull ?? rectangle(design.width, design.height)
  const rotation = design.rotation + turn
  requirePlaceable(hull, { x: 0, y: 0, rotation: design.rotation })
  const turned = turnHull(convexHull(hull), rotation)
  const centre = roomyCentre(shrunkenField(field, margin), turned)?.centre
  if (!centre) return null
  const middle = roomInHoop({ hull, field, margin, pose: { ...middleOf(turned, fieldMiddle(field)), rotation } })
  const room = middle.fits ? middle : roomInHoop({ hull, field, margin, pose: { ...centre, rotation } })
  const slack = Math.min(...Object.values(room.slack))
  return { turn, slack, skew: room.skew(), cloth: clothAt(q, turn) }
}

/** Where the design's origin lies when the middle of what is sewn lies on a point. */
function middleOf({ xs, ys }: ReturnType<typeof turnHull>, { x, y }: Point): Point {
  const half = (of: Float64Array): number => (Math.min(...of) + Math.max(...of)) / 2
  return { x: x - half(xs), y: y - half(ys) }
}

/** Cloth beyond the field on the side of the throat. */
function beyondField({ extents, field }: LoadingQuery, turn: LoadingTurn): number {
  return Math.max(0, extents[wayAt('right', turn)] - (fieldBox(field).right - fieldMiddle(field).x))
}

/** Cloth toward the throat in mm; a closed side that must be rolled counts double. On a free arm it hangs below. */
function clothAt(q: LoadingQuery, turn: LoadingTurn): number {
  if (q.machine.bed === 'free-arm') return 0
  const way = wayAt('right', turn)
  return q.extents[way] * (q.closed?.[way] && beyondField(q, turn) > 0 ? 2 : 1)
}

function choose(q: LoadingQuery, fitting: readonly FittingTurn[]): LoadingTurn {
  if (q.habit === 'hem-to-user' && fitting.some(({ turn }) => turn === 0)) return 0
  const roomy = fitting.filter(({ slack }) => slack >= ROOMY - 1e-9)
  const dear = leastCloth(roomy) - leastCloth(fitting) > TOO_MUCH
  const weighed = roomy.length === 0 || dear ? fitting : roomy
  const least = leastCloth(weighed)
  const light = weighed.filter(({ cloth }) => cloth <= least + Math.max(LITTLE_MM, least * LITTLE_SHARE) + 1e-9)
  const most = Math.max(...light.map(({ skew }) => skew))
  return light.find(({ skew }) => skew >= most - LITTLE_DEG - 1e-9)?.turn ?? 0
}

const leastCloth = (turns: readonly FittingTurn[]): number => Math.min(...turns.map(({ cloth }) => cloth))

function rollIn(q: LoadingQuery, turn: LoadingTurn): Loading['roll'] {
  const long = beyondField(q, turn)
  if (q.machine.bed === 'free-arm' || long <= 0) return null
  const diameter = Math.sqrt((4 * q.layers * long * q.thickness) / (Math.PI * PACKED))
  return { diameter, fits: diameter < q.machine.throatHeight && long <= q.machine.throatDepth }
}

function warningsOf(q: LoadingQuery, takes: readonly LoadingTurn[], roll: Loading['roll']): Advice[] {
  const warnings: Advice[] = []
  const { throatHeight: high, throatDepth: deep, bed } = q.machine
  if (takes.length === 0) warnings.push(stop('no-turn-fits', message('load.no-turn-fits')))
  if (roll && !roll.fits)
    warnings.push(caution('drags', message('load.drags', { thick: Math.ceil(roll.diameter), high, deep })))
  if (bed === 'free-arm' && q.layers > 1) warnings.push(note('one-layer', message('load.one-layer')))
  return warnings
}

const nameOf = ({ names }: LoadingQuery, way: Way): Named => {
  const own = names?.[way]
  return own === undefined ? `item-side.${way}` : { own }
}

function whyOf(q: LoadingQuery, turn: LoadingTurn, fitting: readonly FittingTurn[]): Because {
  const decided = turn === 0 ? 'not turned' : `turned ${turn}`
  const under = nameOf(q, wayAt('right', turn))
  if (q.turn !== undefined && q.takenFor === 'ring')
    return { rule: 'load.for-the-ring', decided, said: message('why.load.for-the-ring', { side: under }) }
  if (q.turn !== undefined) return { rule: 'load.own-way', decided, said: message('why.load.own-way') }
  if (q.machine.bed === 'free-arm') return { rule: 'load.free-arm', decided, said: message('why.load.free-arm') }
  if (q.habit === 'hem-to-user' && turn === 0) {
    const said = message('why.load.hem-to-user', { side: nameOf(q, 'down') })
    return { rule: 'load.hem-to-user', decided, said, habit: 'loading' }
  }
  const more = clothAt(q, turn) - leastCloth(fitting)
  if (more < 1) {
    const said = message('why.load.least-in-throat', { side: under })
    return { rule: 'load.least-in-throat', decided, said, habit: 'loading' }
  }
  const said = message('why.load.room-to-correct', { side: under, more: Math.round(more) })
  return { rule: 'load.room-to-correct', decided, said, habit: 'loading' }
}

/** What another way would cost. */
function costOf(q: LoadingQuery, turn: LoadingTurn, other: LoadingTurn): Message {
  const front = nameOf(q, wayAt('down', other))
  if (q.machine.bed === 'free-arm') return message('load.other-free-arm', { front })
  const more = q.extents[wayAt('right', other)] - q.extents[wayAt('right', turn)]
  const cost =
    Math.abs(more) < 1
      ? 'load.as-much-cloth'
      : message(more > 0 ? 'load.more-cloth' : 'load.less-cloth', { far: Math.round(Math.abs(more)) })
  const twice = q.closed?.[wayAt('right', other)] && beyondField(q, other) > 0
  return message(twice ? 'load.other-sewn-shut' : 'load.other', { front, cost })
}
