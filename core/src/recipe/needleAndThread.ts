import type { Facts } from './facts'
import type { Because } from './recipeOption'
import { needleRules } from './rules/needleRules'
import { bobbinRules, tensionRules } from './rules/threadRules'
import type { Bobbin, Layer, Needle } from './stack'

/** Needle by thread, then by cloth; coated where glue is near (craft.md section 6). */
export function needleFor(f: Facts, layers: readonly Layer[]): { needle: Needle; because: Because[] } {
  const rule = needleRules.find((r) => r.when(f))!
  const gummy = layers.some((l) => l.grip === 'sprayed' || l.grip === 'sticky' || l.kind.endsWith('-sticky'))
  const needle: Needle = { ...rule.needle, ...(gummy ? { coated: true } : {}) }
  const decided = `${needle.size} ${needle.point}`
  const habit = rule.habit ? { habit: rule.habit } : {}
  return {
    needle,
    because: [
      { rule: rule.id, decided, text: rule.text(f), ...habit },
      ...(gummy ? [{ rule: 'needle.coated', decided: 'coated', text: coatedText() }] : []),
    ],
  }
}

export const coatedText = (): string => 'Coated, since glue is near: wipe it now and then.'

/** Bobbin of craft.md section 7: white, black under dark cloth, matched when the back is seen. */
export function bobbinFor(f: Facts): { bobbin: Bobbin; because: Because } {
  const weight = f.work.topThread.weight === 60 || f.fine ? 90 : 60
  const { id, colour, text } = bobbinRules.find((rule) => rule.when(f))!
  return { bobbin: { weight, colour }, because: { rule: id, decided: `${weight} wt ${colour}`, text: text(f) } }
}

/** Stitches a minute of craft.md section 8: slower for metallic, thick and sticky work. */
export function speedFor(f: Facts, layers: readonly Layer[]): number {
  const { weight, fibre } = f.work.topThread
  if (fibre === 'metallic' || weight === 12) return 450
  const sticky = layers.some((l) => l.kind.endsWith('-sticky'))
  if (sticky || f.thickness >= 2.5 || f.heavy) return 600
  return f.gsm < 120 || weight === 30 ? 650 : 750
}

export function tensionFor(f: Facts, bobbin: Bobbin): { tension: string; tensionRule: string } {
  const { id, text } = tensionRules.find((rule) => rule.when(f, bobbin))!
  return { tension: text(f), tensionRule: id }
}
