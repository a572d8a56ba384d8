import { hoop as t } from '@thimble/language/en/hoop'
import { writeName } from '@thimble/language'
import type { StraightCheck } from '@thimble/plan'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import type { PieceTools } from '../usePiece'
import { noMarks } from './noMarks'
import { partNames } from './PartHoopings'

/** Which of several hoopings is looked at: of a row, or of corners. */
export function WhichHooping({
  tools: { piece, marked, set },
  check: { at },
}: {
  tools: PieceTools
  check: StraightCheck
}) {
  if (at.groups < 2) return null
  const nameOf = (i: number): string => {
    const parts = piece.hoop.kept[0]?.parts?.[i]
    if (parts) return partNames({ marked }, parts)
    const copy = marked.placed?.row ? null : marked.placed?.copies[i]
    return copy ? writeName(copy.name) : t('hooping-2', { i: i + 1 })
  }
  return (
    <Section>
      <Choices
        long={at.groups > 6}
        label={t('which-hooping')}
        choices={Array.from({ length: at.groups }, (_, i) => ({ id: String(i), name: nameOf(i) }))}
        value={String(at.group)}
        onChange={(id) => set({ hoop: { group: Number(id), landed: noMarks(piece) } })}
      />
    </Section>
  )
}
