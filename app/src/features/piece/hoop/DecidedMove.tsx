import { dialMove, hoopingAtHand, triesOf } from '@thimble/plan'
import { Text } from '@/ui/Text'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { AddedLine } from './AddedLine'
import { MoveBoxes } from './MoveBoxes'

/** What to dial: as found by the last look at the hooping, else as it was planned. */
export function DecidedMove({ tools }: { tools: PieceTools }) {
  const { piece, marked, shelf } = tools
  const hooped = useHoopPlan(tools)
  const at = hoopingAtHand(piece, hooped, marked)
  if (!at) return null
  const last = triesOf(piece)
    .filter((one) => one.group === at.group && one.then === 'kept')
    .at(-1)
  const move = dialMove({ piece, shop: shelf.shop, marked, machine: hooped.machine, at }, last?.exact)
  return (
    <>
      <Text bold>{last ? 'Dialled for how it lies' : 'Dial at the machine'}</Text>
      <MoveBoxes move={move} />
      <AddedLine added={at.added} />
      {at.groups > 1 ? <Text soft>{`Hooping ${at.group + 1} of ${at.groups}`}</Text> : null}
    </>
  )
}
