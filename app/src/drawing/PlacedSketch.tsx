import type { SketchBlock } from '@thimble/core/design'
import type { Pose } from '@thimble/core/plane'
import { G } from 'react-native-svg'
import { DesignSketch } from './DesignSketch'
import { toX, toY, type View } from './scale'

/** A design's few lines with its colours; null when only its size is known. */
export type Sketch = { blocks: readonly SketchBlock[]; colours: readonly string[] } | null

/** A design drawn where it lies. */
export function PlacedSketch({ view, pose, sketch }: { view: View; pose: Pose; sketch: Sketch }) {
  if (!sketch?.blocks.length) return null
  return (
    <G transform={`translate(${toX(view, pose.x)} ${toY(view, pose.y)}) rotate(${pose.rotation}) scale(${view.k})`}>
      <DesignSketch sketch={sketch.blocks} colours={sketch.colours} k={view.k} />
    </G>
  )
}
