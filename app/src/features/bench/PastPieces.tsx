import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { inWork } from '@thimble/plan'
import { useSameAgain } from '@/desk/useSameAgain'
import { usePalette } from '@/theme/PaletteProvider'
import { Field } from '@/ui/Field'
import { Words } from '@/ui/Words'
import { useFoundPast } from '@/state/useFoundPast'
import { useLog } from '@/state/useLog'
import { useShelf } from '@/state/store'
import { useDocs } from '@/state/useShelfDocs'

const SHOWN = 8

/** Pieces in work and in the log, the newest first, found by a word: one tap starts the same again. */
export function PastPieces() {
  const p = usePalette()
  const again = useSameAgain()
  const [find, setFind] = useState('')
  const words = find.trim().toLowerCase()
  const onBench = useDocs('pieces').filter(inWork)
  const log = useLog()
  const told = useShelf((s) => s.logTold)
  const further = useFoundPast(words).filter(({ pieceId }) => !log.some((row) => row.pieceId === pieceId))
  const past = [
    ...[...log, ...further].map((row) => ({
      id: row.pieceId,
      name: row.name,
      customer: row.customer,
      at: row.finishedAt,
    })),
    ...onBench.map((piece) => ({ id: piece.id, name: piece.name, customer: piece.customer, at: piece.createdAt })),
  ]
    .filter(({ name, customer }) => words.split(/\s+/).every((w) => `${name} ${customer}`.toLowerCase().includes(w)))
    .sort((a, b) => b.at.localeCompare(a.at))
  if (past.length === 0 && !words)
    return <Words soft>{told ? 'There is no past piece yet.' : 'Looking into the log …'}</Words>
  return (
    <View style={{ gap: 8 }}>
      <Field
        label="Find a past piece"
        value={find}
        onChange={setFind}
        placeholder="A name or a customer"
        kind="search"
      />
      {past.length === 0 ? <Words soft>{`No past piece here is called “${find.trim()}”.`}</Words> : null}
      {past.slice(0, SHOWN).map(({ id, name, customer }) => (
        <Pressable
          key={id}
          role="button"
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
