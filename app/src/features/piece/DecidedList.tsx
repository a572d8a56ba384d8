import type { ListLine } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'

/** A list as it stood when it was decided: each line ticked or skipped. */
export function DecidedList({ lines }: { lines: readonly ListLine[] }) {
  const p = usePalette()
  const inUnits = useUnits()
  return (
    <View role="list">
      {lines.map(({ line, ticked }) => (
        <View
          role="listitem"
          key={line.code}
          style={{ flexDirection: 'row', gap: 12, borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 9 }}
        >
          <Text bold tone={ticked ? 'moss' : 'madder'} style={{ width: 64 }}>
            {ticked ? 'done' : 'skipped'}
          </Text>
          <Text style={{ flex: 1, fontSize: 16 }}>{inUnits(line.text)}</Text>
        </View>
      ))}
    </View>
  )
}
