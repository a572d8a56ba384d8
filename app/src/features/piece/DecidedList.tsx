import { piece as t } from '@thimble/language/en/piece'
import type { ListLine } from '@thimble/plan'
import { View } from 'react-native'
import type { Told } from '@/ui/AdviceBar'
import { usePalette } from '@/theme/PaletteProvider'
import { useSay } from '@/ui/useSay'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'

type Decided = Pick<ListLine, 'ticked'> & { line: Told }

/** A list as it stood when it was decided: each line ticked or skipped. */
export function DecidedList({ lines }: { lines: readonly Decided[] }) {
  const p = usePalette()
  const inUnits = useUnits()
  const say = useSay()
  return (
    <View role="list">
      {lines.map(({ line, ticked }) => (
        <View
          role="listitem"
          key={line.code}
          style={{ flexDirection: 'row', gap: 12, borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 9 }}
        >
          <Text bold tone={ticked ? 'moss' : 'madder'} style={{ width: 64 }}>
            {ticked ? t('done') : t('skipped')}
          </Text>
          <Text style={{ flex: 1, fontSize: 16 }}>{'said' in line ? say(line.said) : inUnits(line.text)}</Text>
        </View>
      ))}
    </View>
  )
}
