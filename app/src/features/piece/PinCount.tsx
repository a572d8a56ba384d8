import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { Words } from '@/ui/Words'

/** Pins counted in, so that as many are counted out. */
export function PinCount({ pins, onChange }: { pins: string; onChange: (pins: string) => void }) {
  const count = Number(pins) || 0
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Words style={{ flex: 1 }}>Pins in the piece</Words>
      <Button
        type="outline"
        title="−"
        accessibilityLabel="One pin less"
        disabled={count === 0}
        onPress={() => onChange(String(count - 1))}
      />
      <Words
        bold
        role="status"
        aria-label={`${count} pins in`}
        style={{ fontSize: 28, lineHeight: 34, minWidth: 40, textAlign: 'center' }}
      >
        {String(count)}
      </Words>
      <Button type="outline" title="+" accessibilityLabel="One pin more" onPress={() => onChange(String(count + 1))} />
    </View>
  )
}
