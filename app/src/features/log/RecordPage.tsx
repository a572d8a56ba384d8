import { Button } from '@rneui/themed'
import { format } from 'date-fns/format'
import { parseISO } from 'date-fns/parseISO'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { useSameAgain } from '@/desk/useSameAgain'
import { Page } from '@/ui/Page'
import { RecordSheet } from './RecordSheet'
import { useLog } from '@/state/useLog'

/** One piece's record on a page of its own. */
export function RecordPage({ id }: { id: string }) {
  const router = useRouter()
  const again = useSameAgain()
  const row = useLog().find((r) => r.pieceId === id)
  return (
    <Page
      title={row?.name ?? 'Record'}
      back
      aside={row ? format(parseISO(row.finishedAt), 'd MMM') : undefined}
      foot={
        row ? (
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <View style={{ flex: 1 }}>
              <Button title="Same again" onPress={() => void again(id)} />
            </View>
            <View style={{ flex: 1 }}>
              <Button type="outline" title="Open the ticket" onPress={() => router.push(`/piece/${id}`)} />
            </View>
          </View>
        ) : undefined
      }
    >
      <RecordSheet id={id} />
    </Page>
  )
}
