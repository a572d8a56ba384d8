import type { HoldingAdvice } from '@thimble/core/hooping/chooseHolding'
import { holdingNames } from '@thimble/core/recipe/names'
import type { HoldingMethod } from '@thimble/core/recipe/recipeQuery'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Words } from '@/ui/Words'

type Props = {
  holding: HoldingAdvice
  value: HoldingMethod | null
  onChange: (method: HoldingMethod, why: string) => void
}

/** Ways to hold the piece: the advised one first with its reason, the refused with theirs. */
export function HoldingChoices({ holding, value, onChange }: Props) {
  const p = usePalette()
  const allowed = holding.choices.filter((c) => c.allowed)
  const refused = holding.choices.filter((c) => !c.allowed && c.method !== 'backing-alone')
  const current = value ?? holding.method
  return (
    <View style={{ gap: 10 }}>
      <View role="radiogroup" aria-label="Holding" style={{ gap: 8 }}>
        {allowed.map(({ method, because }) => {
          const on = method === current
          const why = (method === holding.method ? holding.because : because).map((b) => b.text).join(' ')
          return (
            <Pressable
              key={method}
              role="radio"
              aria-checked={on}
              aria-label={holdingNames[method]}
              onPress={() => onChange(method, why)}
              style={{
                backgroundColor: p.paper,
                borderRadius: 4,
                borderWidth: on ? 2 : 1,
                margin: on ? 0 : 1,
                borderColor: on ? p.indigo : p.seam,
                padding: 12,
                minHeight: 52,
                justifyContent: 'center',
              }}
            >
              <Words bold tone={on ? 'indigo' : undefined}>
                {holdingNames[method]}
                {method === holding.method ? ' (advised)' : ''}
              </Words>
              {why ? <Words style={{ fontSize: 16 }}>{why}</Words> : null}
            </Pressable>
          )
        })}
      </View>
      {refused.map(({ method, because }) => (
        <Words soft key={method}>{`Not ${holdingNames[method].toLowerCase()}: ${because[0]?.text ?? ''}`}</Words>
      ))}
      {value && holding.choices.some((c) => c.method === value && !c.allowed) ? (
        <Words tone="madder">{`${holdingNames[value]} was chosen before and will not do here now; pick another.`}</Words>
      ) : null}
    </View>
  )
}
