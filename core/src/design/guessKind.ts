import type { WorkKind } from '../recipe/recipeQuery'
import type { Design } from './design'
import type { DesignStats } from './designStats'
import { reckoned } from './estimate'

const SATIN_FROM_MM = 1
const MOSTLY = 0.6

/**
 * What kind of work a drawing looks like, as a first guess for its owner to put right: artwork by what most of its
 * stitches go into, a stitch list by its load; where a patch is tacked down, applique.
 */
export function guessKind(design: Design, { loadClass }: Pick<DesignStats, 'loadClass'>): WorkKind {
  if (design.blocks.some(({ role }) => role === 'tack')) return 'applique'
  if (design.source !== 'artwork') return loadClass === 'outline' || loadClass === 'light' ? 'line' : 'fill'
  const share = { fill: 0, satin: 0, line: 0 }
  for (const { fills = [], lines = [] } of design.blocks) {
    if (fills.length > 0) share.fill += reckoned({ fills }).stitches
    for (const line of lines)
      share[line.width < SATIN_FROM_MM ? 'line' : 'satin'] += reckoned({ lines: [line] }).stitches
  }
  const all = share.fill + share.satin + share.line
  if (share.line > MOSTLY * all || (share.fill === 0 && share.line > share.satin)) return 'line'
  return share.satin > MOSTLY * all ? 'satin' : 'fill'
}
