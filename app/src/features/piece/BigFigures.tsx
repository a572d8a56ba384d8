import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'

type Figure = { amount: string; says: string }

/** A few numbers to use, set large, each with what it is below. */
export function BigFigures({ figures }: { figures: readonly Figure[] }) {
  const p = usePalette()
  return (
    <View
      style={{
        flexDirection: 'row',
        gap: 12,
        paddingHorizontal: 16,
        paddingVertical: 10,
        backgroundColor: p.paper,
        borderTopWidth: 1,
        borderTopColor: p.seam,
      }}
    >
      {figures.map(({ amount, says }) => (
        <View key={says} style={{ flex: 1, minWidth: 0 }}>
          <Text bold style={{ fontSize: amount.length > 8 ? 20 : 24, lineHeight: 30 }}>
            {amount}
          </Text>
          <Text soft style={{ fontSize: 14, lineHeight: 18 }}>
            {says}
          </Text>
        </View>
      ))}
    </View>
  )
}
