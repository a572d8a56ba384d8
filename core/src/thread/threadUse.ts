import { message } from '../messages/message'
import type { BlockStats, DesignStats } from '../design/designStats'
import { changesIn } from '../design/changesIn'
import { CoreError } from '../errors'

export type ThreadUse = {
  topMetres: number
  bobbinMetres: number
  byColour: { colour: string; topMetres: number }[]
  /** One a block, in stitch order. */
  byBlock: { colour: string; topMetres: number; bobbinMetres: number }[]
}

const PER_TRIM_M = 0.1
const PER_CHANGE_M = 0.3
const TOP_PER_1000_M = 5.2
const BOBBIN_PER_1000_M = 3.0

type Metres = { top: number; bobbin: number }

/** From a count alone, for blocks without any length: craft.md section 7. */
const byCount = ({ stitches }: BlockStats): Metres => ({
  top: (stitches / 1000) * TOP_PER_1000_M,
  bobbin: (stitches / 1000) * BOBBIN_PER_1000_M,
})

function byStitches({ stitches, lengthMm, trims }: BlockStats, stack: number, changed: boolean): Metres {
  return {
    top: (lengthMm * 1.05 + stitches * 1.4 * stack) / 1000 + trims * PER_TRIM_M + (changed ? PER_CHANGE_M : 0),
    bobbin: (0.55 * lengthMm + stitches * 0.6 * stack) / 1000,
  }
}

/**
 * Metres of top thread and bobbin. From real stitches by their lengths and the stack's thickness, with 0.1 m a trim and
 * 0.3 m a colour change on the top thread, borne by the colour threaded; worked out ones
 * alike; blocks known by their count alone by 5.2 and 3.0 m per 1000 stitches. `shopFactor`, learned from weighed spools, multiplies all.
 *
 * Source: core.md section 9.
 *
 * @param q.stackThickness millimetres of cloth, backing and topping under the foot
 * @throws CoreError('bad-thickness') or CoreError('bad-factor')
 * @example threadUse({ design, stackThickness: 1 }) // 1000 stitches of 3 mm: top 4.55 m, bobbin 2.25 m
 */
export function threadUse(q: {
  design: Pick<DesignStats, 'blocks'>
  stackThickness: number
  shopFactor?: number
}): ThreadUse {
  const { design, stackThickness, shopFactor = 1 } = q
  if (!(stackThickness >= 0 && Number.isFinite(stackThickness)))
    throw new CoreError('bad-thickness', message('problem.the-layers-thickness-cant-be'), 'stackThickness')
  if (!(shopFactor > 0 && Number.isFinite(shopFactor)))
    throw new CoreError('bad-factor', message('problem.the-shops-own-factor-is'), 'shopFactor')
  const byBlock = design.blocks.map((block, i) => {
    const changed = i > 0 && changesIn([design.blocks[i - 1]!.colour, block.colour]) > 0
    const metres = block.lengthMm <= 0 ? byCount(block) : byStitches(block, stackThickness, changed)
    return { colour: block.colour, topMetres: metres.top * shopFactor, bobbinMetres: metres.bobbin * shopFactor }
  })
  const colours = new Map<string, number>()
  for (const { colour, topMetres } of byBlock) colours.set(colour, (colours.get(colour) ?? 0) + topMetres)
  return {
    topMetres: byBlock.reduce((sum, b) => sum + b.topMetres, 0),
    bobbinMetres: byBlock.reduce((sum, b) => sum + b.bobbinMetres, 0),
    byColour: [...colours].map(([colour, topMetres]) => ({ colour, topMetres })),
    byBlock,
  }
}
