import { drawings as t } from '@thimble/language/en/drawings'
import type { LengthStyle } from '@thimble/core/lengths'
import type { DesignBeside, ItemShape } from '@thimble/core/placement'
import {
  applyPose,
  type Box as PlaneBox,
  boxOf,
  composePose,
  inversePose,
  type Pose,
  rectangle,
} from '@thimble/core/plane'
import { writeMessage } from '@thimble/language'
import type { Placed } from '@thimble/plan'
import { memo, useState } from 'react'
import { View as Box } from 'react-native'
import Svg, { G, Line, Path, Rect } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { clothInk } from './clothInk'
import { HoopRing } from './HoopRing'
import type { DrawnHoop } from './InHoop'
import { ItemOutline } from './ItemOutline'
import { labelPlaces } from './labelPlaces'
import { MarkSymbols } from './MarkSymbols'
import { PlacedSketch, type Sketch } from './PlacedSketch'
import { fitAll, fitWidth, steadyBox, toPath, toX, type View } from './scale'
import { Tape } from './Tape'
import { FaintTapes, TapeOnCloth } from './TapeOnCloth'
import { WholeInset } from './WholeInset'

type Props = {
  placed: Placed
  style: LengthStyle
  colour: string
  unit: 'mm' | 'cm' | 'in'
  write: (mm: number) => string
  height: number
  /** Measurement or distance whose tape is highlighted; the order in which tapes are numbered. */
  highlighted?: string | null
  order?: readonly string[]
  measuring?: boolean
  sketch?: Sketch
  /** Designs of other placements on the same part of the item. */
  beside?: readonly DesignBeside[]
  hoop?: (DrawnHoop & { pose: Pose; target: Pose | null }) | null
}

const TAPE = 20
/** Nothing in the picture moves anything outside it, so the page need not be laid out again with it. */
const alone = { contain: 'strict' } as object

/** The piece to scale between two tapes: cloth, seams, tapes asked for, designs, marks, and the hoop when there is one. */
export function ItemDrawing(props: Props) {
  const { placed, style, unit, height, highlighted, colour, order = [], measuring, hoop } = props
  const p = usePalette()
  const [width, setWidth] = useState(0)
  const asked = placed.item.tapes
    .filter((t) => t.id === highlighted || (measuring && order.includes(t.id)))
    .sort((a, b) => Number(a.id === highlighted) - Number(b.id === highlighted))
  const [w, h] = [Math.max(50, width - TAPE), height - TAPE]
  const ring = hoop ? composePose(hoop.target ?? placed.pose, inversePose(hoop.pose)) : null
  const view =
    hoop && ring
      ? fitAll(ringBox(hoop.outside, ring), w, h, 10)
      : viewOf(placed, measuring ? asked.flatMap((t) => [t.from, t.to]) : null, w, h)
  return (
    <Box
      role="img"
      aria-label={t('drawing-to-scale', { writeMessage: writeMessage(placed.placed, style) })}
      style={[{ height, backgroundColor: p.table }, alone]}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
    >
      {width === 0 ? null : (
        <>
          <Box style={[{ position: 'absolute', left: TAPE, top: TAPE, width: w, height: h }, alone]}>
            <Svg width={w} height={h}>
              <Cloth {...props} view={view} ring={ring} />
              <TapesAsked {...props} view={view} asked={asked} />
              {measuring || hoop ? null : <TapesOfMarks {...props} view={view} />}
              <Designs {...props} view={view} />
              {placed.item.tube ? null : (
                <WholeInset
                  view={view}
                  outline={placed.item.outline}
                  outlines={placed.outlines}
                  mind={mindOf(placed, fewOf(placed))}
                  colour={colour}
                />
              )}
            </Svg>
          </Box>
          <Rulers {...view} unit={unit} />
        </>
      )}
    </Box>
  )
}

type Part = Props & { view: View }

function Cloth({ view, placed, colour, hoop, ring }: Part & { ring: Pose | null }) {
  const p = usePalette()
  const ink = clothInk(colour)
  const middle = toX(view, 0)
  return (
    <>
      <ItemOutline view={view} item={placed.item} colour={colour} edge={p.ink} own={p.madder} />
      <Line x1={middle} x2={middle} y1={0} y2={view.height} stroke={ink.line} strokeWidth={1.2} strokeDasharray="2 5" />
      {hoop && ring ? (
        <HoopRing view={view} field={hoop.field} outside={hoop.outside} notchOffset={hoop.notchOffset} pose={ring} />
      ) : null}
    </>
  )
}

function Designs({ view, placed: { outlines, copies, marks }, colour, sketch = null, beside = [] }: Part) {
  const ink = clothInk(colour)
  return (
    <>
      {beside.flatMap(({ id, outlines: theirs }) =>
        theirs.map((outline, i) => (
          <Path
            key={`${id}${i}`}
            d={toPath(view, outline)}
            fill="none"
            stroke={ink.chalk}
            strokeWidth={1.4}
            strokeDasharray="5 4"
          />
        )),
      )}
      {outlines.map((outline, i) => (
        <Path key={i} d={toPath(view, outline)} fill={ink.tint} stroke={ink.chalk} strokeWidth={1.6} />
      ))}
      {copies.map((copy, i) => (
        <PlacedSketch key={i} view={view} pose={copy.pose} sketch={sketch} />
      ))}
      {copies.map((copy, i) => (
        <MarkSymbols
          key={i}
          view={view}
          pose={copy.pose}
          marks={marks.filter((m) => m.copy === i)}
          colour={ink.chalk}
        />
      ))}
    </>
  )
}

function TapesAsked({ view, asked, placed, highlighted, order = [], write }: Part & { asked: ItemShape['tapes'] }) {
  const number = (id: string): number => order.indexOf(id) + 1
  // The one at hand first: its label has the choice of places.
  const [atHand, faint] = [asked.filter((t) => t.id === highlighted), asked.filter((t) => t.id !== highlighted)]
  const told = [
    ...atHand.map((t) => ({ ...t, text: `${number(t.id)}  ${write(span(t))}` })),
    ...faint.map((t) => ({ ...t, text: String(number(t.id)) })),
  ]
  const labels = labelPlaces(view, told, marksOf(placed))
  return (
    <>
      {faint.length > 0 ? (
        <FaintTapes view={view} tapes={told.slice(atHand.length)} labels={labels.slice(atHand.length)} />
      ) : null}
      {atHand.map((t, i) => (
        <TapeOnCloth key={t.id} view={view} tape={t} text={told[i]!.text} label={labels[i]!} highlighted />
      ))}
    </>
  )
}

const marksOf = ({ marks }: Placed) => marks.map(({ at }) => at)

/** A tape that several designs share is written at the first. */
function TapesOfMarks({ view, placed, highlighted, write }: Part) {
  const { tapes } = placed
  const told = tapes.map((t, i) => ({
    ...t,
    text: tapes.findIndex((u) => u.id === t.id) === i ? write(span(t)) : '',
  }))
  const labels = labelPlaces(view, told, marksOf(placed))
  return (
    <>
      {told.map((t, i) => (
        <TapeOnCloth
          key={`${t.id}${i}`}
          view={view}
          tape={t}
          text={t.text}
          label={labels[i]!}
          highlighted={t.id === highlighted}
        />
      ))}
    </>
  )
}

type Points = { x: number; y: number }[]

/**
 * What the picture is filled with. A garment: its body, the sleeves running out of it. Anything else: whole while it is
 * measured, and otherwise no wider than lets the designs and their tapes be read.
 */
function viewOf(placed: Placed, asked: Points | null, w: number, h: number): View {
  const { item, outlines } = placed
  const box = boxOf(item.outline)
  if (asked && !item.tube) return fitAll(steadyBox(box), w, h)
  // A pocket the design is kept clear of is worth seeing.
  const pocket = item.zones.filter((z) => z.id === 'pocket').flatMap((z) => z.outline.slice(0, 2))
  const about = (most?: number): View => {
    const mind = boxOf([...mindOf(placed, most), ...pocket, ...(asked ?? [])])
    const body = item.tube ? fitWidth(steadyBox(frameOf(item)), mind, w, h) : null
    return body ?? fitAll(steadyBox(near(mind, box)), w, h, 6)
  }
  const all = about()
  const design = boxOf(outlines[0]!)
  const readable = Math.max(design.right - design.left, design.bottom - design.top) * all.k >= READABLE
  return readable || outlines.length === 1 ? all : about(fewOf(placed))
}

/** The designs, their marks and what they are measured by. */
function mindOf({ copies, outlines, marks, tapes }: Placed, most = Infinity): Points {
  const shown = nearCopies(copies, tapes[0]?.from ?? copies[0]!.pose, most)
  return [
    ...outlines.filter((_, i) => shown.has(i)).flat(),
    ...marks.filter(({ copy }) => shown.has(copy)).map(({ at }) => at),
    ...tapes.flatMap((t) => [t.from, t.to]),
  ]
}

/** Under so many pixels a design is not read, and only those beside the tapes are shown: of a row a few, of corners one. */
const READABLE = 40
const fewOf = ({ row }: Placed): number => (row ? 3 : 1)

function nearCopies(copies: Placed['copies'], from: { x: number; y: number }, most: number): ReadonlySet<number> {
  const off = (i: number): number => Math.hypot(copies[i]!.pose.x - from.x, copies[i]!.pose.y - from.y)
  const all = copies.map((_, i) => i)
  return new Set(copies.length <= most ? all : all.sort((a, b) => off(a) - off(b)).slice(0, most))
}

/** A box about `mind` with a hand's breadth round it, no farther than the item. */
function near(mind: PlaneBox, item: PlaneBox): PlaneBox {
  const air = Math.max(40, 0.35 * Math.max(mind.right - mind.left, mind.bottom - mind.top))
  return {
    left: Math.min(mind.left - 10, Math.max(mind.left - air, item.left - 10)),
    right: Math.max(mind.right + 10, Math.min(mind.right + air, item.right + 10)),
    top: Math.min(mind.top - 10, Math.max(mind.top - air, item.top - 10)),
    bottom: Math.max(mind.bottom + 10, Math.min(mind.bottom + air, item.bottom + 10)),
  }
}

function frameOf({ outline, tube }: ItemShape): PlaneBox {
  const box = boxOf(outline)
  if (!tube) return box
  const half = tube.width * 0.56
  return { ...box, left: Math.max(box.left, -half), right: Math.min(box.right, half) }
}

const span = (t: { from: { x: number; y: number }; to: { x: number; y: number } }): number =>
  Math.hypot(t.to.x - t.from.x, t.to.y - t.from.y)

/**
 * The rulers along two edges. They are pictures of their own: their figures are costly to set, and they change only
 * with the drawing's scale or place.
 */
const Rulers = memo(function Rulers({ k, left, top, width, height, unit }: View & { unit: Props['unit'] }) {
  const p = usePalette()
  return (
    <>
      <Box style={[{ position: 'absolute', left: 0, top: 0, width: width + TAPE, height: TAPE }, alone]}>
        <Svg width={width + TAPE} height={TAPE}>
          <Rect x={0} y={0} width={TAPE} height={TAPE} fill={p.tape} />
          <G x={TAPE}>
            <Tape length={width} k={k} from={left} unit={unit} depth={TAPE} across />
          </G>
        </Svg>
      </Box>
      <Box style={[{ position: 'absolute', left: 0, top: TAPE, width: TAPE, height }, alone]}>
        <Svg width={TAPE} height={height}>
          <Tape length={height} k={k} from={top} unit={unit} depth={TAPE} />
        </Svg>
      </Box>
    </>
  )
})

/** The ring on the item with its mount and a hand's breadth of cloth round it. */
function ringBox(outside: { width: number; height: number }, ring: Pose) {
  return boxOf(rectangle(outside.width + 64, outside.height + 24, { x: -8, y: 0 }).map((p) => applyPose(ring, p)))
}
