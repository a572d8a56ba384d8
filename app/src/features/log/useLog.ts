import type { LogRow, Piece } from '@thimble/contract'
import { useMemo } from 'react'
import { readTyped } from '@/plan/readTyped'
import { useShelf } from '@/state/store'
import { layerName } from '../piece/recipeWords'
import { useDocs } from '../useShelfDocs'

/** The log as the server has it, with pieces finished or changed on this device laid over it. */
export function useLog(): LogRow[] {
  const rows = useShelf((s) => s.log)
  const gone = useShelf((s) => s.gone.pieces)
  const pieces = useDocs('pieces')
  return useMemo(() => {
    const known = new Map(rows.map((r) => [r.pieceId, r]))
    for (const piece of pieces) {
      if (piece.finishedAt) known.set(piece.id, rowOf(piece))
      else known.delete(piece.id)
    }
    return [...known.values()].filter((r) => !gone[r.pieceId]).sort((a, b) => b.finishedAt.localeCompare(a.finishedAt))
  }, [rows, pieces, gone])
}

function rowOf(piece: Piece): LogRow {
  const used = piece.record.stack ?? piece.stack
  const landed = (
    { text, unit, way }: Piece['record']['low'] | Piece['record']['side'],
    plus: string,
  ): number | null => {
    const { mm } = readTyped({ text, unit })
    return mm === null ? null : way === plus ? mm : -mm
  }
  const names = used?.layers.filter((l) => l.role !== 'cloth').map((l) => layerName(l.kind)) ?? []
  return {
    pieceId: piece.id,
    name: piece.name,
    customer: piece.customer,
    finishedAt: piece.finishedAt!,
    cloth: piece.cloth.family,
    stack: used ? names.join(' + ') || 'No backing' : '',
    holding: used?.holding ?? piece.holding,
    verdict: piece.record.verdict,
    dx: landed(piece.record.side, 'right'),
    dy: landed(piece.record.low, 'low'),
    faults: piece.record.faults.map((f) => f.id),
    note: piece.record.nextTime || piece.record.note,
  }
}
