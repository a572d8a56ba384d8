import { useRouter } from 'expo-router'
import { create } from '@/sync/changes'
import { store } from '@/state/store'
import { openPiece } from '@/sync/changeFeed'
import { nanoid } from 'nanoid'

/**
 * Starts the same again as a past piece, which may not be on this device yet, and goes to its ticket; `go`: in the place of
 * the page it was asked on, or after it.
 */
export function useSameAgain(go: 'replace' | 'push' = 'replace'): (id: string) => Promise<void> {
  const router = useRouter()
  return async (id) => {
    if (!store.getState().shelf.docs.pieces[id]) await openPiece(id)
    const piece = store.getState().shelf.docs.pieces[id]
    if (!piece) return
    const { sameAgain } = await import('@thimble/plan/sameAgain')
    const next = sameAgain(piece, { id: nanoid(), now: new Date().toISOString() })
    create('pieces', next)
    router[go](`/piece/${next.id}`)
  }
}
