import { isSettled } from '@thimble/plan'
import { useState } from 'react'
import { FieldProblem } from '@/ui/FieldProblem'
import { ThumbBar } from '@/ui/ThumbBar'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { StageButton } from '../StageButton'
import type { StageProps } from '../StageProps'
import { ClothColours, WhichCloth } from '../ClothQuestions'
import { DesignPicker } from './DesignPicker'
import { MarkSection } from './MarkSection'
import { PlaceSection } from './PlaceSection'
import { PrepareSection } from './PrepareSection'
import { RowSection } from './RowSection'
import { TapeSection } from './TapeSection'
import { SpotsSection } from './SpotsSection'
import { ZonesSection } from './ZonesSection'

/** Measure: what the tape says, the design, where it goes, and the marks that follow. */
export function MeasureStage({ tools, setHighlighted, onDone }: StageProps) {
  const { plan } = tools
  const required = plan.asks.filter(({ optional }) => !optional)
  const unmeasured = required.length > 0 && required.every(({ id }) => plan.assumed.has(id) && !plan.carried.has(id))
  const [asked, setAsked] = useState(false)
  // A number that came since is what was asked for.
  if (asked && !unmeasured) setAsked(false)
  return (
    <>
      <TapeSection tools={tools} setHighlighted={setHighlighted} />
      <Section title="The design">
        <DesignPicker tools={tools} />
      </Section>
      <PlaceSection tools={tools} setHighlighted={setHighlighted} />
      {plan.rule.arrange === 'row' ? <RowSection tools={tools} /> : null}
      {plan.rule.arrange === 'scatter' ? <SpotsSection tools={tools} /> : null}
      <ZonesSection tools={tools} />
      <Section title="The cloth">
        <WhichCloth tools={tools} />
        <ClothColours tools={tools} />
      </Section>
      <PrepareSection tools={tools} />
      <MarkSection tools={tools} />
      <ThumbBar>
        {plan.design.assumed ? <Text soft>Choose the design or give its size first.</Text> : null}
        {plan.problems.placed ? <FieldProblem id="placed">{plan.problems.placed}</FieldProblem> : null}
        {asked ? (
          <Text role="status" bold tone="madder">
            Not one number is from the tape: all are what the size usually has. Press again to mark by them.
          </Text>
        ) : null}
        <StageButton
          title={asked ? 'Mark by the usual numbers' : 'Marks are on'}
          disabled={!isSettled(plan)}
          onPress={() => (unmeasured && !asked ? setAsked(true) : onDone())}
        />
      </ThumbBar>
    </>
  )
}
