import type { Mark } from '@thimble/core/placement'
import { applyPose, type Point, type Pose } from '@thimble/core/plane'
import { G, Path } from 'react-native-svg'
import { toPath, toX, toY, type View } from './scale'

/** Under this many pixels from cross to arrow only the cross, its arrowhead and its foot are drawn. */
const COMPACT = 20

type Props = { view: View; pose: Pose; marks: readonly Mark[]; colour: string }

/** The chalk marks: our cross with one filled arrowhead toward the item's top and a short bar at its foot, and dots. */
export function MarkSymbols({ view, pose, marks, colour }: Props) {
  const dots = marks.filter((m) => m.kind === 'dots')
  const byId = (id: string): Point => marks.find((m) => m.id === id)!.at
  const px = (x: number, y: number): Point => applyPose(pose, { x: x / view.k, y: y / view.k })
  const arrow = marks.find((m) => m.kind === 'arrow')!.at
  const far = Math.hypot(arrow.x - pose.x, arrow.y - pose.y) * view.k
  if (far < COMPACT) return <SmallMark at={px} view={view} colour={colour} />
  const foot = Math.hypot(byId('dot-down').x - pose.x, byId('dot-down').y - pose.y) * view.k + 7
  const strokes = (...lines: [Point, Point][]): string => lines.map((l) => toPath(view, l, false)).join('')
  return (
    <G>
      <Path
        d={strokes([byId('dot-left'), byId('dot-right')], [px(0, -far + 8), px(0, foot)])}
        stroke={colour}
        strokeWidth={1.6}
        strokeDasharray="5 3"
      />
      <Path
        d={strokes([px(-8, foot), px(8, foot)], [px(-8, 0), px(8, 0)], [px(0, -8), px(0, 8)])}
        stroke={colour}
        strokeWidth={2.7}
      />
      <Path
        d={
          toPath(view, [px(0, -far - 4), px(-6, -far + 8), px(6, -far + 8)]) + dots.map((m) => dot(view, m.at)).join('')
        }
        fill={colour}
      />
    </G>
  )
}

const DOT = 2.6
const dot = (view: View, at: Point): string =>
  `M${toX(view, at.x) - DOT} ${toY(view, at.y)}a${DOT} ${DOT} 0 1 0 ${2 * DOT} 0a${DOT} ${DOT} 0 1 0 ${-2 * DOT} 0Z`

function SmallMark({ at, view, colour }: { at: (x: number, y: number) => Point; view: View; colour: string }) {
  return (
    <G>
      <Path
        d={`${toPath(view, [at(-5, 0), at(5, 0)], false)}${toPath(view, [at(0, -5), at(0, 5)], false)}`}
        stroke={colour}
        strokeWidth={1.6}
      />
      <Path d={toPath(view, [at(0, -12), at(-3.5, -6), at(3.5, -6)])} fill={colour} />
      <Path d={toPath(view, [at(-4, 8), at(4, 8)], false)} stroke={colour} strokeWidth={1.8} />
    </G>
  )
}
