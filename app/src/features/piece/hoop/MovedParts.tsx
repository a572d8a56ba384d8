import { hoop as t } from '@thimble/language/en/hoop'
import { speakerFor, writeMessage } from '@thimble/language'
import { Button } from '@rneui/themed'
import { inTheDesign } from '@thimble/core/hooping'
import { movedPart, movePart } from '@thimble/plan'
import { useMemo } from 'react'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { type PieceTools, useHoopPlan } from '../usePiece'

/** Parts that are moved on this piece, and back. */
export function MovedParts({ tools: { piece, plan, marked, set } }: { tools: PieceTools }) {
  const moved = Object.entries(piece.hoop.moved).filter(([, { x, y }]) => x !== 0 || y !== 0)
  if (moved.length === 0) return null
  const said = moved.map(([part, { x, y }]) =>
    t('moved-in-the-design', {
      name: marked.design.parts[Number(part)]?.name ?? t('a-part'),
      name2: speakerFor(plan.style).name(inTheDesign(x, y)),
    }),
  )
  return (
    <Section says={t('move-it-at-the-machine', { said: said.join(' ') })}>
      <Button
        type="outline"
        title={t('move-it-back')}
        onPress={() => set({ hoop: { moved: Object.fromEntries(moved.map(([part]) => [part, null])) as never } })}
      />
    </Section>
  )
}

/** The part of a grouped design that would be moved, so that a hoop takes the whole. */
export function PartToMove({ tools }: { tools: PieceTools }) {
  const { marked, piece, set } = tools
  const { hoops, machines } = tools.shelf
  const { ranked, machine } = useHoopPlan(tools)
  const move = useMemo(
    () => movePart({ marked, hoops, machines }, { ranked, machine }),
    [marked, hoops, machines, ranked, machine],
  )
  if (!move) return null
  return (
    <>
      <Text>{writeMessage(move.said, tools.plan.style)}</Text>
      <Button
        type="outline"
        title={t('move-it-here-and-at')}
        onPress={() => set({ hoop: { ...movedPart(piece, move.part, move.x, move.y), hoopId: move.hoop } })}
      />
    </>
  )
}
