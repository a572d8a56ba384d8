import { type Box, boxOf, type Point } from '@thimble/core/plane'
import { memo } from 'react'
import { G, Path, Rect } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { fitAll, toPath, toX, toY, type View } from './scale'

const [WIDE, HIGH, EDGE] = [76, 76, 6]
/** Where the picture shows less than this of the item, its place on the whole is shown as well. */
const SHOWN = 0.45

type Props = {
  view: View
  outline: readonly Point[]
  /** Of the designs. */
  outlines: readonly (readonly Point[])[]
  /** What may not be hidden. */
  mind: readonly Point[]
  colour: string
}

/** The whole item, small, in a free corner of the picture, with what of it the picture shows. */
export const WholeInset = memo(function WholeInset({ view, outline, outlines, mind, colour }: Props) {
  const p = usePalette()
  const box = boxOf(outline)
  const shown = {
    left: view.left,
    top: view.top,
    right: view.left + view.width / view.k,
    bottom: view.top + view.height / view.k,
  }
  if (shareSeen(box, shown) > SHOWN) return null
  const whole = fitAll(box, WIDE, HIGH, 5)
  const corner = freeCorner(view, mind)
  const [x, y] = [toX(whole, shown.left), toY(whole, shown.top)]
  return (
    <G x={corner.x} y={corner.y}>
      <Rect width={WIDE} height={HIGH} rx={3} fill={p.paper} stroke={p.edge} strokeWidth={1} />
      <Path d={toPath(whole, outline)} fill={colour} stroke={p.ink} strokeWidth={0.8} />
      {outlines.map((design, i) => (
        <Path key={i} d={toPath(whole, design)} fill={p.weld} stroke={p.ink} strokeWidth={0.6} />
      ))}
      <Rect
        x={Math.max(1, x)}
        y={Math.max(1, y)}
        width={Math.min(WIDE - 1, toX(whole, shown.right)) - Math.max(1, x)}
        height={Math.min(HIGH - 1, toY(whole, shown.bottom)) - Math.max(1, y)}
        fill="none"
        stroke={p.madder}
        strokeWidth={1.6}
      />
    </G>
  )
})

function shareSeen(box: Box, shown: Box): number {
  const across = Math.min(box.right, shown.right) - Math.max(box.left, shown.left)
  const down = Math.min(box.bottom, shown.bottom) - Math.max(box.top, shown.top)
  return (across * down) / ((box.right - box.left) * (box.bottom - box.top))
}

/** The corner farthest from all that may not be hidden. */
function freeCorner(view: View, mind: readonly Point[]): Point {
  const far = { x: view.width - WIDE - EDGE, y: view.height - HIGH - EDGE }
  const corners = [
    { x: far.x, y: far.y },
    { x: EDGE, y: far.y },
    { x: far.x, y: EDGE },
    { x: EDGE, y: EDGE },
  ]
  const room = (corner: Point): number =>
    Math.min(
      ...mind.map((at) => Math.hypot(toX(view, at.x) - corner.x - WIDE / 2, toY(view, at.y) - corner.y - HIGH / 2)),
    )
  return corners.reduce((best, corner) => (room(corner) > room(best) + 1 ? corner : best))
}
