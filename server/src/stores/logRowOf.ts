import type { Piece } from '@thimble/contract'
import { layerNames, parseLength, type LayerKind } from '@thimble/core'
import type { logRows } from '../db/schema'

type Landing = Piece['record']['low'] | Piece['record']['side']

/** What the log keeps of a piece for its filters; null while the piece is still in work. */
export function logRowOf({ id, finishedAt, cloth, record, stack, holding }: Piece): typeof logRows.$inferInsert | null {
  if (!finishedAt) return null
  const used = record.stack ?? stack
  return {
    pieceId: id,
    finishedAt,
    cloth: cloth.family,
    stack: used ? stackName(used.layers) : '',
    holding: used?.holding ?? holding,
    verdict: record.verdict,
    dx: landed(record.side, 'right'),
    dy: landed(record.low, 'low'),
  }
}

function stackName(layers: readonly { role: string; kind: string }[]): string {
  const names = layers.filter((l) => l.role !== 'cloth').map((l) => layerNames[l.kind as LayerKind] ?? l.kind)
  return names.length > 0 ? names.join(' + ') : 'No backing'
}

/** Millimetres in the item frame, null when nothing readable was typed. */
function landed({ text, unit, way }: Landing, positive: string): number | null {
  if (text.trim() === '') return null
  try {
    const mm = parseLength(text, unit)
    return way === positive ? mm : -mm
  } catch {
    return null
  }
}
