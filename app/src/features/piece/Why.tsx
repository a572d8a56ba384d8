import type { Because } from '@thimble/core/recipe'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'

type Reasons = { because: readonly Pick<Because, 'rule' | 'text' | 'habit'>[] }

/** The reasons under a heading of their own; nothing where none are known. */
export const Why = ({ because }: Reasons) =>
  because.length > 0 ? (
    <Section title="Why">
      <WhyList because={because} />
    </Section>
  ) : null

/** The reasons, numbered, each with the house habit behind it where there is one. */
function WhyList({ because }: Reasons) {
  const p = usePalette()
  const inUnits = useUnits()
  return (
    <View role="list">
      {because.map((b, i) => (
        <View
          role="listitem"
          key={b.rule}
          style={{ flexDirection: 'row', gap: 14, borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 9 }}
        >
          <Text soft style={{ width: 16 }}>
            {i + 1}
          </Text>
          <View style={{ flex: 1 }}>
            <Text style={{ fontSize: 16 }}>{inUnits(b.text)}</Text>
            {b.habit ? (
              <Text soft style={{ fontSize: 14 }}>
                A house habit decides this; change it behind the thimble.
              </Text>
            ) : null}
          </View>
        </View>
      ))}
    </View>
  )
}
