import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { Hoop } from '@thimble/contract'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { useDocuments } from '@/state/store'
import { useNamed } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { ShelfFold } from './ShelfFold'
import { Heading, Text } from '@/ui/Text'
import { fieldSize } from '@/words/hoopWords'
import { typicalText } from '@/words/typical'
import { StashRow } from './StashRow'

/** The hoops, each drawn true to scale with its field. */
export function Hoops() {
  const router = useRouter()
  const hoops = useNamed('hoops')
  const loaded = useDocuments((s) => s.loaded)
  const style = useDocuments((s) => s.shop)
  const p = usePalette()
  const largest = Math.max(120, ...hoops.map((h) => Math.max(h.outside.width, h.outside.height)))
  return (
    <ShelfFold title={t('hoops')} count={hoops.length}>
      <View>
        {hoops.map((hoop) => (
          <StashRow key={hoop.id} href={`/stash/hoop/${hoop.id}`}>
            <HoopDrawing hoop={hoop} cloth={p.table} size={84} largest={largest} />
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{hoop.name}</Heading>
              <Text>{fieldSize(hoop.field, style)}</Text>
              <Text soft>{[ringSize(hoop, style), typicalText(hoop)].filter(Boolean).join(', ')}</Text>
            </View>
          </StashRow>
        ))}
      </View>
      {hoops.length === 0 && loaded ? <Text soft>{t('no-hoops-yet')}</Text> : null}
      <Button type="outline" title={t('add-a-hoop')} onPress={() => router.push('/stash/hoop/new')} />
    </ShelfFold>
  )
}

const closingNames = { screw: t('screw-2'), lever: t('lever-2'), frame: t('clip-on-frame-2'), magnets: t('magnets-2') }

function ringSize({ outside, clamp, closes }: Hoop, style: LengthStyle): string {
  const size = `${formatLength(outside.width, style)} × ${formatLength(outside.height, style)}`
  return t('hoop-outside', { size, closingNames: closingNames[clamp ? 'magnets' : closes] })
}
