import { holdingSteps } from '@thimble/core/holding'
import type { HoldingMethod } from '@thimble/core/recipe'
import type { Basis, Hoop } from '@thimble/contract'
import { coreLayers, factsFrom, hoopingAtHand, notchesFromCross } from '@thimble/plan'
import { View } from 'react-native'
import { HoldingDrawing } from '@/drawing/HoldingDrawing'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'
import { notchesText } from '@/words/notchesText'
import { type PieceTools, useBuilt, useHoopPlan } from '../usePiece'

type Props = { tools: PieceTools; method: HoldingMethod; hoop: Pick<Hoop, 'clamp' | 'closes'> | null }

/** What of the cloth changes how hands go about it. */
function ofTheCloth(basis: Basis): Pick<Parameters<typeof holdingSteps>[0], 'knit' | 'holesStay' | 'wet'> {
  const { knit, keepsHoles, coated, waterMarks } = factsFrom(basis)
  return { knit, holesStay: keepsHoles || coated, wet: !waterMarks && !coated }
}

/** What hands do, in order, for this way of holding in this hoop and no other. */
export function HoldingSteps({ tools, method, hoop }: Props) {
  const { piece, marked } = tools
  const inUnits = useUnits()
  const { stack, basis } = useBuilt(tools)
  const at = hoopingAtHand(piece, useHoopPlan(tools), marked)
  const off = at && !piece.hoop.lineUp ? notchesText(notchesFromCross(at.hoop, at.pose), tools.plan.write) : null
  const steps = holdingSteps({
    method,
    closes: hoop?.clamp ? 'magnets' : (hoop?.closes ?? 'screw'),
    tube: Boolean(marked.placed?.item.tube),
    layers: stack ? coreLayers(stack.layers) : [],
    ...ofTheCloth(basis),
    ...(off ? { notches: off } : {}),
  })
  const sprayed = stack?.layers.some(({ role, grip }) => role === 'cloth' && grip === 'sprayed') ?? false
  return (
    <>
      <HoldingDrawing
        method={method}
        magnets={hoop?.clamp ?? false}
        cloth={piece.build.cloth.colour}
        sprayed={method === 'floated' && sprayed}
      />
      <View role="list">
        {steps.map((step, i) => (
          <View role="listitem" key={step.id} style={{ flexDirection: 'row', gap: 12, paddingVertical: 6 }}>
            <Text bold style={{ width: 20 }}>
              {i + 1}
            </Text>
            <View style={{ flex: 1 }}>
              <Text style={{ fontSize: 16 }}>{inUnits(step.text)}</Text>
              {step.care ? <Text soft>{step.care}</Text> : null}
            </View>
          </View>
        ))}
      </View>
    </>
  )
}
