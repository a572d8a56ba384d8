import type { SewBlock, SewProgram } from './sewProgram'

/** The block a stitch belongs to: that of the next stitch, at a border the one that begins; the last one at the end. */
export function blockAt({ blocks }: Pick<SewProgram, 'blocks'>, stitch: number): number {
  const at = blocks.findIndex(({ to }) => stitch < to)
  return at < 0 ? blocks.length - 1 : at
}

const share = ({ from, to }: SewBlock, stitch: number): number =>
  to === from ? 1 : Math.min(1, Math.max(0, (stitch - from) / (to - from)))

const upTo = (program: Pick<SewProgram, 'blocks'>, stitch: number, of: (block: SewBlock) => number): number =>
  program.blocks.reduce((sum, block) => sum + of(block) * (stitch <= block.from ? 0 : share(block, stitch)), 0)

/** The needle's time in seconds from the first stitch to this one. @example half of a block of 60 s: 30 */
export const secondsAt = (program: Pick<SewProgram, 'blocks'>, stitch: number): number =>
  upTo(program, stitch, ({ seconds }) => seconds)

/** Metres of bobbin thread used from the first stitch to this one. */
export const bobbinAt = (program: Pick<SewProgram, 'blocks'>, stitch: number): number =>
  upTo(program, stitch, ({ bobbinMetres }) => bobbinMetres)

/**
 * How far the needle comes in some seconds from a stitch on; it does not pass a halt, nor the end.
 *
 * @param ready the block that may be sewn: halts before it are done with
 * @example stitchAfter(program, 0, 30) // 425, of a block of 850 stitches in 60 s
 */
export function stitchAfter(
  { blocks }: Pick<SewProgram, 'blocks'>,
  stitch: number,
  seconds: number,
  ready = 0,
): number {
  let [at, left] = [stitch, seconds]
  for (const [i, block] of blocks.entries()) {
    if (block.to <= at || block.to === block.from) continue
    const begun = Math.max(at, block.from)
    const rate = (block.to - block.from) / block.seconds
    const need = (block.to - begun) / rate
    if (left < need) return begun + left * rate
    at = block.to
    left -= need
    if (block.halt && i >= ready) return at
  }
  return at
}
