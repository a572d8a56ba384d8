import type { OrderOfWork } from '@thimble/plan/work'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { bobbinText, threadText } from '@/words/workWords'

/** Thread for the whole run, and the bobbins to wind before it starts. */
export function ThreadSection({ order: { thread, machine }, machines }: { order: OrderOfWork; machines: number }) {
  const p = usePalette()
  return (
    <Section title={machines > 1 ? `Thread at ${machine}` : 'Thread'} says={bobbinText(thread)}>
      <View>
        {thread.threads.map((one) => (
          <View
            key={one.id}
            style={{
              flexDirection: 'row',
              alignItems: 'center',
              gap: 12,
              minHeight: 40,
              borderTopWidth: 1,
              borderTopColor: p.seam,
            }}
          >
            <View
              aria-hidden
              style={{ width: 20, height: 20, backgroundColor: one.colour, borderWidth: 1, borderColor: p.edge }}
            />
            <Words style={{ flex: 1 }}>{one.name}</Words>
            <Words bold={Boolean(one.missing)} tone={one.missing ? 'madder' : undefined}>
              {threadText(one)}
            </Words>
          </View>
        ))}
      </View>
    </Section>
  )
}
