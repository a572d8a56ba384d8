import { holdingSteps } from '@thimble/core/holding'
import type { HoldingMethod } from '@thimble/core/recipe'
import type { Basis, Hoop } from '@thimble/contract'
import { coreLayers, factsFrom, hoopingAtHand, notchesFromCross } from '@thimble/plan'
import { View } from 'react-native'
import { HoldingDrawing } from '@/drawing/HoldingDrawing'
import { AdviceBar } from '@/ui/AdviceBar'
import { useSay } from '@/ui/useSay'
import { Text } from '@/ui/Text'
import { notchesText } from '@/words/notchesText'
import { type PieceTools, useBuilt, useHoopPlan } from '../usePiece'

type Props = { tools: PieceTools; method: HoldingMethod; hoop: Pick<Hoop, 'clamp' | 'closes'> | null }

/** What of the cloth changes how hands go about it. */
function ofTheCloth(basis: Basis): Pick<Parameters<typeof holdingSteps>[0], 'knit' | 'holesStay' | 'wet'> {
  const { knit, keepsHoles, coated, waterMarks } = factsFrom(basis)
  return { knit, holesStay: keepsHoles || coated, wet: !waterMarks && !coated }
}

/** No hoop of this size goes inside, whichever way it lies. */
const isNarrow = (tube: { width: number } | null, outside: { width: number; height: number } | null): boolean =>
  tube !== null && outside !== null && tube.width < Math.min(outside.width, outside.height)

/** What is to be held, and in what. */
function useTask({ tools, method, hoop }: Props): Parameters<typeof holdingSteps>[0] {
  const { piece, marked, plan } = tools
  const { stack, basis } = useBuilt(tools)
  const at = hoopingAtHand(piece, useHoopPlan(tools), marked)
  const off = at && !piece.hoop.lineUp ? notchesText(notchesFromCross(at.hoop, at.pose), plan.write) : null
  const tube = marked.placed?.item.tube ?? null
  return {
    method,
    closes: hoop?.clamp ? 'magnets' : (hoop?.closes ?? 'screw'),
    tube: tube !== null,
    narrow: isNarrow(tube, at?.hoop.outside ?? null),
    layers: stack ? coreLayers(stack.layers) : [],
    ...ofTheCloth(basis),
    ...(off ? { notches: off } : {}),
  }
}

export const useHoldingSteps = (props: Props) => holdingSteps(useTask(props))

/** What hands do, in order, for this way of holding in this hoop and no other. */
export function HoldingSteps(props: Props) {
  const { tools, method, hoop } = props
  const say = useSay()
  const { stack } = useBuilt(tools)
  const steps = useHoldingSteps(props)
  const sprayed = stack?.layers.some(({ role, grip }) => role === 'cloth' && grip === 'sprayed') ?? false
  return (
    <>
      <HoldingDrawing
        method={method}
        magnets={hoop?.clamp ?? false}
        cloth={tools.piece.build.cloth.colour}
        sprayed={method === 'floated' && sprayed}
      />
      <View role="list">
        {steps.map((step, i) => (
          <View role="listitem" key={step.id} style={{ flexDirection: 'row', gap: 12, paddingVertical: 6 }}>
            <Text bold style={{ width: 20 }}>
              {i + 1}
            </Text>
            <View style={{ flex: 1 }}>
              <Text style={{ fontSize: 16 }}>{say(step.said)}</Text>
              {step.care ? <Text soft>{say(step.care)}</Text> : null}
            </View>
          </View>
        ))}
      </View>
    </>
  )
}

/** What may hurt a hand in these steps, each once: they stand behind a line, it does not. */
export function HoldingCares(props: Props) {
  const say = useSay()
  const cares = new Set(useHoldingSteps(props).flatMap(({ care }) => (care ? [say(care)] : [])))
  if (cares.size === 0) return null
  return <AdviceBar advice={{ code: 'care', text: [...cares].join(' '), severity: 'caution' }} />
}
