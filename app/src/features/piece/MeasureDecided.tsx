import { many } from '@thimble/language/en/counts'
import { piece as t } from '@thimble/language/en/piece'
import { preparing } from '@thimble/plan'
import { writeMessage } from '@thimble/language'
import { Fold } from '@/ui/Fold'
import { Section } from '@/ui/Section'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Text } from '@/ui/Text'
import { loadNames } from '@/words/designWords'
import { printTemplate } from '@/template/printTemplate'
import { TemplateButtons } from '@/template/printing'
import { DecidedList } from './DecidedList'
import type { DecidedProps } from './StageProps'
import { useBuilt } from './usePiece'

/** The marks as they were decided, in today's words and units. */
export function MeasureDecided({ tools }: DecidedProps) {
  const { piece, plan, marked, set } = tools
  const { placed, design } = marked
  const { basis } = useBuilt(tools)
  if (!placed) return null
  const { width, height, loadClass, name } = design
  const ready = preparing(piece, basis, null).map(({ id, said, ticked }) => ({
    ...{ line: { code: id, severity: 'note' as const, said }, ticked },
  }))
  return (
    <>
      <Section title={writeMessage(placed.placed, plan.style)}>
        <Text>{`${name ?? t('design-by-size')}, ${plan.write(width)} × ${plan.write(height)}, ${loadNames[loadClass]}`}</Text>
      </Section>
      {ready.length > 0 ? (
        <Fold
          title={t('prepared')}
          answer={t('of-done', { ready: ready.filter(({ ticked }) => ticked).length, ready2: ready.length })}
        >
          <DecidedList lines={ready} />
        </Fold>
      ) : null}
      <Fold title={t('marks')} answer={many(placed.steps.length, 'step')}>
        {placed.steps.map((step) => (
          <CheckboxRow
            key={step.id}
            title={writeMessage(step.said, plan.style)}
            done={piece.measure.marked[step.id] ?? false}
            onChange={(done) => set({ measure: { marked: { [step.id]: done }, markedSaid: { [step.id]: step.said } } })}
          />
        ))}
        <TemplateButtons make={(paper) => printTemplate(tools, paper, new Date())} />
      </Fold>
    </>
  )
}
