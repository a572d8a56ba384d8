import type { StageId } from '@thimble/contract'
import { View } from 'react-native'
import { ItemDrawing } from '@/drawing/ItemDrawing'
import { Words } from '@/ui/Words'
import { type PieceTools, useHoopPlan, useLivePiece } from './usePiece'

type Props = { id: string; stage: StageId; lit: string | null; height: number }

/** The piece to scale, as its stage needs it: tapes while measuring, the hoop once one is chosen. */
export function PieceDrawing({ id, stage, ...rest }: Props) {
  const live = useLivePiece(id)
  if (!live) return null
  return stage === 'measure' ? <MeasuredPiece {...live} {...rest} /> : <HoopedPiece {...live} {...rest} />
}

type PartProps = Pick<PieceTools, 'piece' | 'plan' | 'shelf'> & Pick<Props, 'lit' | 'height'>

function MeasuredPiece({ piece, plan, shelf, lit, height }: PartProps) {
  if (!plan.placement) return <Waiting />
  const order = plan.asks.map((m) => m.id)
  return (
    <ItemDrawing
      placement={plan.placement}
      colour={piece.cloth.colour}
      unit={shelf.shop.unit}
      write={plan.write}
      height={height}
      lit={lit}
      order={order}
      measuring={lit !== null && order.includes(lit)}
    />
  )
}

function HoopedPiece({ lit, height, ...tools }: PartProps) {
  const { piece, plan, shelf } = tools
  const { chosen, hoop } = useHoopPlan(tools)
  if (!plan.placement) return <Waiting />
  return (
    <ItemDrawing
      placement={plan.placement}
      colour={piece.cloth.colour}
      unit={shelf.shop.unit}
      write={plan.write}
      height={height}
      lit={lit}
      hoop={
        hoop && chosen ? { field: hoop.field, outside: hoop.outside, pose: chosen.pose, target: chosen.target } : null
      }
    />
  )
}

const Waiting = () => (
  <View style={{ height: 80, justifyContent: 'center', paddingHorizontal: 16 }}>
    <Words soft>The drawing waits for numbers that agree.</Words>
  </View>
)
