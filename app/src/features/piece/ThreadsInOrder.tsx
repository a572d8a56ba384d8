import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { useNamed } from '@/state/useShelfDocs'
import { Words } from '@/ui/Words'
import { threadFor } from '@/words/threadWords'

/** The colours in the order to thread them. */
export function ThreadsInOrder({ colours }: { colours: readonly string[] }) {
  const p = usePalette()
  const threads = useNamed('threads')
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
          <Words style={{ flex: 1 }}>{threadFor(colour, threads)}</Words>
        </View>
      ))}
    </Section>
  )
}
