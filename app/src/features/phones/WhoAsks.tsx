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
      <Heading level={2}>{`“${name}” wants to connect`}</Heading>
      <Text>Only accept the phone in your hand, if it shows this name.</Text>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <View style={{ flex: 2 }}>
          <Button title="Yes, connect it" disabled={busy} onPress={() => say(true)} />
        </View>
        <View style={{ flex: 1 }}>
          <Button type="outline" title="No" disabled={busy} onPress={() => say(false)} />
        </View>
      </View>
    </View>
  )
}
