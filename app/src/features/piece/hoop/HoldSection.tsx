import { holdingNames } from '@thimble/core/recipe'
import { Section } from '@/ui/Section'
import { HoldingPicker } from '../HoldingPicker'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { HoldingSteps } from './HoldingSteps'
import { NoLongerSuits } from './NoLongerSuits'

/** How the piece is held: the choice with what speaks for or against it, and its steps for hands. */
export function HoldSection({ tools }: { tools: PieceTools }) {
  const { method, hoop } = useHoopPlan(tools)
  return (
    <Section title={holdingNames[method]}>
      <HoldingPicker tools={tools} />
      <NoLongerSuits tools={tools} />
      <HoldingSteps tools={tools} method={method} hoop={hoop} />
    </Section>
  )
}
