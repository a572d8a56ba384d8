import type { Advice } from '@thimble/core/advice'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useUnits } from './useUnits'
import { Text } from './Text'

const lead = { note: '', caution: 'Take care: ', stop: 'Stop: ' } as const

/** Advice as a ruled bar: its severity in the rule's colour and in words. */
export function AdviceBar({ advice }: { advice: Advice }) {
  const p = usePalette()
  const inUnits = useUnits()
  const colour = { note: p.moss, caution: p.weld, stop: p.madder }[advice.severity]
  return (
    <View role="note" style={{ borderLeftWidth: 4, borderLeftColor: colour, paddingLeft: 12, marginVertical: 6 }}>
      <Text style={{ fontSize: 16 }}>
        {lead[advice.severity] ? (
          <Text bold style={{ fontSize: 16 }}>
            {lead[advice.severity]}
          </Text>
        ) : null}
        {inUnits(advice.text)}
      </Text>
    </View>
  )
}
