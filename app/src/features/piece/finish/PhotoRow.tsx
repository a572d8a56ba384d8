import { finish as t } from '@thimble/language/en/finish'
import { Button } from '@rneui/themed'
import type { Patch, Piece } from '@thimble/contract'
import { photosInOrder } from '@thimble/plan'
import { View } from 'react-native'
import { Photo, PhotoPicker } from '@/shared/inRecords'
import { Text } from '@/ui/Text'

type Photos = Piece['finish']['photos']
type Props = { photos: Photos; onChange: (change: Patch<Photos>, says?: string) => void }

const MOST = 5

/** Photos of the piece, in the order they were taken. */
export function PhotoRow({ photos, onChange }: Props) {
  const ids = photosInOrder(photos)
  const next = Math.max(0, ...Object.values(photos).map(({ order }) => order + 1))
  return (
    <View style={{ gap: 12 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {ids.map((id, i) => (
          <View key={id} style={{ gap: 6, maxWidth: '100%' }}>
            <Photo id={id} label={t('photo', { i: i + 1 })} height={160} />
            <Button
              type="outline"
              title={t('remove')}
              accessibilityLabel={t('remove-photo-off', { i: i + 1 })}
              onPress={() => onChange({ [id]: null } as Patch<Photos>, t('photo-removed'))}
            />
          </View>
        ))}
      </View>
      {ids.length < MOST ? (
        <PhotoPicker title={t('add-a-photo')} resource="pieces" onTaken={(id) => onChange({ [id]: { order: next } })} />
      ) : (
        <Text soft>{t('five-photos-at-most')}</Text>
      )}
    </View>
  )
}
