import type { Facts } from './facts'
import type { Because, Bobbin, Layer, Needle } from './recipeOption'
import { needleRules } from './rules/needleRules'

export function needleFor(f: Facts, layers: readonly Layer[]): { needle: Needle; because: Because } {
  const rule = needleRules.find((r) => r.when(f))!
  const gummy = layers.some((l) => l.grip === 'sprayed' || l.grip === 'sticky' || l.kind.endsWith('-sticky'))
  const needle: Needle = { ...rule.needle, ...(gummy ? { coated: true } : {}) }
  const text = gummy ? `${rule.text(f)} Coated, since glue is near: wipe it now and then.` : rule.text(f)
  const because: Because = {
    rule: rule.id,
    decided: `${needle.size} ${needle.point}`,
    text,
    ...(rule.habit ? { habit: rule.habit } : {}),
  }
  return { needle, because }
}

/** Bobbin of craft.md section 7: white, black under dark cloth, matched when the back is seen. */
export function bobbinFor(f: Facts): { bobbin: Bobbin; because: Because } {
  const weight = f.work.topThread.weight === 60 || f.family === 'lawn' ? 90 : 60
  const seen = Boolean(f.use.backSeen)
  const colour = seen ? 'match' : f.dark ? 'black' : 'white'
  const text = seen
    ? 'The back is seen: a bobbin matched to the top thread.'
    : f.dark
      ? 'Dark cloth: a black bobbin shows least.'
      : 'White bobbin, as for most work.'
  return { bobbin: { weight, colour }, because: { rule: 'bobbin.colour', decided: `${weight} wt ${colour}`, text } }
}

/** Stitches a minute of craft.md section 8: slower for metallic, thick and sticky work. */
export function speedFor(f: Facts, layers: readonly Layer[]): number {
  const { weight, fibre } = f.work.topThread
  if (fibre === 'metallic' || weight === 12) return 450
  const sticky = layers.some((l) => l.kind.endsWith('-sticky'))
  if (sticky || f.thickness >= 2.5 || f.heavy) return 600
  return f.gsm < 120 || weight === 30 ? 650 : 750
}

export function tensionNote(f: Facts, bobbin: Bobbin): string {
  if (f.work.topThread.fibre === 'metallic') return 'Ease the top a good deal; metallic snaps when pulled.'
  const finer = bobbin.weight > f.work.topThread.weight
  return `${finer ? 'The bobbin is finer than the top: ease the top tension' : 'Set the top tension'} until about a third of bobbin shows in the middle of a satin on the back.`
}
