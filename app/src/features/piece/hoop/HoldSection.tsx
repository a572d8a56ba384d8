import { holdingSteps } from '@thimble/core/holding'
import { familyFacts, holdingNames } from '@thimble/core/recipe'
import { View } from 'react-native'
import { HoldingDrawing } from '@/drawing/HoldingDrawing'
import { AdviceBar } from '@/ui/AdviceBar'
import { Opener } from '@/ui/Opener'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { Words } from '@/ui/Words'
import { type PieceTools, useBuilt, useHoopPlan } from '../usePiece'
import { HoldingChoices } from './HoldingChoices'
import { StackMisfits } from './StackMisfits'

/** How the piece is held: the way advised with its reason, its steps for hands, and the other ways. */
export function HoldSection({ tools }: { tools: PieceTools }) {
  const { advice, method } = useHoopPlan(tools)
  const inUnits = useUnits()
  const why = (
    method === advice.method ? advice.because : (advice.choices.find((c) => c.method === method)?.because ?? [])
  )
    .map((b) => b.text)
    .join(' ')
  return (
    <Section
      title={method === 'none' ? 'Nothing holds it so' : `How to hold it: ${holdingNames[method].toLowerCase()}`}
      says={inUnits(why)}
    >
      {method === 'none' ? (
        advice.waysOut.map((way) => (
          <AdviceBar key={way.rule} advice={{ code: way.rule, text: way.text, severity: 'note' }} />
        ))
      ) : (
        <HoldingSteps tools={tools} />
      )}
      <StackMisfits tools={tools} />
      <Opener title="Other ways to hold it" open={method === 'none'}>
        <HoldingChoices
          advice={advice}
          method={method}
          picked={tools.piece.hoop.holding}
          onChange={(holding) => tools.set({ hoop: { holding } })}
        />
      </Opener>
    </Section>
  )
}

/** What hands do, in order, for this way and no other. */
function HoldingSteps({ tools }: { tools: PieceTools }) {
  const { piece, marked } = tools
  const { method, hoop } = useHoopPlan(tools)
  const inUnits = useUnits()
  const { stack } = useBuilt(tools)
  if (method === 'none') return null
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
            <Words bold style={{ width: 20 }}>
              {i + 1}
            </Words>
            <View style={{ flex: 1 }}>
              <Words style={{ fontSize: 16 }}>{inUnits(step.text)}</Words>
              {step.care ? <Words soft>{step.care}</Words> : null}
            </View>
          </View>
        ))}
      </View>
    </>
  )
}
