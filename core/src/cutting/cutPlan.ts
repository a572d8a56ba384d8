import { type CutQuery, type Kind, kindsOf, type Roll } from './cutQuery'
import { fillStrips, ways } from './fillStrips'
import { leastStrips } from './leastStrips'
import { type OnRoll, SLACK } from './strip'

/**
 * All in mm; x across the roll, y along it from its start. `strips`: the straight cuts across; `cuts`: where each piece lies in
 * them. `short`: what does not go in. `lowerBound`: length that no plan can do without; `waste`: part of what is used up.
 */
export type CutPlan = {
  cuts: { roll: string; id: string; x: number; y: number; width: number; height: number }[]
  strips: { roll: string; y: number; height: number }[]
  used: { roll: string; length: number }[]
  short: { id: string; count: number }[]
  lowerBound: number
  waste: number
}

/** So many pieces are laid in every way there is. */
const MOST_PROVEN = 10

/**
 * How pieces are cut from rolls and sheets as scissors and a ruler do it: strips across the roll from its start, pieces side by
 * side in a strip, each then trimmed to its height. As much as can be goes in, on the least length; of equals on the rolls
 * named first. The best there is for ten pieces; for more the best of several ways to fill strips.
 *
 * Source: core.md section 11.
 *
 * @throws CoreError('bad-cut') with its path
 * @example cutPlan({ pieces: [{ id: "mesh", width: 200, height: 150, count: 4, turn: true }], rolls: [{ id: "r", width: 500, length: 10_000 }] }).used // 300 mm, in two strips
 */
export function cutPlan(q: CutQuery): CutPlan {
  const kinds = kindsOf(q)
  const count = kinds.reduce((sum, kind) => sum + kind.count, 0)
  const plan = count <= MOST_PROVEN ? leastStrips(kinds, q.rolls) : bestFilled(kinds, q.rolls)
  return { ...laidOut(plan, kinds, q.rolls), ...measured(plan, kinds, q.rolls) }
}

/** By every way, with the rolls in the order given, the widest first, and each alone. */
function bestFilled(kinds: readonly Kind[], rolls: readonly Roll[]): OnRoll[] {
  const given = rolls.map((_, r) => r)
  const orders = [
    given,
    [...given].sort((a, b) => rolls[b]!.width - rolls[a]!.width || a - b),
    ...given.map((r) => [r]),
  ]
  const plans = orders.flatMap((order) => ways.map((way) => fillStrips(kinds, rolls, order, way)))
  const worth = (plan: OnRoll[]) => ({
    laid: plan.reduce((sum, { strips }) => sum + strips.reduce((n, { laid }) => n + laid.length, 0), 0),
    length: plan.reduce((sum, { length }) => sum + length, 0),
  })
  return plans.reduce((best, plan) => {
    const [a, b] = [worth(plan), worth(best)]
    return a.laid > b.laid || (a.laid === b.laid && a.length < b.length - SLACK) ? plan : best
  }, [])
}

/** Highest strips first, and in a strip the highest piece first: so each trim is one step. */
function laidOut(plan: readonly OnRoll[], kinds: readonly Kind[], rolls: readonly Roll[]) {
  const ordered = [...plan].sort((a, b) => a.roll - b.roll)
  const strips = ordered.flatMap(({ roll, strips: list }) => {
    let y = 0
    return [...list]
      .sort((a, b) => b.height - a.height)
      .map(({ height, laid }) => {
        const strip = { roll: rolls[roll]!.id, y, height, laid }
        y += height
        return strip
      })
  })
  const cuts = strips.flatMap(({ roll, y, laid }) => {
    let x = 0
    return [...laid]
      .sort((a, b) => b.lie.height - a.lie.height || a.kind - b.kind)
      .map(({ kind, lie }) => {
        const cut = { roll, id: kinds[kind]!.id, x, y, ...lie }
        x += lie.width
        return cut
      })
  })
  return {
    cuts,
    strips: strips.map(({ roll, y, height }) => ({ roll, y, height })),
    used: ordered.map(({ roll, length }) => ({ roll: rolls[roll]!.id, length })),
  }
}

function measured(plan: readonly OnRoll[], kinds: readonly Kind[], rolls: readonly Roll[]) {
  const laid = plan.flatMap(({ strips }) => strips.flatMap((strip) => strip.laid))
  const widest = Math.max(0, ...rolls.map(({ width }) => width))
  const area = laid.reduce((sum, { lie }) => sum + lie.width * lie.height, 0)
  const used = plan.reduce((sum, { roll, length }) => sum + rolls[roll]!.width * length, 0)
  const lowest = (kind: number): number =>
    Math.min(...kinds[kind]!.lies.filter(({ width }) => width <= widest + SLACK).map(({ height }) => height))
  return {
    short: kinds.flatMap(({ id, count }, k) => {
      const missing = count - laid.filter(({ kind }) => kind === k).length
      return missing > 0 ? [{ id, count: missing }] : []
    }),
    lowerBound: laid.length === 0 ? 0 : Math.max(area / widest, ...laid.map(({ kind }) => lowest(kind))),
    waste: used === 0 ? 0 : 1 - area / used,
  }
}
