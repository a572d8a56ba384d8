import { log as t } from '@thimble/language/en/log'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Disclosure } from '@/ui/Disclosure'
import { Text } from '@/ui/Text'

type Props = { label: string; head: readonly string[]; rows: readonly (readonly string[])[] }

/** What a chart shows, in numbers. */
export function TableOf({ label, head, rows }: Props) {
  const p = usePalette()
  return (
    <Disclosure title={t('in-numbers')}>
      <View role="table" aria-label={label}>
        {[head, ...rows].map((cells, i) => (
          <View
            key={i}
            role="row"
            style={{
              flexDirection: 'row',
              gap: 12,
              borderTopWidth: i > 0 ? 1 : 0,
              borderTopColor: p.seam,
              paddingVertical: 5,
            }}
          >
            {cells.map((cell, j) => (
              <Text
                key={j}
                role={i === 0 ? 'columnheader' : j === 0 ? 'rowheader' : 'cell'}
                soft={i === 0}
                style={{ flex: j === 0 ? 1.4 : 1, minWidth: 0, fontSize: 15 }}
              >
                {cell}
              </Text>
            ))}
          </View>
        ))}
      </View>
    </Disclosure>
  )
}
