import { applyPose, boxOf, type Point, type Pose } from '@thimble/core/plane'
import { G, Path } from 'react-native-svg'
import { toPath, type View } from './scale'

type Props = { view: View; pose: Pose; hull: readonly Point[]; colour: string; solid?: boolean }

/** Which way a design's top lies: a line through it from foot to top, with one filled arrowhead. */
export function UpArrow({ view, pose, hull, colour, solid }: Props) {
  const { top, bottom } = boxOf(hull)
  const at = (x: number, y: number): Point => applyPose(pose, { x, y })
  const head = 9 / view.k
  return (
    <G>
      <Path
        d={toPath(view, [at(0, bottom), at(0, top)], false)}
        stroke={colour}
        strokeWidth={1.4}
        strokeDasharray={solid ? undefined : '4 3'}
      />
      <Path
        d={toPath(view, [at(0, top - head * 0.4), at(-head * 0.55, top + head), at(head * 0.55, top + head)])}
        fill={colour}
      />
    </G>
  )
}
