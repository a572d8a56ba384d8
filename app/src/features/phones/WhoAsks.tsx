import { device as t } from '@thimble/language/en/device'
import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Heading, Text } from '@/ui/Text'
import type { PhoneAccessState } from './usePhoneAccess'

/** A phone that has said the code waits for this. */
export function WhoAsks({ name, at: { tell, busy } }: { name: string; at: PhoneAccessState }) {
  const p = usePalette()
  const say = (letIn: boolean): void => void tell('POST', '/asking', { letIn })
  return (
    <View
      role="alert"
      style={{
        margin: 16,
        padding: 16,
        gap: 12,
        backgroundColor: p.paper,
        borderLeftWidth: 4,
        borderLeftColor: p.indigo,
      }}
    >
      <Heading level={2}>{t('wants-to-connect', { name })}</Heading>
      <Text>{t('only-accept-the-phone-in')}</Text>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <View style={{ flex: 2 }}>
          <Button title={t('yes-connect-it')} disabled={busy} onPress={() => say(true)} />
        </View>
        <View style={{ flex: 1 }}>
          <Button type="outline" title={t('no')} disabled={busy} onPress={() => say(false)} />
        </View>
      </View>
    </View>
  )
}
