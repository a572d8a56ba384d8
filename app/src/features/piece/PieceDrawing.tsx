import type { StageId } from '@thimble/contract'
import { View } from 'react-native'
import { ItemDrawing } from '@/drawing/ItemDrawing'
import { Words } from '@/ui/Words'
import { type PieceTools, useHoopPlan } from './usePiece'

/** The piece to scale, as its stage needs it: tapes while measuring, the hoop once one is chosen. */
export function PieceDrawing({
  tools,
  stage,
  lit,
  height,
}: {
  tools: PieceTools
  stage: StageId
  lit: string | null
  height: number
}) {
  const { piece, plan, shelf } = tools
  const { chosen, hoop } = useHoopPlan(tools)
  const { placement } = plan
  if (!placement)
    return (
      <View style={{ height: 80, justifyContent: 'center', paddingHorizontal: 16 }}>
        <Words soft>The drawing waits for numbers that agree.</Words>
      </View>
    )
  const order = plan.asks.map((m) => m.id)
  const shownHoop =
    stage !== 'measure' && hoop && chosen ? { field: hoop.field, outside: hoop.outside, pose: chosen.pose } : null
  return (
    <ItemDrawing
      placement={placement}
      colour={piece.cloth.colour}
      unit={shelf.shop.unit}
      write={plan.write}
      height={height}
      lit={lit}
      order={order}
      measuring={stage === 'measure' && lit !== null && order.includes(lit)}
      hoop={shownHoop}
    />
  )
}
