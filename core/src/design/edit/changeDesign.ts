import { message } from '../../messages/message'
import type { Advice } from '../../advice'
import { CoreError } from '../../errors'
import { rectangle } from '../../plane/box'
import { rotatePoint } from '../../plane/point'
import { centredDesign, mapBlock } from '../centred'
import type { Design, DesignBlock } from '../design'
import { reckoned } from '../estimate'
import { type DesignChange, scaleAdvice } from './designChange'

/**
 * The design mirrored, then turned, then scaled about its middle. The stitches of a list keep their number, so its load
 * changes by the square of the scale: a caution beyond 10 %, refused beyond 20 % (craft.md section 8, issue step 3).
 * Artwork is worked out again at its new size.
 *
 * @param change rotate in degrees, clockwise as seen; scale 1 is as it is
 * @throws CoreError('too-much-scale', path 'scale'), CoreError('bad-request')
 * @example changeDesign(design, { scale: 1, rotate: 90, mirror: 'none' }) // height and width change places
 */
export function changeDesign(design: Design, { scale, rotate, mirror }: DesignChange): Design {
  if (![scale, rotate].every(Number.isFinite) || scale <= 0)
    throw new CoreError('bad-request', message('problem.the-scale-must-be-above'), 'scale')
  const warnings = [...design.warnings, ...scaleAdvice(design, scale)]
  if (design.source === 'size') return sized(design, scale, rotate, warnings)
  const [sx, sy] = [mirror === 'left-right' ? -scale : scale, mirror === 'top-bottom' ? -scale : scale]
  const blocks = design.blocks.map((block) =>
    reckonedAgain(mapBlock(block, (p) => rotatePoint({ x: p.x * sx, y: p.y * sy }, rotate), scale)),
  )
  const changed = centredDesign({ source: design.source, blocks, warnings }, false)
  if (!design.pageBox) return changed
  const middle = { x: design.pageBox.x + design.width / 2, y: design.pageBox.y + design.height / 2 }
  return { ...changed, pageBox: { x: middle.x - changed.width / 2, y: middle.y - changed.height / 2 } }
}

const reckonedAgain = (block: DesignBlock): DesignBlock =>
  block.stitches ? block : { ...block, stitchCount: reckoned(block).stitches }

/** A design known by size alone has only its box to turn, and in steps that leave it a box. */
function sized(design: Design, scale: number, rotate: number, warnings: Advice[]): Design {
  const turns = (((rotate / 90) % 2) + 2) % 2
  if (turns !== 0 && turns !== 1)
    throw new CoreError('bad-request', message('problem.a-design-you-only-know-3'), 'rotate')
  const [w, h] = turns === 1 ? [design.height, design.width] : [design.width, design.height]
  const [width, height] = [w * scale, h * scale]
  return { ...design, width, height, hull: rectangle(width, height), warnings }
}
