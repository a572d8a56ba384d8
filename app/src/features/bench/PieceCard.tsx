import { bench as t } from '@thimble/language/en/bench'
import { kindOf, nextAction, planMeasure, stageAt, stagesDone } from '@thimble/plan'
import type { Piece } from '@thimble/contract'
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays'
import { parseISO } from 'date-fns/parseISO'
import { memo, useMemo } from 'react'
import { View } from 'react-native'
import { ItemThumb } from '@/drawing/ItemThumb'
import { ThreadLine } from '@/ui/ThreadLine'
import { useSiblings } from '@/state/siblings'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { BigNumbers, Heading, Text } from '@/ui/Text'
import { dayText, weekdayText } from '@/words/dates'

/** One piece on the bench: what and for whom, when due, its thread, and what to do next. One tap resumes there. */
export const PieceCard = memo(function PieceCard({ piece }: { piece: Piece }) {
  const p = usePalette()
  const shop = useDocuments((s) => s.shop)
  const { designId } = piece.measure
  const design = useDocuments((s) => (designId ? s.docs.designs[designId] : undefined))
  const beside = useSiblings(piece)
  const all = useDocuments((s) => (beside.length > 0 ? s.docs.designs : null))
  const next = useMemo(() => {
    const designs = all ?? (design ? { [design.id]: design } : {})
    return nextAction(piece, planMeasure(piece, { shop, designs, beside }))
  }, [piece, shop, design, all, beside])
  const done = useMemo(() => stagesDone(piece), [piece])
  const due = piece.due ? dueIn(piece.due) : null
  return (
    <RowLink
      href={`/piece/${piece.id}`}
      style={{
        flexGrow: 1,
        backgroundColor: p.paper,
        borderBottomWidth: 1,
        borderBottomColor: p.seam,
        paddingHorizontal: 16,
        paddingVertical: 12,
        gap: 10,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 14, alignItems: 'flex-start' }}>
        <ItemThumb kind={kindOf(piece)} size={piece.item.size} colour={piece.build.cloth.colour} px={60} />
        <View style={{ flex: 1, minWidth: 0 }}>
          <Heading level={2}>{piece.name}</Heading>
          <Text soft>{[piece.customer, piece.run].filter(Boolean).join(', ') || t('no-customer')}</Text>
        </View>
        {due ? (
          <Text
            soft={!due.pressing}
            bold={due.pressing}
            tone={due.pressing ? 'madder' : undefined}
            style={{ fontSize: 15 }}
          >
            {due.text}
          </Text>
        ) : null}
      </View>
      <ThreadLine done={done} at={stageAt(piece)} />
      <BigNumbers>{next}</BigNumbers>
    </RowLink>
  )
})

function dueIn(due: string): { text: string; pressing: boolean } {
  const days = differenceInCalendarDays(parseISO(due), new Date())
  if (days < 0) return { text: days === -1 ? t('due-yesterday') : t('days-late', { one: -days }), pressing: true }
  if (days === 0) return { text: t('due-today'), pressing: true }
  return { text: days < 7 ? weekdayText(due) : dayText(due), pressing: false }
}
