import type { Spools } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { useNamed } from '@/state/useShelfDocs'
import { Text } from '@/ui/Text'
import { threadFor } from '@/words/threadWords'

/** The colours in the order to thread them. */
export function ThreadsInOrder({ colours, spools }: { colours: readonly string[]; spools: Spools }) {
  const p = usePalette()
  const threads = useNamed('threads')
  return (
    <Section title="Threads in order">
      {colours.map((colour, i) => (
        <View key={`${i}${colour}`} style={{ flexDirection: 'row', alignItems: 'center', gap: 14, minHeight: 40 }}>
          <Text soft style={{ width: 20 }}>
            {i + 1}
          </Text>
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
          <Text style={{ flex: 1 }}>{threadFor(colour, threads, spools)}</Text>
        </View>
      ))}
    </Section>
  )
}
