import type { ListLine } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useUnits } from '@/ui/useUnits'
import { Words } from '@/ui/Words'

/** A list as it stood when it was decided: each line ticked or skipped. */
export function KeptList({ lines }: { lines: readonly ListLine[] }) {
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
          <Words bold tone={ticked ? 'moss' : 'madder'} style={{ width: 64 }}>
            {ticked ? 'done' : 'skipped'}
          </Words>
          <Words style={{ flex: 1, fontSize: 16 }}>{inUnits(line.text)}</Words>
        </View>
      ))}
    </View>
  )
}
