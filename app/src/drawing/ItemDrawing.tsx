import type { PlacementPlan } from '@thimble/core/placement/planPlacement'
import type { HoopField } from '@thimble/core/hooping/hoopField'
import { boxOf, rectangle } from '@thimble/core/plane/box'
import { applyPose, inversePose, type Pose, rotatePoint } from '@thimble/core/plane/point'
import { useState } from 'react'
import { View as Box } from 'react-native'
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { clothInk } from './clothInk'
import { HoopRing } from './HoopRing'
import { ItemOutline } from './ItemOutline'
import { MarkSymbols } from './MarkSymbols'
import { fitAll, fitWidth, toPath, toX, type View } from './scale'
import { Tape } from './Tape'
import { TapeOnCloth } from './TapeOnCloth'

type Props = {
  placement: PlacementPlan
  colour: string
  unit: 'mm' | 'cm' | 'in'
  write: (mm: number) => string
  height: number
  /** Measurement or distance whose tape is lit; the order in which tapes are numbered. */
  lit?: string | null
  order?: readonly string[]
  measuring?: boolean
  hoop?: { field: HoopField; outside: { width: number; height: number }; pose: Pose } | null
}

const TAPE = 20

/** The piece to scale between two tapes: cloth, seams, tapes asked for, design, marks, and the hoop when there is one. */
export function ItemDrawing({ placement, colour, unit, write, height, lit, order = [], measuring, hoop }: Props) {
  const p = usePalette()
  const [width, setWidth] = useState(0)
  const { item, pose, designOutline, marks } = placement
  const mind = boxOf([
    ...designOutline,
    ...marks.map((m) => m.at),
    ...placement.tapes.flatMap((t) => [t.from, t.to]),
    ...(measuring ? item.tapes.flatMap((t) => [t.from, t.to]) : []),
  ])
  const [w, h] = [Math.max(50, width - TAPE), height - TAPE]
  const ring = hoop ? hoopOnItem(pose, hoop.pose) : null
  const view = hoop && ring ? fitAll(ringBox(hoop.outside, ring), w, h, 10) : fitWidth(frameOf(item), mind, w, h)
  const ink = clothInk(colour)
  const asked = item.tapes
    .filter((t) => t.id === lit || measuring)
    .sort((a, b) => Number(a.id === lit) - Number(b.id === lit))
  return (
    <Box
      role="img"
      aria-label={`Drawing to scale. ${placement.summary}.`}
      style={{ height, backgroundColor: p.table }}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
    >
      {width === 0 ? null : (
        <Svg width={width} height={height}>
          <Defs>
            <ClipPath id="table">
              <Rect x={0} y={0} width={view.width} height={view.height} />
            </ClipPath>
          </Defs>
          <G x={TAPE} y={TAPE}>
            <G clipPath="url(#table)">
              <ItemOutline view={view} item={item} colour={colour} edge={p.ink} />
              <Line
                x1={toX(view, 0)}
                x2={toX(view, 0)}
                y1={0}
                y2={view.height}
                stroke={ink.line}
                strokeWidth={1.2}
                strokeDasharray="2 5"
              />
              {hoop ? <HoopRing view={view} field={hoop.field} outside={hoop.outside} pose={ring!} /> : null}
              <Path d={toPath(view, designOutline)} fill={ink.tint} stroke={ink.chalk} strokeWidth={1.6} />
              <MarkSymbols view={view} pose={pose} marks={marks} colour={ink.chalk} />
              {asked.map((t) => (
                <TapeOnCloth
                  key={t.id}
                  view={view}
                  tape={t}
                  text={t.id === lit ? write(span(t)) : ''}
                  lit={t.id === lit}
                  faint={t.id !== lit}
                  number={numberOf(order, t.id)}
                />
              ))}
              {measuring || hoop
                ? null
                : placement.tapes.map((t) => (
                    <TapeOnCloth key={t.id} view={view} tape={t} text={write(span(t))} lit={t.id === lit} />
                  ))}
            </G>
          </G>
          <Rulers view={view} unit={unit} />
        </Svg>
      )}
    </Box>
  )
}

/** What the picture is filled with: a garment's body, its sleeves running out of it; anything else whole. */
function frameOf({ outline, tube }: PlacementPlan['item']) {
  const box = boxOf(outline)
  if (!tube) return box
  const half = tube.width * 0.56
  return { ...box, left: Math.max(box.left, -half), right: Math.min(box.right, half) }
}

const span = (t: { from: { x: number; y: number }; to: { x: number; y: number } }): number =>
  Math.hypot(t.to.x - t.from.x, t.to.y - t.from.y)
const numberOf = (order: readonly string[], id: string): number | undefined =>
  order.includes(id) ? order.indexOf(id) + 1 : undefined

function Rulers({ view, unit }: { view: View; unit: Props['unit'] }) {
  const p = usePalette()
  return (
    <G>
      <G x={TAPE} y={0}>
        <Tape length={view.width} k={view.k} from={view.left} unit={unit} depth={TAPE} across />
      </G>
      <G x={0} y={TAPE}>
        <Tape length={view.height} k={view.k} from={view.top} unit={unit} depth={TAPE} />
      </G>
      <Rect x={0} y={0} width={TAPE} height={TAPE} fill={p.tape} />
    </G>
  )
}

/** The ring on the item with its mount and a hand's breadth of cloth round it. */
function ringBox(outside: { width: number; height: number }, ring: Pose) {
  return boxOf(rectangle(outside.width + 64, outside.height + 24, { x: -8, y: 0 }).map((p) => applyPose(ring, p)))
}

/** The hoop's pose on the item when the design sits in the hoop at `inHoop`. */
function hoopOnItem(onItem: Pose, inHoop: Pose): Pose {
  const back = inversePose(inHoop)
  const shift = rotatePoint(back, onItem.rotation)
  return { x: onItem.x + shift.x, y: onItem.y + shift.y, rotation: onItem.rotation + back.rotation }
}
