import { bench as t } from '@thimble/language/en/bench'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { inWork } from '@thimble/plan'
import { useSameAgain } from '@/shared/useSameAgain'
import { usePalette } from '@/theme/PaletteProvider'
import { Field } from '@/ui/Field'
import { Text } from '@/ui/Text'
import { useFoundPast } from '@/state/useFoundPast'
import { useLog } from '@/shared/useLog'
import { useDocuments } from '@/state/store'
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
  const told = useDocuments((s) => s.logTold)
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
  if (past.length === 0 && !words) return <Text soft>{told ? t('no-past-pieces-yet') : t('searching-the-log')}</Text>
  return (
    <View style={{ gap: 8 }}>
      <Field
        label={t('find-a-past-piece')}
        value={find}
        onChange={setFind}
        placeholder={t('a-name-or-a-customer')}
        kind="search"
      />
      {past.length === 0 ? <Text soft>{t('no-past-piece-is-called', { find: find.trim() })}</Text> : null}
      {past.slice(0, SHOWN).map(({ id, name, customer }) => (
        <Pressable
          key={id}
          role="button"
          onPress={() => void again(id)}
          style={{ minHeight: 52, justifyContent: 'center', borderTopWidth: 1, borderTopColor: p.seam }}
        >
          <Text bold tone="indigo">
            {name}
          </Text>
          {customer ? <Text soft>{customer}</Text> : null}
        </Pressable>
      ))}
    </View>
  )
}
