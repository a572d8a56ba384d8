import { holdingSteps } from '@thimble/core/holding'
import { familyFacts, type HoldingMethod } from '@thimble/core/recipe'
import type { Hoop } from '@thimble/contract'
import { View } from 'react-native'
import { HoldingDrawing } from '@/drawing/HoldingDrawing'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'
import { type PieceTools, useBuilt } from '../usePiece'

type Props = { tools: PieceTools; method: HoldingMethod; hoop: Pick<Hoop, 'clamp' | 'closes'> | null }

/** What hands do, in order, for this way of holding in this hoop and no other. */
export function HoldingSteps({ tools, method, hoop }: Props) {
  const { piece, marked } = tools
  const inUnits = useUnits()
  const { stack } = useBuilt(tools)
  const grip = stack?.layers.find((layer) => layer.role === 'cloth')?.grip
  const floats = grip === 'sprayed' || grip === 'pinned' ? grip : 'sticky'
  const steps = holdingSteps({
    method,
    closes: hoop?.clamp ? 'magnets' : (hoop?.closes ?? 'screw'),
    knit: familyFacts[piece.build.cloth.family].knit,
    tube: Boolean(marked.placed?.item.tube),
    grip: method === 'floated' ? floats : grip,
  })
  return (
    <>
      <HoldingDrawing
        method={method}
        magnets={hoop?.clamp ?? false}
        cloth={piece.build.cloth.colour}
        sprayed={method === 'floated' && floats === 'sprayed'}
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
