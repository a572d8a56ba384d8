import { CoreError } from '../errors'
import { stitchTime } from '../thread/stitchTime'
import { appliqueHalts, type Halt } from './halts'

/** One block as it is to be sewn; metres of both threads, lengths known or worked out. */
export type ToSew = {
  colour: string
  stitches: number
  trims: number
  topMetres: number
  bobbinMetres: number
}

/**
 * One block of what is sewn in one hooping: `block` its place in the design, `copy` which of the copies. It ends with
 * stitch `to` and begins after stitch `from`; `halt`: what the machine then stands still for.
 */
export type SewBlock = ToSew & {
  block: number
  copy: number
  from: number
  to: number
  seconds: number
  halt: Halt | null
}

/** What is sewn in one hooping, in order. `seconds`: the needle's own time, without changes of thread. */
export type SewProgram = { blocks: SewBlock[]; stitches: number; seconds: number }

type SewProgramInput = {
  blocks: readonly ToSew[]
  /** Which copies are sewn in this hooping; one that is a part of the design has one. */
  copies: number
  speedSpm: number
  applique?: boolean
}

/**
 * What a machine sews in one hooping: copy by copy, block by block, with how long each takes and where it halts.
 *
 * Source: core.md section 9 (times), craft.md section 8.
 *
 * @throws CoreError('bad-time') for a speed of nothing, CoreError('bad-request') for no copies
 * @example sewProgram({ blocks: [two of 850 stitches in red and blue], copies: 1, speedSpm: 1000 })
 * // from 0 to 850 in 60 s, then 'colour'; to 1700
 */
export function sewProgram({ blocks, copies, speedSpm, applique = false }: SewProgramInput): SewProgram {
  if (!(Number.isInteger(copies) && copies >= 1))
    throw new CoreError('bad-request', 'At least one copy is sewn in a hooping.', 'copies')
  const own = applique ? appliqueHalts(blocks.map(({ stitches }) => stitches)) : blocks.map(() => null)
  const laid = Array.from({ length: copies }, (_, copy) => blocks.map((one, block) => ({ ...one, block, copy }))).flat()
  let at = 0
  const sewn = laid.map((one, i): SewBlock => {
    const [from, next] = [at, laid[i + 1]]
    at += one.stitches
    const { stitches, trims } = one
    const { parts } = stitchTime({ stitches, trims, changes: 0, speedSpm, changeSeconds: 0, hoopingMinutes: 0 })
    const changes = next !== undefined && next.colour !== one.colour
    const halt = own[one.block] ?? (changes ? 'colour' : null)
    return { ...one, from, to: at, seconds: parts.stitching + parts.trims, halt: next ? halt : null }
  })
  return { blocks: sewn, stitches: at, seconds: sewn.reduce((sum, { seconds }) => sum + seconds, 0) }
}
