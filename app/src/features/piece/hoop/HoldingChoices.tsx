import type { HoldingAdvice } from '@thimble/core/hooping'
import { type HoldingMethod, holdingNames } from '@thimble/core/recipe'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { radio, RadioGroup } from '@/ui/RadioGroup'
import { Text } from '@/ui/Text'

type Props = {
  advice: HoldingAdvice
  /** As it is held: picked, or as advised. */
  method: HoldingMethod | 'none'
  picked: HoldingMethod | null
  onChange: (method: HoldingMethod) => void
}

/** Ways to hold the piece: the advised one first with its reason, the refused with theirs. */
export function HoldingChoices({ advice, method: current, picked, onChange }: Props) {
  const p = usePalette()
  const allowed = advice.choices.filter((c) => c.allowed)
  const refused = advice.choices.filter((c) => !c.allowed && c.method !== 'backing-alone')
  return (
    <View style={{ gap: 10 }}>
      <RadioGroup label="Holding" style={{ gap: 8 }}>
        {allowed.map(({ method, because }) => {
          const on = method === current
          const why = (method === advice.method ? advice.because : because).map((b) => b.text).join(' ')
          return (
            <Pressable
              key={method}
              {...radio(on)}
              onPress={() => onChange(method)}
              style={{
                backgroundColor: p.paper,
                borderRadius: 4,
                borderWidth: on ? 2 : 1,
                margin: on ? 0 : 1,
                borderColor: on ? p.indigo : p.edge,
                padding: 12,
                minHeight: 52,
                justifyContent: 'center',
              }}
            >
              <Text bold tone={on ? 'indigo' : undefined}>
                {holdingNames[method]}
                {method === advice.method ? ' (advised)' : ''}
              </Text>
              {why ? <Text style={{ fontSize: 16 }}>{why}</Text> : null}
            </Pressable>
          )
        })}
      </RadioGroup>
      {refused.map(({ method, because }) => (
        <Text soft key={method}>{`Not ${holdingNames[method].toLowerCase()}: ${because[0]?.text ?? ''}`}</Text>
      ))}
      {picked && refused.some((c) => c.method === picked) ? (
        <Text tone="madder">{`${holdingNames[picked]} was chosen before and will not do here now; pick another.`}</Text>
      ) : null}
    </View>
  )
}
