import { message } from '../../messages/message'
import { CoreError } from '../../errors'
import type { Design } from '../design'

/**
 * The design with its blocks stitched in another order, as planned by `planColourOrder`.
 *
 * @throws CoreError('bad-request') when the order does not hold every block once
 */
export function reorderDesign(design: Design, order: readonly number[]): Design {
  const whole = [...order].sort((a, b) => a - b).every((block, i) => block === i)
  if (!whole || order.length !== design.blocks.length)
    throw new CoreError('bad-request', message('problem.an-order-names-every-block'), 'order')
  return { ...design, blocks: order.map((i) => design.blocks[i]!) }
}
