import { writeName } from '@thimble/language'
import type { ItemKind } from '@thimble/core/placement'
import { memo } from 'react'
import { Pressable } from 'react-native'
import { ItemThumb } from '@/drawing/ItemThumb'
import { usePalette } from '@/theme/PaletteProvider'
import { radio } from '@/ui/RadioGroup'
import { Text } from '@/ui/Text'

type Props = { id: string; kind: ItemKind; on: boolean; first: boolean; onPress: (id: string) => void }

/** One kind of item to choose, with its silhouette. */
export const KindTile = memo(function KindTile({ id, kind, on, first, onPress }: Props) {
  const p = usePalette()
  return (
    <Pressable
      {...radio(on, first)}
      onPress={() => onPress(id)}
      style={{
        flexGrow: 1,
        flexBasis: 96,
        maxWidth: 172,
        alignItems: 'center',
        gap: 6,
        padding: 10,
        backgroundColor: p.paper,
        borderRadius: 4,
        borderWidth: on ? 2 : 1,
        margin: on ? 0 : 1,
        borderColor: on ? p.indigo : p.edge,
      }}
    >
      <ItemThumb kind={kind} size={kind.usualSize} colour={on ? '#2c4a7a' : '#e8e2d4'} px={64} />
      <Text bold={on} tone={on ? 'indigo' : undefined} style={{ fontSize: 15, lineHeight: 19, textAlign: 'center' }}>
        {writeName(kind.name)}
      </Text>
    </Pressable>
  )
})
