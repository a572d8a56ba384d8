import { boxOf } from '../../plane/box'
import { type Point, rotatePoint } from '../../plane/point'
import type { SketchBlock } from '../sketchDesign'
import type { DesignChange } from './designChange'

/** What is known of a design without its stitches: hull and sketch in the design frame, millimetres; load a cm2. */
export type DesignOutline = {
  width: number
  height: number
  hull: Point[]
  sketch: SketchBlock[] | null
  load: number | null
  smallestLetterMm: number | null
}

/**
 * A design's outline mirrored, then turned, then scaled about its middle: a piece's own copy of what lies on the shelf.
 * Stitches that keep their number lie closer by the square of the scale (`artwork` is worked out again and keeps its load).
 *
 * @param change rotate in degrees, clockwise as seen; scale 1 is as it is
 * @example a 60 x 20 rectangle of 50 a cm2, scaled 1.1 and turned 90: 22 x 66, 41.3 a cm2
 */
export function changeOutline(design: DesignOutline, change: DesignChange, artwork: boolean): DesignOutline {
  const { scale, rotate, mirror } = change
  const [sx, sy] = [mirror === 'left-right' ? -scale : scale, mirror === 'top-bottom' ? -scale : scale]
  const move = (p: Point): Point => rotatePoint({ x: p.x * sx, y: p.y * sy }, rotate)
  const hull = design.hull.map(move)
  const box = boxOf(hull)
  const middle = { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
  const centred = (p: Point): Point => ({ x: p.x - middle.x, y: p.y - middle.y })
  const moveFlat = (flat: readonly number[]): number[] => {
    const moved: number[] = []
    for (let i = 0; i + 1 < flat.length; i += 2) {
      const { x, y } = centred(move({ x: flat[i]!, y: flat[i + 1]! }))
      moved.push(x, y)
    }
    return moved
  }
  return {
    width: box.right - box.left,
    height: box.bottom - box.top,
    hull: hull.map(centred),
    sketch:
      design.sketch?.map(({ areas, lines }) => ({ areas: areas.map(moveFlat), lines: lines.map(moveFlat) })) ?? null,
    load: design.load === null || artwork ? design.load : design.load / (scale * scale),
    smallestLetterMm: design.smallestLetterMm === null ? null : design.smallestLetterMm * scale,
  }
}
