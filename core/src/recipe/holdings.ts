import { whyOf } from '../messages'
import type { Facts } from './facts'
import type { Because, Refusal } from './recipeOption'
import { type HoldingMethod, holdingMethods } from './recipeQuery'
import { type HoldingRule, holdingRules } from './rules/holdingRules'

/**
 * One way of holding as judged for this cloth and design: refused with why, or ranked with what speaks for it, and with
 * what speaks against it.
 */
export type HoldingVerdict = {
  method: HoldingMethod
  refused: Because | null
  against: Because | null
  quiet: boolean
  /** How many rules speak against it. */
  objections: number
  rank: number
  because: Because[]
}

/** What each thing that speaks against a way of holding takes off its rank: more than any liking adds. */
const OBJECTION = 300

/** What speaks for a way of holding, less what speaks against it. */
export const standingOf = ({ rank, objections }: HoldingVerdict): number => rank - OBJECTION * objections

const toBecause = (rule: HoldingRule, f: Facts): Because => ({
  rule: rule.id,
  decided: rule.method,
  said: whyOf(rule, f),
  ...(rule.habit ? { habit: rule.habit } : {}),
})

/** Clamps are offered where there is one; nobody is sent to a clamp or to loose backing without a reason. */
function isOffered({ method, rank }: HoldingVerdict, { ring }: Facts): boolean {
  if (method === 'clamped') return ring?.clamp === true
  return method !== 'backing-under' || rank > 0
}

/**
 * The ways that are open for a piece, the best first: the one asked for alone where it is not refused, else those that
 * nothing speaks against and that are offered by themselves, else whatever is left; none where all are refused.
 */
export function openHoldings(f: Facts, verdicts: readonly HoldingVerdict[], asked?: HoldingMethod): HoldingVerdict[] {
  const open = verdicts.filter((v) => !v.refused)
  const offered = open.filter((v) => isOffered(v, f))
  const groups = [open.filter((v) => v.method === asked), offered.filter((v) => !v.against), offered, open]
  return groups.find((group) => group.length > 0) ?? []
}

/** Every method: those that nothing speaks against by rank, then those that something does, the refused last. */
export function judgeHoldings(f: Facts): HoldingVerdict[] {
  const verdicts = holdingMethods.map((method) => {
    const applying = holdingRules.filter((rule) => rule.method === method && rule.when(f))
    const refusal = applying.find((rule) => 'refuses' in rule)
    const objections = applying.filter((rule) => 'against' in rule)
    const [against] = objections
    const likes = applying.filter((rule) => 'likes' in rule)
    return {
      method,
      refused: refusal ? toBecause(refusal, f) : null,
      against: against && !refusal ? toBecause(against, f) : null,
      objections: objections.length,
      quiet: refusal !== undefined && 'refuses' in refusal && refusal.quiet === true,
      rank: likes.reduce((sum, rule) => sum + ('likes' in rule ? rule.likes : 0), 0),
      because: likes.map((rule) => toBecause(rule, f)),
    }
  })
  const place = ({ refused, against }: HoldingVerdict): number => (refused ? 2 : against ? 1 : 0)
  return verdicts.sort((a, b) => place(a) - place(b) || a.objections - b.objections || b.rank - a.rank)
}

export const refusalsOf = (verdicts: HoldingVerdict[]): Refusal[] =>
  verdicts.flatMap(({ method, refused, quiet }) => (refused ? [{ what: method, because: refused, quiet }] : []))
