import type { TapeLine } from '@thimble/core/placement'
import type { Point } from '@thimble/core/plane'
import { toX, toY, type View } from './scale'

/** A label's room in pixels, by its middle. */
export type LabelPlace = { x: number; y: number; width: number }

const HEIGHT = 18
const LETTER = 7
/** Pixels kept clear round a mark, and of the picture's edge. */
const OFF_MARK = 8
const OFF_EDGE = 2
/** Where along its tape a label is tried, the middle first. */
const ALONG = [0.5, 0.3, 0.7, 0.15, 0.85, 0, 1]
/** How far off it, in its own breadths: near first. */
const OFF = [1, 2, 3.2, 4.6]

const labelWidth = (text: string): number => text.length * LETTER + 10

/**
 * Where the labels of tapes go: beside their tape's middle where that is free, else along it or on its other side, so
 * that none lies over a mark or another label, nor out of the picture.
 */
export function labelPlaces(view: View, tapes: readonly (TapeLine & { text: string })[], marks: readonly Point[]) {
  const spots = marks.map((at) => ({ x: toX(view, at.x), y: toY(view, at.y) }))
  const taken: LabelPlace[] = []
  return tapes.map(({ from, to, text }): LabelPlace => {
    const width = labelWidth(text)
    const tried = placesBeside(view, from, to, width).map((at) => inside(view, at, width))
    const over = (at: LabelPlace): number =>
      spots.filter((spot) => covers(at, spot)).length + taken.filter((one) => meets(at, one)).length
    const place = tried.find((at) => over(at) === 0) ?? tried.reduce((best, at) => (over(at) < over(best) ? at : best))
    if (text) taken.push(place)
    return place
  })
}

function placesBeside(view: View, from: Point, to: Point, width: number): Point[] {
  const [a, b] = [
    { x: toX(view, from.x), y: toY(view, from.y) },
    { x: toX(view, to.x), y: toY(view, to.y) },
  ]
  const upright = Math.abs(b.y - a.y) > Math.abs(b.x - a.x)
  const beside = upright ? { x: width / 2 + 8, y: 0 } : { x: 0, y: 13 }
  return OFF.flatMap((off) =>
    [off, -off].flatMap((side) =>
      ALONG.map((t) => ({ x: a.x + (b.x - a.x) * t + side * beside.x, y: a.y + (b.y - a.y) * t + side * beside.y })),
    ),
  )
}

function inside(view: View, { x, y }: Point, width: number): LabelPlace {
  const within = (at: number, half: number, end: number): number =>
    Math.min(end - half - OFF_EDGE, Math.max(half + OFF_EDGE, at))
  return { x: within(x, width / 2, view.width), y: within(y, HEIGHT / 2, view.height), width }
}

const covers = ({ x, y, width }: LabelPlace, spot: Point): boolean =>
  Math.abs(spot.x - x) < width / 2 + OFF_MARK && Math.abs(spot.y - y) < HEIGHT / 2 + OFF_MARK

const meets = (a: LabelPlace, b: LabelPlace): boolean =>
  Math.abs(a.x - b.x) < (a.width + b.width) / 2 && Math.abs(a.y - b.y) < HEIGHT
