import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { useNamed } from '@/state/useShelfDocs'
import { ShelfFold } from './ShelfFold'
import { Heading, Text } from '@/ui/Text'
import { clothName } from '@/words/clothWords'
import { StashRow, SwatchPatch } from './StashRow'

/** The shop's own cloths. */
export function Swatches() {
  const router = useRouter()
  const swatches = useNamed('swatches')
  const loaded = useDocuments((s) => s.loaded)
  return (
    <ShelfFold title={t('swatches')} count={swatches.length}>
      <View>
        {swatches.map((swatch) => (
          <StashRow key={swatch.id} href={`/stash/swatch/${swatch.id}`}>
            <SwatchPatch colour={swatch.colour} />
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{swatch.name}</Heading>
              <Text soft>
                {t('like-stretching', {
                  cloth: clothName(swatch.family).toLowerCase(),
                  stretchPercent: swatch.stretchPercent,
                })}
              </Text>
            </View>
          </StashRow>
        ))}
      </View>
      {swatches.length === 0 && loaded ? <Text soft>{t('no-swatches-yet')}</Text> : null}
      <Button type="outline" title={t('add-a-swatch')} onPress={() => router.push('/stash/swatch/new')} />
    </ShelfFold>
  )
}
