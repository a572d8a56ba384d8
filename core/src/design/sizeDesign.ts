import { message } from '../messages/message'
import { CoreError } from '../errors'
import { rectangle } from '../plane/box'
import type { Design } from './design'

/**
 * A design known by what its owner says of it: size, stitches, colours. Each colour is taken to have an equal share of
 * the stitches, and that is an estimate.
 *
 * @throws CoreError('bad-design')
 * @example sizeDesign({ width: 84, height: 62, stitches: 3000, colours: ['#ffffff', '#8fb3d1'] }).blocks[0].stitchCount // 1500
 */
export function sizeDesign(q: { width: number; height: number; stitches: number; colours: readonly string[] }): Design {
  const { width, height, stitches, colours } = q
  if (!(width > 0 && height > 0 && stitches > 0 && Number.isFinite(width + height + stitches)) || colours.length === 0)
    throw new CoreError('bad-design', message('problem.a-design-needs-a-size'), 'design')
  const share = Math.floor(stitches / colours.length)
  const blocks = colours.map((colour, i) => ({
    colour,
    stitchCount: i === 0 ? stitches - share * (colours.length - 1) : share,
    estimated: true,
    jumps: 0,
    trims: 0,
  }))
  return { source: 'size', width, height, hull: rectangle(width, height), blocks, warnings: [] }
}
