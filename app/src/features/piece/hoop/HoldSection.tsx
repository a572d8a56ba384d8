import { holdingNames } from '@thimble/core/recipe'
import { AdviceBar } from '@/ui/AdviceBar'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { HoldingChoices } from './HoldingChoices'
import { HoldingSteps } from './HoldingSteps'
import { StackMisfits } from './StackMisfits'

/** How the piece is held: the way advised with its reason, its steps for hands, and the other ways. */
export function HoldSection({ tools }: { tools: PieceTools }) {
  const { advice, method, hoop } = useHoopPlan(tools)
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
        <HoldingSteps tools={tools} method={method} hoop={hoop} />
      )}
      <StackMisfits tools={tools} />
      <Disclosure title="Other ways to hold it" open={method === 'none'}>
        <HoldingChoices
          advice={advice}
          method={method}
          picked={tools.piece.hoop.holding}
          onChange={(holding) => tools.set({ hoop: { holding } })}
        />
      </Disclosure>
    </Section>
  )
}
