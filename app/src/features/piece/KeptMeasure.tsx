import { note } from '@thimble/core/advice'
import { preparing } from '@thimble/plan'
import { writeStep } from '@thimble/core/placement'
import { writeSaid } from '@thimble/core/words'
import { Section } from '@/ui/Section'
import { TickLine } from '@/ui/TickLine'
import { BigNumbers, Words } from '@/ui/Words'
import { loadNames } from '@/words/designWords'
import { printTemplate } from '@/template/printTemplate'
import { TemplateButtons } from '@/template/printing'
import { KeptList } from './KeptList'
import type { KeptProps } from './StageProps'
import { useBuilt } from './usePiece'

/** The marks as they were decided, in today's words and units. */
export function KeptMeasure({ tools }: KeptProps) {
  const { piece, plan, marked, set } = tools
  const { placed, design } = marked
  const { basis } = useBuilt(tools)
  if (!placed) return null
  const { width, height, loadClass, name } = design
  const ready = preparing(piece, basis, null).map(({ id, text, ticked }) => ({ line: note(id, text), ticked }))
  return (
    <>
      <Section title="Where it goes">
        <BigNumbers>{writeSaid(placed.placed, plan.style)}</BigNumbers>
        <Words>{`${name ?? 'A design by its size'}: ${plan.write(width)} wide, ${plan.write(height)} high, ${loadNames[loadClass]}.`}</Words>
      </Section>
      {ready.length > 0 ? (
        <Section title="Made ready">
          <KeptList lines={ready} />
        </Section>
      ) : null}
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
