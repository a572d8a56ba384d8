import type { Kind, Lie, Roll } from './cutQuery'
import { type OnRoll, SLACK, type Strip } from './strip'

/** Which strip is cut next: the one that holds the highest piece left, or the one that is filled best. */
type Way = { next: 'highest' | 'fullest'; lying: boolean }
export const ways: readonly Way[] = [
  { next: 'highest', lying: true },
  { next: 'highest', lying: false },
  { next: 'fullest', lying: true },
  { next: 'fullest', lying: false },
]

/** Fills rolls in their order with strip after strip, each as full as it can be. Good, and not proven. */
export function fillStrips(
  kinds: readonly Kind[],
  rolls: readonly Roll[],
  order: readonly number[],
  way: Way,
): OnRoll[] {
  const left = kinds.map(({ count }) => count)
  return order.flatMap((r) => {
    const roll = rolls[r]!
    const strips: Strip[] = []
    let length = 0
    for (let strip = nextStrip(); strip; strip = nextStrip()) {
      for (const { kind } of strip.laid) left[kind]!--
      length += strip.height
      strips.push(strip)
    }
    return strips.length > 0 ? [{ roll: r, strips, length }] : []

    function nextStrip(): Strip | null {
      const room = roll.length - length
      const lies = kinds.flatMap((kind, k) =>
        left[k]! > 0 ? usable(kind, roll.width, room, way.lying).map((lie) => ({ kind: k, lie })) : [],
      )
      if (lies.length === 0) return null
      const heights = [...new Set(lies.map(({ lie }) => lie.height))].sort((a, b) => b - a)
      if (way.next === 'highest') return filled(heights[0]!, lies)
      const all = heights.map((height) => filled(height, lies))
      return all.reduce((best, strip) => (fullness(strip) > fullness(best) + SLACK ? strip : best))
    }

    /** A strip of a height, with a piece that is as high as it, and beside it the most cloth that fits. */
    function filled(height: number, lies: readonly Laid[]): Strip {
      const lead = lies.find(({ lie }) => Math.abs(lie.height - height) < SLACK)!
      const beside = lies.filter(({ lie }) => lie.height <= height + SLACK)
      const counts = left.map((count, k) => (k === lead.kind ? count - 1 : count))
      return { height, laid: [lead, ...fullest(beside, counts, roll.width - lead.lie.width)] }
    }
  })
}

type Laid = { kind: number; lie: Lie }

/** The ways a piece can lie on what is left of a roll; lying down where it is to and can. */
function usable({ lies }: Kind, width: number, room: number, lying: boolean): Lie[] {
  const fits = lies.filter((lie) => lie.width <= width + SLACK && lie.height <= room + SLACK)
  if (!lying || fits.length < 2) return fits
  return [fits.reduce((low, lie) => (lie.height < low.height ? lie : low))]
}

const fullness = ({ height, laid }: Strip): number =>
  laid.reduce((sum, { lie }) => sum + lie.width * lie.height, 0) / height

/** Widths are counted in tenths of a millimetre, rounded up. */
const FINE = 10

/** Pieces side by side in a width with the most area: a knapsack, each kind in lots of 1, 2, 4 … */
function fullest(lies: readonly Laid[], counts: readonly number[], width: number): Laid[] {
  const room = Math.floor(width * FINE + SLACK)
  const area = new Float64Array(room + 1)
  const lots = lies.flatMap((laid) => {
    const wide = Math.ceil(laid.lie.width * FINE - SLACK)
    return inLots(Math.min(counts[laid.kind]!, Math.floor(room / wide))).map((n) => ({ laid, n, wide: wide * n }))
  })
  const took = lots.map(({ laid, n, wide }) => {
    const taken = new Uint8Array(room + 1)
    const gain = laid.lie.width * laid.lie.height * n
    for (let at = room; at >= wide; at--) {
      if (area[at - wide]! + gain <= area[at]! + SLACK) continue
      area[at] = area[at - wide]! + gain
      taken[at] = 1
    }
    return taken
  })
  const chosen: Laid[] = []
  const rest = [...counts]
  for (let i = lots.length - 1, at = room; i >= 0; i--) {
    const { laid, n, wide } = lots[i]!
    if (!took[i]![at]) continue
    at -= wide
    // A piece that may lie either way is there once.
    const free = Math.min(n, rest[laid.kind]!)
    rest[laid.kind]! -= free
    for (let k = 0; k < free; k++) chosen.push(laid)
  }
  return chosen
}

function inLots(count: number): number[] {
  const lots: number[] = []
  for (let left = count, lot = 1; left > 0; lot *= 2) {
    lots.push(Math.min(lot, left))
    left -= lot
  }
  return lots
}
