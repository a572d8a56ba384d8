import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'

type Props = { name: string; amounts: readonly string[]; strong?: boolean; head?: boolean }

/** Pixels of an amount alone, and of several beside each other on a phone. */
const [ALONE, SEVERAL] = [92, 68]

/** A row of a table of money: what it is, then amounts under each other. */
export function MoneyRow({ name, amounts, strong, head }: Props) {
  const p = usePalette()
  return (
    <View
      role="row"
      style={{
        ...{ flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 40 },
        ...{ borderTopWidth: head ? 0 : strong ? 2 : 1, borderTopColor: strong ? p.ink : p.seam },
      }}
    >
      <View role={head ? 'columnheader' : 'rowheader'} style={{ flex: 1, minWidth: 0 }}>
        <Text bold={strong} soft={head}>
          {name}
        </Text>
      </View>
      {amounts.map((amount, i) => (
        <View
          key={i}
          role={head ? 'columnheader' : 'cell'}
          style={{ width: amounts.length > 1 ? SEVERAL : ALONE, alignItems: 'flex-end' }}
        >
          <Text bold={strong} soft={head} style={amounts.length > 1 ? { fontSize: 15 } : undefined}>
            {amount}
          </Text>
        </View>
      ))}
    </View>
  )
}
