import { type Advice, caution, note, stop } from '../advice'
import type { NoSewZone } from '../placement/itemShape'
import type { Point } from '../plane/point'
import { bothOf, message, type Named } from '../messages'
import type { HoopChoiceSource } from './hoopChoice'
import type { HoopFit } from './placeInHoop'

/** Where a ring lies on the item, over all the places it goes to. */
export type RingOnItem = { beyond: number | null; inside: boolean; tube: boolean; under: NoSewZone[] }

const COMFORT = 5
const BEYOND_RING = 25

export const leastSlack = ({ slack }: HoopFit): number => Math.min(slack.left, slack.right, slack.up, slack.down)
export const isRoomy = (slack: number): boolean => slack >= COMFORT - 1e-6

/** What of a turn can be dialled out, as it is said: whole degrees, halves under five. */
function skewShown(degrees: number): number {
  const step = degrees < 5 ? 0.5 : 1
  return Math.floor((degrees + 1e-6) / step) * step
}

type Fitting = { fit: HoopFit; move: Point }

/** How much room there is where the design lies, and how crooked it may be hooped there; then where it lies, off the middle. */
export function fitReasons({ fit, move }: Fitting): Advice[] {
  const fills = { room: leastSlack(fit), turn: skewShown(fit.skewTolerance) }
  const slid = slidReasons(move)
  if (!isRoomy(leastSlack(fit))) return [caution('tight', message('hoop.tight', fills)), ...slid]
  return [note('room', message('hoop.room', fills)), ...slid]
}

/** Off the middle, so that the ring lies on cloth: what is dialled then. */
function slidReasons({ x, y }: Point): Advice[] {
  const across = Math.abs(x) >= 0.5 ? message(x > 0 ? 'far.right' : 'far.left', { far: Math.abs(x) }) : null
  const along = Math.abs(y) >= 0.5 ? message(y > 0 ? 'far.down' : 'far.up', { far: Math.abs(y) }) : null
  const where = bothOf(across, along)
  return where ? [note('off-middle', message('hoop.off-middle', { where }))] : []
}

export function ringReasons(hoop: HoopChoiceSource, ring: RingOnItem, thickness: number | undefined): Advice[] {
  return [
    ...(ring.inside ? [] : [tooWide(hoop)]),
    ...thicknessReasons(hoop, thickness),
    ...(ring.beyond === null ? [] : edgeReasons(ring.beyond, ring.tube)),
    ...underReasons(ring),
  ]
}

const tooWide = ({ outside: { width, height } }: HoopChoiceSource): Advice =>
  stop('ring-too-wide', message('hoop.ring-too-wide', { width, height }))

function thicknessReasons(hoop: HoopChoiceSource, thick?: number): Advice[] {
  if (thick === undefined || hoop.maxThicknessMm === undefined || thick <= hoop.maxThicknessMm) return []
  return [stop('too-thick', message('hoop.too-thick', { most: hoop.maxThicknessMm, thick }))]
}

function edgeReasons(beyond: number, tube: boolean): Advice[] {
  if (beyond >= BEYOND_RING - 1e-6) return []
  if (beyond < 0) {
    const edge = tube ? 'hoop.over-open-end' : 'hoop.over-edge'
    return [stop('cloth-too-small', message(edge, { over: Math.ceil(-beyond) }))]
  }
  return [caution('cloth-too-small', message('hoop.little-beyond', { beyond, safe: BEYOND_RING }))]
}

const met = {
  opening: (zone: Named) => stop('ring-on-opening', message('hoop.ring-on-opening', { zone })),
  refused: (zone: Named) => stop('ring-on-zone', message('hoop.ring-on-zone', { zone })),
  'woven-in': (zone: Named) => caution('ring-on-border', message('hoop.ring-on-border', { zone })),
}

/** Each zone once, by what it is called. */
function underReasons({ under }: RingOnItem): Advice[] {
  const zones = new Map(under.map((zone) => [`${zone.ring}:${JSON.stringify(zone.name)}`, zone]))
  return [...zones.values()].map(({ ring, name }) =>
    ring in met
      ? met[ring as keyof typeof met](name)
      : caution('ring-near-zone', message('hoop.ring-near-zone', { zone: name })),
  )
}
