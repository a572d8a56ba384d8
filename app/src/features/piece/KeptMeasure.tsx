import { writeStep } from '@thimble/core/placement'
import { writeSaid } from '@thimble/core/words'
import { Section } from '@/ui/Section'
import { TickLine } from '@/ui/TickLine'
import { BigNumbers, Words } from '@/ui/Words'
import { loadNames } from '@/words/designWords'
import { printTemplate } from '@/template/printTemplate'
import { TemplateButtons } from '@/template/TemplateButtons'
import type { KeptProps } from './StageProps'

/** The marks as they were decided, in today's words and units. */
export function KeptMeasure({ tools }: KeptProps) {
  const { piece, plan, marked, set } = tools
  const { placed, design } = marked
  if (!placed) return null
  const { width, height, loadClass, name } = design
  return (
    <>
      <Section title="Where it goes">
        <BigNumbers>{writeSaid(placed.placed, plan.style)}</BigNumbers>
        <Words>{`${name ?? 'A design by its size'}: ${plan.write(width)} wide, ${plan.write(height)} high, ${loadNames[loadClass]}.`}</Words>
      </Section>
      <Section title="As it was marked">
        {placed.steps.map((step) => (
          <TickLine
            key={step.id}
            title={writeStep({ ...step, marks: step.marks }, plan.style).text}
            done={piece.measure.marked[step.id] ?? false}
            onChange={(done) => set({ measure: { marked: { [step.id]: done } } })}
          />
        ))}
        <TemplateButtons make={(paper) => printTemplate(tools, paper, new Date())} />
      </Section>
    </>
  )
}
