import { useRouter } from 'expo-router'
import { Pressable, View } from 'react-native'
import { inWork, sameAgain } from '@thimble/plan'
import { create } from '@/state/changes'
import { store } from '@/state/store'
import { openPiece } from '@/state/sync'
import { usePalette } from '@/theme/PaletteProvider'
import { Words } from '@/ui/Words'
import { useLog } from '@/state/useLog'
import { useDocs } from '@/state/useShelfDocs'

const SHOWN = 8

/** Pieces in work and in the log, the newest first: one tap starts the same again. */
export function PastPieces() {
  const p = usePalette()
  const router = useRouter()
  const onBench = useDocs('pieces').filter(inWork)
  const log = useLog()
  const past = [
    ...log.map((row) => ({ id: row.pieceId, name: row.name, customer: row.customer, at: row.finishedAt })),
    ...onBench.map((piece) => ({ id: piece.id, name: piece.name, customer: piece.customer, at: piece.createdAt })),
  ]
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, SHOWN)
  const again = async (id: string): Promise<void> => {
    // A piece from the log may not be on this device yet.
    if (!store.getState().shelf.docs.pieces[id]) await openPiece(id)
    const piece = store.getState().shelf.docs.pieces[id]
    if (!piece) return
    const next = sameAgain(piece, { id: crypto.randomUUID(), now: new Date().toISOString() })
    create('pieces', next)
    router.replace(`/piece/${next.id}`)
  }
  if (past.length === 0) return <Words soft>There is no past piece yet.</Words>
  return (
    <View>
      {past.map(({ id, name, customer }) => (
        <Pressable
          key={id}
          role="button"
          aria-label={`Same again: ${name}`}
          onPress={() => void again(id)}
          style={{ minHeight: 52, justifyContent: 'center', borderTopWidth: 1, borderTopColor: p.seam }}
        >
          <Words bold tone="indigo">
            {name}
          </Words>
          {customer ? <Words soft>{customer}</Words> : null}
        </Pressable>
      ))}
    </View>
  )
}
