import { preparing } from '@thimble/plan'
import { View } from 'react-native'
import { Section } from '@/ui/Section'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { type PieceTools, useBuildPlan } from '../usePiece'

/** What is done to the piece before the tape goes on, and before any mark. */
export function PrepareSection({ tools }: { tools: PieceTools }) {
  const { piece, plan, set } = tools
  const { basis } = useBuildPlan(tools)
  const steps = preparing(piece, basis, plan.placement)
  return (
    <Section title="Make it ready">
      <View>
        {steps.map(({ id, text, ticked }) => (
          <CheckboxRow
            key={id}
            title={text}
            done={ticked}
            onChange={(done) => set({ measure: { marked: { [id]: done } } })}
          />
        ))}
      </View>
    </Section>
  )
}
