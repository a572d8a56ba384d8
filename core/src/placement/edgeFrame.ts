import type { Box } from '../plane/box'
import type { Pose } from '../plane/point'
import type { RowSpot } from './placementRule'

/** The frame of one straight edge: origin at its middle, x along it, y out over it: where a design's foot points. */
export function edgeFrame(box: Box, side: RowSpot['side']): Pose {
  const [x, y] = [(box.left + box.right) / 2, (box.top + box.bottom) / 2]
  if (side === 'lower') return { x, y: box.bottom, rotation: 0 }
  if (side === 'upper') return { x, y: box.top, rotation: 180 }
  if (side === 'left') return { x: box.left, y, rotation: 90 }
  return { x: box.right, y, rotation: -90 }
}

export const cornerIds = ['lower-right', 'lower-left', 'upper-left', 'upper-right'] as const
export type CornerId = (typeof cornerIds)[number]

/** The frame of one corner: origin at its point, turned a quarter for each corner on from the lower right. */
export function cornerFrame(box: Box, corner: CornerId): Pose {
  const x = corner.endsWith('right') ? box.right : box.left
  const y = corner.startsWith('lower') ? box.bottom : box.top
  return { x, y, rotation: [0, 90, 180, -90][cornerIds.indexOf(corner)]! }
}
