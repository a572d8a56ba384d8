import { things as t } from '@thimble/language/en/things'
import type { RunEvent } from '@thimble/contract'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { countText } from '@thimble/language'
import { eventName } from './eventName'
import { clockText } from '@/words/dates'

/** What has happened in a run, the latest first. */
export function StitchingStory({ events }: { events: readonly RunEvent[] }) {
  const p = usePalette()
  if (events.length === 0) return null
  return (
    <Section title={t('what-happened')}>
      <View role="list">
        {[...events].reverse().map(({ id, createdAt, kind, stitch }) => (
          <View
            key={id}
            role="listitem"
            style={{ flexDirection: 'row', gap: 12, borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8 }}
          >
            <Text soft style={{ width: 48 }}>
              {clockText(createdAt)}
            </Text>
            <Text style={{ flex: 1 }}>{eventName(kind)}</Text>
            <Text soft>{t('stitch', { count: countText(stitch) })}</Text>
          </View>
        ))}
      </View>
    </Section>
  )
}
