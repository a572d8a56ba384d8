import type { Piece } from '@thimble/contract'
import { useMemo } from 'react'
import { useDocs } from '../useShelfDocs'

/** Other pieces on the same item. */
export function useSiblings({ id, itemId }: Pick<Piece, 'id' | 'itemId'>): Piece[] {
  const pieces = useDocs('pieces')
  return useMemo(() => (itemId ? pieces.filter((p) => p.itemId === itemId && p.id !== id) : []), [pieces, itemId, id])
}
