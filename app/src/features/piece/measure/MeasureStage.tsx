import { Button } from '@rneui/themed'
import { ThumbBar } from '@/ui/ThumbBar'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import type { StageProps } from '../StageProps'
import { DesignPicker } from './DesignPicker'
import { MarkSection } from './MarkSection'
import { PlaceSection } from './PlaceSection'
import { RowSection } from './RowSection'
import { TapeSection } from './TapeSection'
import { ZonesSection } from './ZonesSection'

/** Measure: what the tape says, the design, where it goes, and the marks that follow. */
export function MeasureStage({ tools, setLit, onDone }: StageProps) {
  const { plan } = tools
  const blocked = Object.keys(plan.problems).length > 0 || plan.placement === null
  return (
    <>
      <TapeSection tools={tools} setLit={setLit} />
      <Section title="The design">
        <DesignPicker tools={tools} />
      </Section>
      <PlaceSection tools={tools} setLit={setLit} />
      {plan.rule.arrange === 'row' ? <RowSection tools={tools} /> : null}
      <ZonesSection tools={tools} />
      <MarkSection tools={tools} />
      <ThumbBar>
        {plan.design.assumed ? <Words soft>Choose the design or give its size first.</Words> : null}
        <Button title="Marks are on" disabled={blocked || plan.design.assumed} onPress={onDone} />
      </ThumbBar>
    </>
  )
}
