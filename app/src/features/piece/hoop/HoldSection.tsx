import { holdingNames } from '@thimble/language'
import { many } from '@thimble/language/en/counts'
import { hoop as t } from '@thimble/language/en/hoop'
import { Fold } from '@/ui/Fold'
import { Section } from '@/ui/Section'
import { HoldingAgainst, HoldingPicker } from '../HoldingPicker'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { HoldingCares, HoldingSteps, useHoldingSteps } from './HoldingSteps'
import { NoLongerSuits } from './NoLongerSuits'

/** How the piece is held: the choice, what speaks against it, and what may hurt a hand in doing it. */
export function HoldSection({ tools }: { tools: PieceTools }) {
  const { method, hoop } = useHoopPlan(tools)
  return (
    <Section>
      <HoldingPicker tools={tools} short />
      <HoldingAgainst tools={tools} />
      <NoLongerSuits tools={tools} />
      <HoldingCares {...{ tools, method, hoop }} />
    </Section>
  )
}

/** The same for hands, step by step. */
export function HoldingStepsFold({ tools }: { tools: PieceTools }) {
  const { method, hoop } = useHoopPlan(tools)
  const steps = useHoldingSteps({ tools, method, hoop })
  return (
    <Fold title={t('step-by-step', { holdingNames: holdingNames[method] })} answer={many(steps.length, 'step')}>
      <HoldingSteps {...{ tools, method, hoop }} />
    </Fold>
  )
}
