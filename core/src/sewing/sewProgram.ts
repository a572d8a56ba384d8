import { message } from '../messages/message'
import { CoreError } from '../errors'
import { stitchTime } from '../thread/stitchTime'
import { type ClothHalt, clothBefore } from '../design/clothHalts'
import type { OfPatch } from '../design/patchRoles'
import type { Halt } from './halts'

/** One block as it is to be sewn; metres of both threads, lengths known or worked out. */
export type ToSew = OfPatch & {
  colour: string
  stitches: number
  trims: number
  topMetres: number
  bobbinMetres: number
}

/**
 * One block of what is sewn in one hooping: `block` its place in the design, `copy` which of the copies. It ends with stitch
 * `to` and begins after stitch `from`. `halt`: what the machine then stops for; `cloth`: the patches it stops for.
 */
export type SewBlock = ToSew & {
  block: number
  copy: number
  from: number
  to: number
  seconds: number
  halt: Halt | null
  cloth: ClothHalt | null
}

/**
 * What is sewn in one hooping, in order. `seconds`: the needle's own time, without changes of thread. `first`: cloth that is
 * laid before the start, as no line marks its place.
 */
export type SewProgram = { blocks: SewBlock[]; stitches: number; seconds: number; first: ClothHalt | null }

type SewProgramInput = {
  blocks: readonly ToSew[]
  /** Which copies are sewn in this hooping; one that is a part of the design has one. */
  copies: number
  speedSpm: number
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
export function sewProgram({ blocks, copies, speedSpm }: SewProgramInput): SewProgram {
  if (!(Number.isInteger(copies) && copies >= 1))
    throw new CoreError('bad-request', message('problem.a-hooping-needs-at-least'), 'copies')
  const before = clothBefore(blocks)
  const laid = Array.from({ length: copies }, (_, copy) => blocks.map((one, block) => ({ ...one, block, copy }))).flat()
  let at = 0
  const sewn = laid.map((one, i): SewBlock => {
    const [from, next] = [at, laid[i + 1]]
    at += one.stitches
    const { stitches, trims } = one
    const { parts } = stitchTime({ stitches, trims, changes: 0, speedSpm, changeSeconds: 0, hoopingMinutes: 0 })
    const cloth = next ? before[next.block]! : null
    const halt = cloth ? (cloth.lay.length > 0 ? 'lay' : 'trim') : next && next.colour !== one.colour ? 'colour' : null
    return { ...one, from, to: at, seconds: parts.stitching + parts.trims, halt, cloth }
  })
  const seconds = sewn.reduce((sum, one) => sum + one.seconds, 0)
  return { blocks: sewn, stitches: at, seconds, first: before[0] ?? null }
}
