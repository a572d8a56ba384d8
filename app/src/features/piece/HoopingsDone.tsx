import { piece as t } from '@thimble/language/en/piece'
import type { Piece } from '@thimble/contract'
import { eventsOf, stitchingProgress, type Sewing } from '@thimble/plan/stitching'
import { useDocs } from '@/state/useShelfDocs'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import { stateWord } from '@/words/runWords'

type Props = { piece: Piece; sewing: Sewing; onPick: (group: number) => void }

/** Hoopings of a row, of corners or of a long design, one after another, each with how far it is. */
export function HoopingsDone({ piece, sewing, onPick }: Props) {
  const events = useDocs('runEvents')
  const choices = Array.from({ length: sewing.groups }, (_, group) => {
    const run = stitchingProgress(eventsOf(events, piece.id, group), sewing.program)
    return { id: String(group), name: run.state === 'ready' ? String(group + 1) : `${group + 1}: ${stateWord(run)}` }
  })
  return (
    <Section title={t('hooping-by-hooping')}>
      <Choices
        quiet
        label={t('hooping-by-hooping')}
        choices={choices}
        value={String(sewing.group)}
        onChange={(id) => onPick(Number(id))}
      />
    </Section>
  )
}
