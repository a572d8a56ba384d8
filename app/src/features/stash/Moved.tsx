import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { Account, Movement } from '@thimble/contract'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { ask } from '@/http/client'
import { remove } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'
import { movedText } from '@/words/stockWords'
import { dayTimeText } from '@/words/dates'

type Props = { of: Account; thing: { id: string; revision: number; sheetMm?: number | null } }

/** What moved of a thing, the latest first, looked up where it is kept; what was written down by hand can be taken back. */
export function Moved({ of, thing }: Props) {
  const [moved, setMoved] = useState<readonly Movement[] | null>(null)
  const [away, setAway] = useState(false)
  const gone = useDocuments((s) => s.gone.movements)
  const { id, revision } = thing
  useEffect(() => {
    ask<Movement[]>(`/stock/${of}/${id}`).then(setMoved, () => setAway(true))
  }, [of, id, revision])
  if (away) return <Text soft>{t('cant-reach-the-shop-computer')}</Text>
  if (moved === null) return <Text soft>{t('loading')}</Text>
  const standing = moved.filter((m) => !gone[m.id])
  if (standing.length === 0) return <Text soft>{t('nothing-moved-yet')}</Text>
  return (
    <View role="list">
      {standing.map((movement) => (
        <MovedLine key={movement.id} movement={movement} sheetMm={thing.sheetMm ?? null} />
      ))}
    </View>
  )
}

/** What follows from a record or from what a machine has in it is taken back there. */
const byHand = ({ kind, piece }: Movement): boolean => kind !== 'opened' && kind !== 'fitted' && piece === null

function MovedLine({ movement, sheetMm }: { movement: Movement; sheetMm: number | null }) {
  const p = usePalette()
  const says = movedText(movement, { sheetMm })
  return (
    <View
      role="listitem"
      style={{
        ...{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 52 },
        ...{ borderTopWidth: 1, borderTopColor: p.seam },
      }}
    >
      <View style={{ flex: 1, minWidth: 0 }}>
        <Text>{says}</Text>
        <Text soft>{dayTimeText(movement.createdAt)}</Text>
      </View>
      {byHand(movement) ? (
        <Button type="outline" title={t('undo')} onPress={() => remove('movements', movement.id, says)} />
      ) : null}
    </View>
  )
}
