import { type Advice, caution, note, stop } from '../advice'
import { formatLength, roundDownToTape } from '../lengths/formatLength'
import type { LengthStyle } from '../lengths/units'
import type { NoSewZone } from '../placement/itemShape'
import type { Point } from '../plane/point'
import { writeName } from '../messages/writeMessage'
import type { HoopChoiceSource } from './hoopChoice'
import type { HoopFit } from './placeInHoop'

/** Where a ring lies on the item, over all the places it goes to. */
export type RingOnItem = { beyond: number | null; inside: boolean; tube: boolean; under: NoSewZone[] }

const COMFORT = 5
const BEYOND_RING = 25

export const leastSlack = ({ slack }: HoopFit): number => Math.min(slack.left, slack.right, slack.up, slack.down)
export const isRoomy = (slack: number): boolean => slack >= COMFORT - 1e-6

/** What of a turn can be dialled out, in words: whole degrees, halves under five. */
function skewWords(degrees: number): string {
  const step = degrees < 5 ? 0.5 : 1
  return String(Math.floor((degrees + 1e-6) / step) * step)
}

type Fitting = { fit: HoopFit; move: Point; style: LengthStyle }

/** How much room there is where the design lies, and how crooked it may be hooped there; then where it lies, off the middle. */
export function fitReasons({ fit, move, style }: Fitting): Advice[] {
  const room = formatLength(roundDownToTape(leastSlack(fit) + 1e-6, style), style)
  const turn = skewWords(fit.skewTolerance)
  const slid = slidReasons(move, style)
  if (!isRoomy(leastSlack(fit)))
    return [caution('tight', `Only ${room} to spare: hoop it straight to within ${turn} degrees.`), ...slid]
  return [note('room', `${room} or more to spare each way; up to ${turn} degrees crooked can be corrected.`), ...slid]
}

/** Off the middle, so that the ring lies on cloth: what is dialled then. */
function slidReasons({ x, y }: Point, style: LengthStyle): Advice[] {
  const write = (mm: number): string => formatLength(Math.abs(mm), style)
  const across = Math.abs(x) >= 0.5 ? [`${write(x)} ${x > 0 ? 'right' : 'left'}`] : []
  const along = Math.abs(y) >= 0.5 ? [`${write(y)} ${y > 0 ? 'down' : 'up'}`] : []
  if (across.length + along.length === 0) return []
  const text = `The design lies ${[...across, ...along].join(' and ')} of the hoop’s centre, so that the hoop stays on the cloth.`
  return [note('off-middle', text)]
}

export function ringReasons(
  hoop: HoopChoiceSource,
  ring: RingOnItem,
  thickness: number | undefined,
  write: (mm: number) => string,
): Advice[] {
  return [
    ...(ring.inside ? [] : [tooWide(hoop, write)]),
    ...thicknessReasons(hoop, thickness),
    ...(ring.beyond === null ? [] : edgeReasons(ring.beyond, ring.tube, write)),
    ...underReasons(ring),
  ]
}

const tooWide = ({ outside }: HoopChoiceSource, write: (mm: number) => string): Advice =>
  stop(
    'ring-too-wide',
    `The hoop, ${write(outside.width)} by ${write(outside.height)}, doesn’t go inside. Use a smaller hoop, open a seam, or float it.`,
  )

function thicknessReasons(hoop: HoopChoiceSource, thickness?: number): Advice[] {
  if (thickness === undefined || hoop.maxThicknessMm === undefined || thickness <= hoop.maxThicknessMm) return []
  return [stop('too-thick', `This hoop closes over ${hoop.maxThicknessMm} mm; this cloth is ${thickness} mm.`)]
}

function edgeReasons(beyond: number, tube: boolean, write: (mm: number) => string): Advice[] {
  if (beyond >= BEYOND_RING - 1e-6) return []
  if (beyond < 0) {
    const over = write(Math.ceil(-beyond))
    const edge = tube ? 'an open end or past the side' : 'the cloth’s edge'
    return [stop('cloth-too-small', `The hoop hangs ${over} over ${edge}: float it here.`)]
  }
  const text = `Only ${write(beyond)} of cloth beyond the hoop, ${write(BEYOND_RING)} needed. Float it here, or baste a strip on.`
  return [caution('cloth-too-small', text)]
}

function underReasons({ under }: RingOnItem): Advice[] {
  const met = new Map(under.map((zone) => [`${zone.ring}:${writeName(zone.name)}`, zone]))
  return [...met.values()].map(({ ring, name }) => {
    if (ring === 'opening')
      return stop(
        'ring-on-opening',
        `The ${writeName(name)} would lie inside the hoop, so the cloth hangs slack. Float it here.`,
      )
    if (ring === 'refused') return stop('ring-on-zone', `The hoop would lie on the ${writeName(name)}.`)
    if (ring === 'woven-in')
      return caution(
        'ring-on-border',
        `The hoop’s edge lies across the ${writeName(name)}, which holds unevenly. Close it gently there, or move the design.`,
      )
    return caution(
      'ring-near-zone',
      `The hoop lies on the ${writeName(name)}: fold it clear before you close the hoop.`,
    )
  })
}
