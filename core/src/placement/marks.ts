import { applyPose, type Point, type Pose } from '../plane/point'
import type { StepDraft } from './itemKind'

/** A mark on the cloth in the item frame: the cross at the centre, dots on the axes, the arrow to the item's top. */
export type Mark = { id: string; kind: 'cross' | 'dots' | 'arrow'; at: Point }

/** Dots and arrow stand this far outside the design, so that they are not sewn over. */
const OUTSIDE = 10

type Size = { width: number; height: number }

export function marksFor({ width, height }: Size, pose: Pose): Mark[] {
  const [x, y] = [width / 2 + OUTSIDE, height / 2 + OUTSIDE]
  const local: Mark[] = [
    { id: 'cross', kind: 'cross', at: { x: 0, y: 0 } },
    { id: 'dot-left', kind: 'dots', at: { x: -x, y: 0 } },
    { id: 'dot-right', kind: 'dots', at: { x, y: 0 } },
    { id: 'dot-up', kind: 'dots', at: { x: 0, y: -y } },
    { id: 'dot-down', kind: 'dots', at: { x: 0, y } },
    { id: 'arrow', kind: 'arrow', at: { x: 0, y: -y - OUTSIDE } },
  ]
  return local.map((mark) => ({ ...mark, at: applyPose(pose, mark.at) }))
}

/** The last steps of every placement: dots on both axes and the arrow. */
export function markSteps({ width, height }: Size, upIs: string, write: (mm: number) => string): StepDraft[] {
  const [x, y] = [width / 2 + OUTSIDE, height / 2 + OUTSIDE]
  return [
    {
      id: 'dots',
      text: `Dots ${write(x)} left and right of the cross, ${write(y)} above and below it.`,
      lengths: [x, y],
      marks: ['dots'],
    },
    { id: 'arrow', text: `Arrow beyond the upper dot, toward ${upIs}.`, lengths: [], marks: ['arrow'] },
  ]
}
