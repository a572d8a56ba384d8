import { orders as t } from '@thimble/language/en/orders'
import type { WorkSequence } from '@thimble/plan/schedule'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { bobbinText, threadText } from '@/words/workWords'

/** Thread for the whole run, and the bobbins to wind before it starts. */
export function ThreadSection({ order: { thread, machine }, machines }: { order: WorkSequence; machines: number }) {
  const p = usePalette()
  return (
    <Section title={machines > 1 ? t('thread-at', { machine }) : t('thread')} says={bobbinText(thread)}>
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
            <Text style={{ flex: 1 }}>{one.name}</Text>
            <Text bold={Boolean(one.missing)} tone={one.missing ? 'madder' : undefined}>
              {threadText(one)}
            </Text>
          </View>
        ))}
      </View>
    </Section>
  )
}
