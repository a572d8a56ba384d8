import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'

/** What is to be cut, in mm; `turn`: it may lie either way. Rolls and sheets that are there, as wide and as long as they are. */
export type CutQuery = {
  pieces: readonly { id: string; width: number; height: number; count: number; turn: boolean }[]
  rolls: readonly { id: string; width: number; length: number }[]
}

/** One way for a piece to lie: across the roll, and along it. */
export type Lie = { width: number; height: number }

/** A kind of piece, with the ways it may lie and how many there are. */
export type Kind = { id: string; lies: readonly Lie[]; count: number }
export type Roll = CutQuery['rolls'][number]

const bad = (says: Message, path: string): CoreError => new CoreError('bad-cut', says, path)
const isLength = (value: number): boolean => Number.isFinite(value) && value > 0

/** @throws CoreError('bad-cut') with its path */
export function kindsOf({ pieces, rolls }: CutQuery): Kind[] {
  rolls.forEach(({ width, length }, i) => {
    if (!isLength(width)) throw bad(message('problem.say-how-wide-it-is'), `rolls.${i}.width`)
    if (!Number.isFinite(length) || length < 0) throw bad(message('problem.say-how-long-it-is'), `rolls.${i}.length`)
  })
  return pieces.map(({ id, width, height, count, turn }, i) => {
    if (!isLength(width)) throw bad(message('problem.say-how-wide-the-piece'), `pieces.${i}.width`)
    if (!isLength(height)) throw bad(message('problem.say-how-high-the-piece'), `pieces.${i}.height`)
    if (!Number.isInteger(count) || count < 0) throw bad(message('problem.say-how-many-as-a'), `pieces.${i}.count`)
    const upright = { width, height }
    return { id, count, lies: turn && width !== height ? [upright, { width: height, height: width }] : [upright] }
  })
}
