import { log as t } from '@thimble/language/en/log'
import { Button } from '@rneui/themed'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { useSameAgain } from '@/shared/useSameAgain'

/** What follows from a record: the same again, or a look at its ticket. */
export function RecordActions({ id }: { id: string }) {
  const router = useRouter()
  const again = useSameAgain()
  return (
    <View style={{ flexDirection: 'row', gap: 12 }}>
      <View style={{ flex: 1 }}>
        <Button title={t('same-again')} onPress={() => void again(id)} />
      </View>
      <View style={{ flex: 1 }}>
        <Button type="outline" title={t('open-the-piece')} onPress={() => router.push(`/piece/${id}`)} />
      </View>
    </View>
  )
}
