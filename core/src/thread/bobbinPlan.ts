import { message } from '../messages/message'
import { CoreError } from '../errors'

/**
 * `changeBefore`: blocks before which a fresh bobbin goes in; `bobbins`: all that are fitted, those in the middle of a
 * block that is longer than a bobbin too; `endsWith`: metres left at the end; `tooLong`: such blocks.
 */
export type BobbinPlan = { changeBefore: number[]; bobbins: number; endsWith: number; tooLong: number[] }

type BobbinQuery = { needMetresByBlock: number[]; bobbinMetres: number; leftMetres: number }

/** Metres that are taken for nothing, so that a bobbin used up exactly is enough. */
const CLOSE = 1e-9

/**
 * Where to change the bobbin so that it does not run out inside a block that fits on one: the fewest fresh bobbins, each
 * put in as late as it can be. A block that is longer than a bobbin is begun on what is left and goes on as far as it
 * takes.
 *
 * Source: core.md section 9, craft.md section 7.
 *
 * @param q.needMetresByBlock bobbin metres of each block, in stitch order
 * @param q.bobbinMetres on a full one
 * @param q.leftMetres on the one in the machine
 * @throws CoreError('bad-bobbin') with the path of what is not a length
 * @example bobbinPlan({ needMetresByBlock: [8, 5, 9], bobbinMetres: 20, leftMetres: 10 })
 * // { changeBefore: [1], bobbins: 1, endsWith: 6, tooLong: [] }
 */
export function bobbinPlan(q: BobbinQuery): BobbinPlan {
  requireLengths(q)
  const plan: BobbinPlan = { changeBefore: [], bobbins: 0, endsWith: q.leftMetres, tooLong: [] }
  q.needMetresByBlock.forEach((need, block) => {
    const tooLong = need > q.bobbinMetres + CLOSE
    if (tooLong) plan.tooLong.push(block)
    if (need > plan.endsWith + CLOSE) {
      if (!tooLong) {
        plan.changeBefore.push(block)
        plan.endsWith = 0
      }
      const fresh = Math.ceil((need - plan.endsWith) / q.bobbinMetres - CLOSE)
      plan.bobbins += fresh
      plan.endsWith += fresh * q.bobbinMetres
    }
    plan.endsWith = Math.max(0, plan.endsWith - need)
  })
  return plan
}

function requireLengths({ needMetresByBlock, bobbinMetres, leftMetres }: BobbinQuery): void {
  if (!(bobbinMetres > 0 && Number.isFinite(bobbinMetres)))
    throw new CoreError('bad-bobbin', message('problem.a-full-bobbin-must-hold'), 'bobbinMetres')
  if (!(leftMetres >= 0 && Number.isFinite(leftMetres)))
    throw new CoreError('bad-bobbin', message('problem.the-bobbin-in-the-machine'), 'leftMetres')
  const wrong = needMetresByBlock.findIndex((need) => !(need >= 0 && Number.isFinite(need)))
  if (wrong >= 0)
    throw new CoreError('bad-bobbin', message('problem.a-block-cant-take-less'), `needMetresByBlock[${wrong}]`)
}
