import { applyPose, type Point, type Pose } from '@thimble/core/plane'
import type { Sought, StraightCheck } from '@thimble/plan'
import { type RefObject, useRef, useState } from 'react'
import { View as Box } from 'react-native'
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg'
import { clothInk } from '@/drawing/clothInk'
import { HoopRing } from '@/drawing/HoopRing'
import { roundHoop } from '@/drawing/InHoop'
import { PlacedSketch, type Sketch } from '@/drawing/PlacedSketch'
import { fitAll, toPath, toX, toY, type View } from '@/drawing/scale'
import { UpArrow } from '@/drawing/UpArrow'
import { useWidth } from '@/drawing/useWidth'
import { usePalette } from '@/theme/PaletteProvider'
import { Dot } from './Dot'
import { useBoard } from './useBoard'

type Props = {
  check: StraightCheck
  cloth: string
  sketch: Sketch
  height: number
  write: (mm: number) => string
  /** Where a dot landed, in the hoop. */
  onLand: (id: string, at: Point) => void
  onRest: () => void
}

/** A finger takes the dot that is nearest, within this many pixels. */
const GRASP = 34
const LOUPE = 92

/** The hoop's grid with the dots where they landed: dragged, they show at once how the design comes to lie. */
export function StraightBoard(props: Props) {
  const p = usePalette()
  const { check, height, onRest } = props
  const { width, onLayout } = useWidth()
  const view = fitAll(roundHoop(check.at.hoop), Math.max(50, width), height, 8)
  const board = useRef<Box>(null)
  const dragged = useDragging(board, view, props)
  const held = check.sought.find((one) => one.id === dragged)
  return (
    <Box
      ref={board}
      onLayout={onLayout}
      style={[{ height, backgroundColor: p.table }, { touchAction: 'none', userSelect: 'none' } as object]}
    >
      {width === 0 ? null : (
        <>
          <Svg width={width} height={height}>
            <Scene {...props} view={view} />
          </Svg>
          {check.sought.map((one) => (
            <Dot
              key={one.id}
              sought={one}
              at={inPixels(view, placeOf(one))}
              on={one.id === dragged}
              notches={check.at.hoop.notchOffset ?? { x: 0, y: 0 }}
              write={props.write}
              onNudge={(by) => props.onLand(one.id, { x: placeOf(one).x + by.x, y: placeOf(one).y + by.y })}
              onRest={onRest}
            />
          ))}
          {held ? <Loupe {...props} view={view} at={placeOf(held)} /> : null}
        </>
      )}
    </Box>
  )
}

/** Until it is told where one landed, it lies where it was meant to. */
const placeOf = (one: Sought): Point => one.landed ?? one.expected
const inPixels = (view: View, q: Point): Point => ({ x: toX(view, q.x), y: toY(view, q.y) })

/** The dot under the finger, if there is one; it moves by as much as the finger does. */
function useDragging(board: RefObject<Box | null>, view: View, { check, onLand, onRest }: Props): string | null {
  const [dragged, setDragged] = useState<string | null>(null)
  const grip = useRef<Point>({ x: 0, y: 0 })
  useBoard(board, {
    dotAt: (touched) => {
      const near = check.sought
        .map((one) => {
          const there = inPixels(view, placeOf(one))
          return { id: one.id, off: { x: there.x - touched.x, y: there.y - touched.y } }
        })
        .sort((a, b) => Math.hypot(a.off.x, a.off.y) - Math.hypot(b.off.x, b.off.y))[0]
      if (!near || Math.hypot(near.off.x, near.off.y) > GRASP) return null
      grip.current = near.off
      setDragged(near.id)
      return near.id
    },
    onMove: (id, { x, y }) =>
      onLand(id, { x: (x + grip.current.x) / view.k + view.left, y: (y + grip.current.y) / view.k + view.top }),
    onEnd: () => {
      setDragged(null)
      onRest()
    },
  })
  return dragged
}

type SceneProps = Pick<Props, 'check' | 'cloth' | 'sketch'> & { view: View }

/** Ring, grid, the design as it was planned, and as the marks say it lies. */
function Scene({ check, cloth, sketch, view }: SceneProps) {
  const p = usePalette()
  const ink = clothInk(cloth)
  const { at, correction, sought } = check
  const lies = correction?.exact ?? null
  return (
    <>
      <HoopRing
        view={view}
        field={at.hoop.field}
        outside={at.hoop.outside}
        notchOffset={at.hoop.notchOffset}
        inside={cloth}
      />
      <Grid view={view} at={at.hoop} colour={ink.line} />
      <Outline view={view} pose={at.pose} hull={at.hull} colour={ink.line} dashed />
      {lies ? (
        <G>
          <Outline
            view={view}
            pose={lies}
            hull={at.hull}
            colour={correction!.fitsExact ? ink.chalk : p.madder}
            fill={ink.tint}
          />
          <PlacedSketch view={view} pose={lies} sketch={sketch} />
          <UpArrow view={view} pose={lies} hull={at.hull} colour={ink.chalk} solid />
        </G>
      ) : null}
      {sought.map((one) =>
        one.landed ? (
          <Line
            key={one.id}
            x1={toX(view, one.expected.x)}
            y1={toY(view, one.expected.y)}
            x2={toX(view, one.landed.x)}
            y2={toY(view, one.landed.y)}
            stroke={p.weld}
            strokeWidth={1.6}
            strokeDasharray="3 3"
          />
        ) : null,
      )}
    </>
  )
}

type OutlineProps = { view: View; pose: Pose; hull: readonly Point[]; colour: string; fill?: string; dashed?: boolean }

const Outline = ({ view, pose, hull, colour, fill = 'none', dashed }: OutlineProps) => (
  <Path
    d={toPath(
      view,
      hull.map((q) => applyPose(pose, q)),
    )}
    fill={fill}
    stroke={colour}
    strokeWidth={1.7}
    strokeDasharray={dashed ? '5 4' : undefined}
  />
)

/** The grid of the hoop's own sheet: every 10 mm from where the notches cross. */
function Grid({ view, at, colour }: { view: View; at: StraightCheck['at']['hoop']; colour: string }) {
  const { x, y } = at.notchOffset ?? { x: 0, y: 0 }
  const [w, h] = [at.outside.width / 2 - 12, at.outside.height / 2 - 12]
  const lines: string[] = []
  for (let d = 0; d <= Math.max(w, h); d += 10)
    for (const way of d === 0 ? [1] : [1, -1]) {
      if (d <= w) lines.push(`M${toX(view, x + way * d)} ${toY(view, y - h)}V${toY(view, y + h)}`)
      if (d <= h) lines.push(`M${toX(view, x - w)} ${toY(view, y + way * d)}H${toX(view, x + w)}`)
    }
  return (
    <G>
      <Path d={lines.join('')} stroke={colour} strokeWidth={0.5} opacity={0.5} />
      <Path
        d={`M${toX(view, x)} ${toY(view, y - h)}V${toY(view, y + h)}M${toX(view, x - w)} ${toY(view, y)}H${toX(view, x + w)}`}
        stroke={colour}
        strokeWidth={1.1}
      />
    </G>
  )
}

type LoupeProps = SceneProps & { at: Point }

/** What lies under the finger, larger and beside it. */
function Loupe({ check, cloth, sketch, view, at }: LoupeProps) {
  const p = usePalette()
  const right = toX(view, at.x) < view.width / 2
  const k = view.k * 2.6
  const inner: View = { k, width: LOUPE, height: LOUPE, left: at.x - LOUPE / k / 2, top: at.y - LOUPE / k / 2 }
  return (
    <Box style={{ position: 'absolute', top: 8, [right ? 'right' : 'left']: 8, pointerEvents: 'none' }}>
      <Svg width={LOUPE} height={LOUPE}>
        <Defs>
          <ClipPath id="loupe">
            <Rect x={0} y={0} width={LOUPE} height={LOUPE} rx={4} />
          </ClipPath>
        </Defs>
        <G clipPath="url(#loupe)">
          <Rect x={0} y={0} width={LOUPE} height={LOUPE} fill={cloth} />
          <Scene {...{ check, cloth, sketch }} view={inner} />
          <Path
            d={`M${LOUPE / 2} ${LOUPE / 2 - 12}l12 12l-12 12l-12 -12Z`}
            fill="none"
            stroke={p.weld}
            strokeWidth={2.4}
          />
        </G>
        <Rect x={1.5} y={1.5} width={LOUPE - 3} height={LOUPE - 3} rx={4} fill="none" stroke={p.weld} strokeWidth={3} />
      </Svg>
    </Box>
  )
}
