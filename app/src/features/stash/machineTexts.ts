import { stash as t } from '@thimble/language/en/stash'
import type { Machine } from '@thimble/contract'
import { formatLength, type LengthStyle, type LengthUnit } from '@thimble/core/lengths'
import { readNumber, readTyped } from '@thimble/plan'

export type MachineTexts = {
  name: string
  bed: Machine['bed']
  turns: Machine['turns']
  bench: 'yes' | 'no'
} & Record<
  'fieldW' | 'fieldH' | 'needles' | 'change' | 'usual' | 'most' | 'angle' | 'move' | 'depth' | 'height',
  string
>

const emptyMachine: MachineTexts = {
  ...{ name: '', bed: 'flat', turns: 'any', bench: 'yes', fieldW: '', fieldH: '' },
  ...{ needles: '', change: '', usual: '', most: '', angle: '', move: '', depth: '', height: '' },
}

/** A machine as it would be typed. */
export function writeMachine(kept: Machine | undefined, style: LengthStyle): MachineTexts {
  if (!kept) return emptyMachine
  const { name, bed, turns, onBench, field, needles, changeSeconds, usualSpm, mostSpm } = kept
  return {
    ...{ name, bed, turns, bench: onBench ? 'yes' : 'no' },
    fieldW: formatLength(field.width, style),
    fieldH: formatLength(field.height, style),
    ...{ needles: String(needles), change: String(changeSeconds), usual: String(usualSpm), most: String(mostSpm) },
    ...{ angle: String(kept.angleStep), move: String(kept.moveStep) },
    depth: formatLength(kept.throatDepth, style),
    height: formatLength(kept.throatHeight, style),
  }
}

/** Numbers that may be left out, as the maker's plate has them: where each lies in the document, and the most it may be. */
const numbers = [
  { text: 'needles', path: 'needles', most: 100 },
  { text: 'change', path: 'changeSeconds', most: 10_000 },
  { text: 'usual', path: 'usualSpm', most: 100_000 },
  { text: 'most', path: 'mostSpm', most: 100_000 },
  { text: 'angle', path: 'angleStep', most: 360 },
  { text: 'move', path: 'moveStep', most: 1000 },
] as const
const throat = [
  { text: 'depth', path: 'throatDepth' },
  { text: 'height', path: 'throatHeight' },
] as const

/** What was typed as a machine; what was left out is as many have it. */
export function readMachine(texts: MachineTexts, unit: LengthUnit) {
  const unread: Partial<Record<keyof MachineTexts, string>> = {}
  const length = (text: 'fieldW' | 'fieldH' | 'depth' | 'height'): number | null => {
    const { mm, problem } = readTyped({ text: texts[text], unit })
    if (problem) unread[text] = problem
    return mm
  }
  const [width, height] = [length('fieldW'), length('fieldH')]
  for (const [text, mm] of [
    ['fieldW', width],
    ['fieldH', height],
  ] as const)
    if (mm === null) unread[text] ??= t('type-what-its-manual-or')
  const known: Record<string, number> = {}
  for (const { text, path, most } of numbers) {
    const { value, problem } = readNumber(texts[text], most)
    if (problem) unread[text] = problem
    if (value !== null) known[path] = value
  }
  for (const { text, path } of throat) {
    const mm = length(text)
    if (mm !== null) known[path] = mm
  }
  const doc = {
    ...{ name: texts.name, bed: texts.bed, turns: texts.turns, onBench: texts.bench === 'yes' },
    field: { width: width ?? Number.NaN, height: height ?? Number.NaN },
    ...known,
  }
  return { doc, unread }
}

/** The field that a path of the document is typed in. */
export function machineFieldOf(path: string): string {
  if (path.startsWith('field.')) return path === 'field.width' ? 'fieldW' : 'fieldH'
  return [...numbers, ...throat].find((one) => one.path === path)?.text ?? path
}
