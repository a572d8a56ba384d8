import { program as t } from '@thimble/language/en/program'
import type { Advice, Severity } from '@thimble/core/advice'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useSay } from './useSay'
import { useUnits } from './useUnits'
import { Text } from './Text'

const lead = { note: '', caution: t('take-care'), stop: t('stop') }

/** What is told in a bar: advice of the core, or a sentence of the page’s own. */
export type Told = Advice | { code: string; severity: Severity; text: string }

/** Advice as a ruled bar: its severity in the rule's colour and in words. */
export function AdviceBar({ advice }: { advice: Told }) {
  const p = usePalette()
  const inUnits = useUnits()
  const say = useSay()
  const colour = { note: p.moss, caution: p.weld, stop: p.madder }[advice.severity]
  return (
    <View role="note" style={{ borderLeftWidth: 4, borderLeftColor: colour, paddingLeft: 12, marginVertical: 6 }}>
      <Text style={{ fontSize: 16 }}>
        {lead[advice.severity] ? (
          <Text bold style={{ fontSize: 16 }}>
            {lead[advice.severity]}
          </Text>
        ) : null}
        {'said' in advice ? say(advice.said) : inUnits(advice.text)}
      </Text>
    </View>
  )
}
