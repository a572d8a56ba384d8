import { type Message, message, whyOf } from '../messages'
import type { Facts } from './facts'
import type { Because, RecipeOption } from './recipeOption'
import type { TopThread } from './recipeQuery'
import { needleRules } from './rules/needleRules'
import { speedRules } from './rules/speedRules'
import { bobbinRules, type Built, tensionRules, topThreadRules } from './rules/threadRules'
import type { Bobbin, Layer, Needle } from './stack'
import { isSticky } from './strength'

type Thread = Pick<TopThread, 'weight' | 'fibre'>

/** The top thread to take: as chosen, but fine for small letters. */
export function topThreadFor(f: Facts): { topThread: Thread; because: Because[] } {
  const rule = topThreadRules.find((one) => one.when(f))!
  const topThread = rule.thread(f)
  const changed = topThread.weight !== f.work.topThread.weight
  const decided = `${topThread.weight} wt ${topThread.fibre}`
  return { topThread, because: changed ? [{ rule: rule.id, decided, said: whyOf(rule, f) }] : [] }
}

/** Needle by thread, then by cloth; coated where glue is near (craft.md section 6). */
export function needleFor(f: Facts, layers: readonly Layer[]): { needle: Needle; because: Because[] } {
  const rule = needleRules.find((r) => r.when(f))!
  const gummy = layers.some((l) => l.grip === 'sprayed' || l.grip === 'sticky' || isSticky(l.kind))
  const needle: Needle = { ...rule.needle, ...(gummy ? { coated: true } : {}) }
  const decided = `${needle.size} ${needle.point}`
  const habit = rule.habit ? { habit: rule.habit } : {}
  return {
    needle,
    because: [
      { rule: rule.id, decided, said: whyOf(rule, f), ...habit },
      ...(gummy ? [{ rule: 'needle.coated', decided: 'coated', said: message('why.needle.coated') }] : []),
    ],
  }
}

/** Small letters close up in a thick thread, and are sewn slowly. */
const [FINE_WEIGHT, FIRM_SPM, LETTERS_SPM] = [60, 500, 600]

/**
 * How the colours are sewn that alone have letters under 6 mm; none where all of it is small, or it is not known which.
 *
 * Source: craft.md section 6.
 */
export function byColourFor(f: Facts, layers: readonly Layer[]): RecipeOption['byColour'] {
  const colours = [...new Set((f.work.smallLetterColours ?? []).map((colour) => colour.toLowerCase()))]
  if (!f.smallLetters || f.fineLetters || colours.length === 0) return undefined
  const { needle } = needleFor({ ...f, fineLetters: true }, layers)
  const speedSpm = f.sturdy || f.coated ? FIRM_SPM : LETTERS_SPM
  return colours.map((colour) => ({ colour, weight: FINE_WEIGHT, needle, speedSpm }))
}

/** Bobbin of craft.md section 7: white, black under dark cloth, matched when the back is seen. */
export function bobbinFor(f: Facts, top: Thread): { bobbin: Bobbin; because: Because } {
  const weight = top.weight === 60 || f.fine ? 90 : 60
  const rule = bobbinRules.find((one) => one.when(f))!
  const { id, colour } = rule
  return { bobbin: { weight, colour }, because: { rule: id, decided: `${weight} wt ${colour}`, said: whyOf(rule, f) } }
}

/** Stitches a minute. */
export const speedFor = (built: Built): number => speedRules.find((rule) => rule.when(built))!.spm

export function tensionFor(built: Built): { tension: Message; tensionRule: string } {
  const rule = tensionRules.find((one) => one.when(built))!
  return { tension: whyOf(rule, built), tensionRule: rule.id }
}
