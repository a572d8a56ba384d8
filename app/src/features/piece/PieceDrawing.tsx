import { piece as t } from '@thimble/language/en/piece'
import type { StageId } from '@thimble/contract'
import type { SketchBlock } from '@thimble/core/design'
import type { Pose } from '@thimble/core/plane'
import { isDone, type PieceDesign } from '@thimble/plan'
import { View } from 'react-native'
import type { DrawnHoop } from '@/drawing/InHoop'
import { ItemDrawing } from '@/drawing/ItemDrawing'
import type { Sketch } from '@/drawing/PlacedSketch'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'
import { type PieceTools, useHoopPlan, useLivePiece } from './usePiece'

type Props = { id: string; stage: StageId; highlighted: string | null; height: number }

/** The piece to scale, as its stage needs it: tapes while measuring, the hoop once one is chosen. */
export function PieceDrawing({ id, stage, ...rest }: Props) {
  const live = useLivePiece(id)
  if (!live) return null
  return stage === 'measure' ? <MeasuredPiece {...live} {...rest} /> : <HoopedPiece {...live} {...rest} />
}

type Planned = Pick<PieceTools, 'piece' | 'plan' | 'marked' | 'shelf'>
type PartProps = Planned & Pick<Props, 'highlighted' | 'height'>

/** While it is measured the drawing follows each key; once it is decided it stays. */
function MeasuredPiece({ piece, plan, marked, highlighted, height }: PartProps) {
  const done = isDone(piece, 'measure')
  const placed = done ? marked.placed : plan.placement
  if (!placed) return <Waiting />
  const order = plan.asks.map((m) => m.id)
  return (
    <ItemDrawing
      placed={placed}
      style={plan.style}
      colour={piece.build.cloth.colour}
      unit={plan.style.unit}
      write={plan.write}
      height={height}
      highlighted={highlighted}
      sketch={sketchOf(done ? marked.design : plan.design)}
      beside={plan.beside}
      order={order}
      measuring={!done && highlighted !== null && order.includes(highlighted)}
    />
  )
}

type Hooped = DrawnHoop & { pose: Pose; target: Pose | null }

/** The hoop as decided, or as picked while nothing is. */
function hoopedOf({ piece }: Planned, { hoop, chosen }: ReturnType<typeof useHoopPlan>): Hooped | null {
  const [kept] = piece.hoop.kept
  if (kept && !piece.hoop.reopened)
    return kept.hoop && kept.pose ? { ...kept.hoop, pose: kept.pose, target: kept.target } : null
  return hoop && chosen ? { ...hoop, pose: chosen.pose, target: chosen.target } : null
}

function HoopedPiece({ highlighted, height, ...planned }: PartProps) {
  const { piece, plan, marked } = planned
  const hoopPlan = useHoopPlan(planned)
  if (!marked.placed) return <Waiting />
  return (
    <ItemDrawing
      placed={marked.placed}
      style={plan.style}
      colour={piece.build.cloth.colour}
      unit={plan.style.unit}
      write={plan.write}
      height={height}
      highlighted={highlighted}
      sketch={sketchOf(marked.design)}
      beside={plan.beside}
      hoop={hoopedOf(planned, hoopPlan)}
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

/** It lies over what is scrolled under it, as the drawing would. */
function Waiting() {
  const p = usePalette()
  return (
    <View style={{ height: 80, justifyContent: 'center', paddingHorizontal: 16, backgroundColor: p.calico }}>
      <Text soft>{t('the-drawing-appears-once-the')}</Text>
    </View>
  )
}
