import { hoop as t } from '@thimble/language/en/hoop'
import { writeName } from '@thimble/language'
import { type HoopingAtHand, type Move, moveAt } from '@thimble/plan'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { AsLastTime } from '../AsLastTime'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { AddedLine } from './AddedLine'
import { isCentred } from './DecidedMove'
import { MoveBoxes } from './MoveBoxes'

/** What to dial at the machine for this hooping, set large. */
export function DialIn({ tools, at }: { tools: PieceTools; at: HoopingAtHand }) {
  const { piece, plan, marked } = tools
  const hoop = useHoopPlan(tools)
  const move = moveAt({ piece, marked, hoop }, at)
  return (
    <Section>
      <MoveBoxes move={move} />
      <Text soft>{`${isCentred(move) ? '' : t('dial-this-in-2')}${afterDialling(move, plan)}`}</Text>
      <AsLastTime tools={tools} what="turn" />
      <AddedLine added={hoop.added} />
    </Section>
  )
}

function afterDialling({ topEdge, left, right, down }: Move, { write }: PieceTools['plan']): string {
  const rest = left >= 0.05 ? t('at-worst-a-corner-is', { left: left.toFixed(1) }) : t('exact-on-this-machine')
  if (!topEdge || (right === 0 && down === 0)) return rest
  const way = topEdge.below >= 0 ? t('below') : t('above')
  return t('the-top-edge-lies', { rest, abs: write(Math.abs(topEdge.below)), way, write: writeName(topEdge.line) })
}
