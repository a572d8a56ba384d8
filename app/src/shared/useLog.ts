import type { LogRow } from '@thimble/contract/log'
import { logRowOf } from '@thimble/plan'
import { useEffect, useMemo } from 'react'
import { openLog } from '../sync/startSync'
import { useDocuments } from '../state/store'
import { useDocs } from '../state/useShelfDocs'

/** The log as the server has it, with pieces finished or changed on this device laid over it. */
export function useLog(): LogRow[] {
  useEffect(() => void openLog(), [])
  const rows = useDocuments((s) => s.log)
  const gone = useDocuments((s) => s.gone.pieces)
  const pieces = useDocs('pieces')
  return useMemo(() => {
    const known = new Map(rows.map((row) => [row.pieceId, row]))
    for (const piece of pieces) {
      const row = logRowOf(piece)
      if (row) known.set(piece.id, row)
      else known.delete(piece.id)
    }
    return [...known.values()].filter((r) => !gone[r.pieceId]).sort((a, b) => b.finishedAt.localeCompare(a.finishedAt))
  }, [rows, pieces, gone])
}
