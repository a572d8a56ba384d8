import { dialMove, hoopingAtHand, triesOf } from '@thimble/plan'
import { Words } from '@/ui/Words'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { AddedLine } from './AddedLine'
import { MoveBoxes } from './MoveBoxes'

/** What to dial: as found by the last look at the hooping, else as it was planned. */
export function KeptMove({ tools }: { tools: PieceTools }) {
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
      <Words bold>{last ? 'Dialled for how it lies' : 'Dial at the machine'}</Words>
      <MoveBoxes move={move} />
      <AddedLine added={at.added} />
      {at.groups > 1 ? <Words soft>{`Hooping ${at.group + 1} of ${at.groups}`}</Words> : null}
    </>
  )
}
