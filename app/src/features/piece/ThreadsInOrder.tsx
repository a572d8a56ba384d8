import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'

/** The colours in the order to thread them. */
export function ThreadsInOrder({ colours }: { colours: readonly string[] }) {
  const p = usePalette()
  return (
    <Section title="Threads in order">
      {colours.map((colour, i) => (
        <View key={`${i}${colour}`} style={{ flexDirection: 'row', alignItems: 'center', gap: 14, minHeight: 40 }}>
          <Words soft style={{ width: 20 }}>
            {i + 1}
          </Words>
          <View
            style={{
              width: 64,
              height: 24,
              backgroundColor: colour,
              borderWidth: 1,
              borderColor: p.ink,
              borderRadius: 2,
            }}
          />
          <Words>{colour}</Words>
        </View>
      ))}
    </Section>
  )
}
