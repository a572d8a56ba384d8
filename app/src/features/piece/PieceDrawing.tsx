import type { StageId } from '@thimble/contract'
import { View } from 'react-native'
import { ItemDrawing } from '@/drawing/ItemDrawing'
import type { Sketch } from '@/drawing/PlacedSketch'
import type { PieceDesign } from '@/plan/pieceDesign'
import { Words } from '@/ui/Words'
import type { SketchBlock } from '@thimble/core/design/sketchDesign'
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
      sketch={sketchOf(plan.design)}
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
      sketch={sketchOf(plan.design)}
      hoop={
        hoop && chosen ? { field: hoop.field, outside: hoop.outside, pose: chosen.pose, target: chosen.target } : null
      }
    />
  )
}

const sketches = new WeakMap<readonly SketchBlock[], NonNullable<Sketch>>()

/** The same object for the same design, so that the drawing is not made again at every key. */
function sketchOf({ sketch, colours }: PieceDesign): Sketch {
  if (!sketch) return null
  const known = sketches.get(sketch)
  if (known && known.colours === colours) return known
  const fresh = { blocks: sketch, colours }
  sketches.set(sketch, fresh)
  return fresh
}

const Waiting = () => (
  <View style={{ height: 80, justifyContent: 'center', paddingHorizontal: 16 }}>
    <Words soft>The drawing waits for numbers that agree.</Words>
  </View>
)
