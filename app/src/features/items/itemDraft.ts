import { problemText } from '@thimble/language'
import { items as t } from '@thimble/language/en/items'
import { readTyped } from '@thimble/plan'
import type { CustomItem, SavedItem } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'
import { customItem, presetMeasures } from '@thimble/core/placement'

type EdgeText = { length: string; turn: string }
type LineText = { name: string; axis: 'level' | 'upright'; at: string }
type StripText = { edge: string; depth: string }
export type ItemTexts = { name: string; edges: EdgeText[]; lines: LineText[]; strips: StripText[] }

const UNMEASURED = t('type-the-measured-size')
const UNNAMED = t('give-it-a-name')
const UNNAMED_LINE = t('give-the-line-a-name')
/** What is said of a field that is only still empty. */
export const EMPTY: ReadonlySet<string> = new Set([UNMEASURED, UNNAMED, UNNAMED_LINE])

export const newTexts: ItemTexts = {
  name: '',
  edges: Array.from({ length: 4 }, () => ({ length: '', turn: '' })),
  lines: [],
  strips: [],
}

/** A saved item as it would be typed. */
export function textsOf(item: SavedItem, style: LengthStyle): ItemTexts {
  const written = (mm: number): string => formatLength(mm, style)
  return {
    name: item.name,
    edges: item.edges.map(({ length, turn }) => ({ length: written(length), turn: turn === null ? '' : String(turn) })),
    lines: item.lines.map(({ name, axis, at }) => ({ name, axis, at: written(at) })),
    strips: item.strips.map(({ edge, depth }) => ({ edge: String(edge), depth: written(depth) })),
  }
}

/** Up to four edges make their own corners. */
export const asksCorners = (edges: readonly EdgeText[]): boolean => edges.length > 4

type ReadItem = { item: CustomItem | null; problems: Record<string, string> }

/** What was typed as an item, when all of it can be read and its edges meet; else a sentence beside each wrong thing. */
export function readItem(texts: ItemTexts, unit: 'mm' | 'cm' | 'in'): ReadItem {
  const problems: Record<string, string> = {}
  const length = (text: string, path: string, may0 = false): number => {
    const { mm, problem } = readTyped({ text, unit })
    if (problem) problems[path] = problem
    else if (mm === null) problems[path] = UNMEASURED
    else if (mm === 0 && !may0) problems[path] = t('it-must-be-above-zero')
    return mm ?? 0
  }
  const whole = (text: string, path: string, least: number, most: number): number | null => {
    const value = Number(text.trim())
    if (/^-?\d+$/.test(text.trim()) && value >= least && value <= most) return value
    problems[path] = t('is-not-a-whole-number', { text, least, most })
    return null
  }
  const item: CustomItem = {
    name: texts.name.trim(),
    edges: texts.edges.map((edge, i) => ({
      length: length(edge.length, `edges.${i}.length`),
      // Corners are asked from five edges on; what was typed before edges were taken off waits and does nothing.
      turn:
        !asksCorners(texts.edges) || edge.turn.trim() === '' ? null : whole(edge.turn, `edges.${i}.turn`, -179, 179),
    })),
    lines: texts.lines.map((line, i) => {
      if (line.name.trim() === '') problems[`lines.${i}.name`] = UNNAMED_LINE
      return { name: line.name.trim(), axis: line.axis, at: length(line.at, `lines.${i}.at`, true) }
    }),
    strips: texts.strips.map((strip, i) => ({
      edge: whole(strip.edge, `strips.${i}.edge`, 1, texts.edges.length) ?? 1,
      depth: length(strip.depth, `strips.${i}.depth`),
    })),
  }
  if (item.name === '') problems.name = UNNAMED
  const drawable = !Object.keys(problems).some((path) => path !== 'name')
  if (drawable) {
    try {
      const kind = customItem(item)
      kind.shape(presetMeasures(kind))
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      problems.edges = problemText(error)
    }
  }
  return { item: drawable && !problems.edges ? item : null, problems }
}
