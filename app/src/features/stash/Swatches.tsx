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
    <ShelfFold title="Swatches" count={swatches.length}>
      <View>
        {swatches.map((swatch) => (
          <StashRow key={swatch.id} href={`/stash/swatch/${swatch.id}`}>
            <SwatchPatch colour={swatch.colour} />
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{swatch.name}</Heading>
              <Text
                soft
              >{`Like ${clothName(swatch.family).toLowerCase()}, stretching ${swatch.stretchPercent} %`}</Text>
            </View>
          </StashRow>
        ))}
      </View>
      {swatches.length === 0 && loaded ? <Text soft>No swatches yet.</Text> : null}
      <Button type="outline" title="Add a swatch" onPress={() => router.push('/stash/swatch/new')} />
    </ShelfFold>
  )
}
