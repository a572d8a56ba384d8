import { hoop as t } from '@thimble/language/en/hoop'
import { dialParts, hoopingAtHand, keptTry, type Move, moveAt } from '@thimble/plan'
import { Text } from '@/ui/Text'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { AddedLine } from './AddedLine'
import { MoveBoxes } from './MoveBoxes'

/** Nothing is dialled. */
export const isCentred = (move: Pick<Move, 'turn' | 'right' | 'down'>): boolean =>
  dialParts(move).every(({ any }) => !any)

/** What to dial: as found by the last look at the hooping, else as it was planned. */
export function DecidedMove({ tools }: { tools: PieceTools }) {
  const { piece, marked } = tools
  const hoop = useHoopPlan(tools)
  const at = hoopingAtHand(piece, hoop, marked)
  if (!at) return null
  const seen = keptTry(piece, at.group) !== null
  const move = moveAt({ piece, marked, hoop }, at)
  return (
    <>
      <MoveBoxes move={move} />
      {seen ? (
        <Text soft>{t('dial-this-in-as-checked')}</Text>
      ) : isCentred(move) ? null : (
        <Text soft>{t('dial-this-in')}</Text>
      )}
      <AddedLine added={at.added} />
      {at.groups > 1 ? <Text soft>{t('hooping-of', { group: at.group + 1, groups: at.groups })}</Text> : null}
    </>
  )
}
