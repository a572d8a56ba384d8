import { type Box, boxCorners } from '../../plane/box'
import type { NoSewZone } from '../itemKind'

/** Strips of one depth along the four edges of a flat piece: hems, seam allowances. None for a depth of 0. */
export function hemZones(box: Box, depth: number, name = 'hem'): NoSewZone[] {
  if (depth <= 0) return []
  const strip = (id: string, part: Partial<Box>): NoSewZone => ({
    id,
    name: `${id} ${name}`,
    outline: boxCorners({ ...box, ...part }),
    clear: 5,
    ring: 'free',
  })
  return [
    strip('upper', { bottom: box.top + depth }),
    strip('lower', { top: box.bottom - depth }),
    strip('left', { right: box.left + depth }),
    strip('right', { left: box.right - depth }),
  ]
}
