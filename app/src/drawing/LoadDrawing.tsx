import { drawings as t } from '@thimble/language/en/drawings'
import type { Loading, MachineSide } from '@thimble/core/hooping'
import { applyPose, composePose, inversePose, type Point, type Pose } from '@thimble/core/plane'
import { View as Box } from 'react-native'
import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { clothInk } from './clothInk'
import { HoopRing } from './HoopRing'
import type { DrawnHoop } from './InHoop'
import { toPath, toX, toY, type View } from './scale'
import { UpArrow } from './UpArrow'
import { useWidth } from './useWidth'

type Props = {
  hoop: DrawnHoop
  loading: Loading
  machine: { bed: 'flat' | 'free-arm'; throatDepth: number; throatHeight: number }
  /** Of the design in the hoop and on the item. */
  pose: Pose
  target: Pose
  outline: readonly Point[]
  details: readonly { points: readonly Point[]; closed?: boolean }[]
  hull: readonly Point[]
  cloth: string
  height: number
  write: (mm: number) => string
  /** What lies at each side of the hoop, in words. */
  sides: Record<MachineSide, string>
  says: string
}

/** The machine from above with the hoop on it: carriage, throat and needle, and how the piece lies round the ring. */
export function LoadDrawing(props: Props) {
  const p = usePalette()
  const { hoop, machine, height, says } = props
  const { width, onLayout } = useWidth()
  const view = aboutMachine(hoop, machine, Math.max(50, width), height)
  return (
    <Box role="img" aria-label={says} onLayout={onLayout} style={{ height, backgroundColor: p.table }}>
      {width === 0 ? null : <Scene {...props} view={view} />}
    </Box>
  )
}

type Part = Props & { view: View }

function Scene({ view, ...props }: Part) {
  const { hoop, loading, machine, pose, hull, cloth, write, sides } = props
  const ink = clothInk(cloth)
  const roll = machine.bed === 'flat' ? loading.roll : null
  const rollAt = hoop.outside.width / 2 + (hoop.notchOffset?.x ?? 0) + 10
  const design = hull.map((q) => applyPose(pose, q))
  return (
    <Svg width={view.width} height={view.height}>
      <Bed view={view} machine={machine} />
      <Piece {...props} view={view} until={roll ? toX(view, rollAt + 4) : view.width} />
      <Carriage view={view} machine={machine} />
      {roll ? <Roll view={view} at={rollAt} diameter={roll.diameter} cloth={cloth} /> : null}
      <HoopRing view={view} {...hoop} />
      <Path d={toPath(view, design)} fill={ink.tint} stroke={ink.chalk} strokeWidth={1.6} />
      <UpArrow view={view} pose={pose} hull={hull} colour={ink.chalk} />
      <SideLabels view={view} sides={sides} bed={machine.bed} />
      {roll ? (
        <Label
          x={Math.min(view.width - 74, toX(view, rollAt + roll.diameter / 2))}
          y={view.height * 0.76}
          text={t('roll-of', {
            replace: write(roll.diameter).replace(/ mm$/, ''),
            throatHeight: write(machine.throatHeight),
          })}
          warn={!roll.fits}
        />
      ) : null}
    </Svg>
  )
}

/** The piece as it lies round the ring; what is rolled up is not seen past the roll. */
function Piece({ view, until, pose, target, outline, details, cloth }: Part & { until: number }) {
  const p = usePalette()
  const frame = composePose(pose, inversePose(target))
  const seen = (points: readonly Point[]): Point[] => points.map((q) => applyPose(frame, q))
  return (
    <>
      <Defs>
        <ClipPath id="before-roll">
          <Rect x={0} y={0} width={until} height={view.height} />
        </ClipPath>
      </Defs>
      <G clipPath="url(#before-roll)">
        <Path d={toPath(view, seen(outline))} fill={cloth} stroke={p.ink} strokeWidth={1.4} />
        {details.map((d, i) => (
          <Path
            key={i}
            d={toPath(view, seen(d.points), d.closed)}
            fill="none"
            stroke={clothInk(cloth).line}
            strokeWidth={1.2}
          />
        ))}
      </G>
    </>
  )
}

/** The carriage at the left, the upright at the right; as much of the piece as lies between. */
function aboutMachine(
  { outside }: DrawnHoop,
  { bed, throatDepth }: Props['machine'],
  width: number,
  height: number,
): View {
  const left = -outside.width / 2 - 78
  const right = bed === 'flat' ? Math.max(outside.width / 2 + 40, throatDepth + 46) : outside.width / 2 + 78
  const k = Math.min(width / (right - left), height / (outside.height * 1.45))
  return { k, width, height, left: (left + right) / 2 - width / k / 2, top: -height / k / 2 }
}

/** What of the machine is seen: carriage and upright of a flat bed, the arm of a free one. */
function Bed({ view, machine }: { view: View; machine: Props['machine'] }) {
  const p = usePalette()
  const y = (mm: number): number => toY(view, mm)
  const x = (mm: number): number => toX(view, mm)
  if (machine.bed === 'free-arm')
    return (
      <G>
        <Rect x={x(-32)} y={0} width={64 * view.k} height={y(46)} fill={p.upright} stroke={p.ink} strokeWidth={1} />
        <Path d={`M${x(-7)} ${y(0)}H${x(7)}M${x(0)} ${y(-7)}V${y(7)}`} stroke={p.ink} strokeWidth={1} />
      </G>
    )
  return (
    <G>
      <Rect x={x(machine.throatDepth)} y={0} width={view.width} height={view.height} fill={p.upright} />
      <Line
        x1={x(machine.throatDepth)}
        x2={x(machine.throatDepth)}
        y1={0}
        y2={view.height}
        stroke={p.ink}
        strokeWidth={1.6}
        strokeDasharray="5 4"
      />
    </G>
  )
}

/** Under the cloth, but what the bracket goes to: drawn through it. */
function Carriage({ view, machine }: { view: View; machine: Props['machine'] }) {
  const p = usePalette()
  if (machine.bed !== 'flat') return null
  const wide = Math.max(20, 34 * view.k)
  return (
    <Rect
      x={4}
      y={toY(view, -95)}
      width={wide}
      height={190 * view.k}
      rx={5}
      fill={p.seam}
      fillOpacity={0.85}
      stroke={p.ink}
      strokeWidth={1.2}
    />
  )
}

function Roll({ view, at, diameter, cloth }: { view: View; at: number; diameter: number; cloth: string }) {
  const p = usePalette()
  const ink = clothInk(cloth)
  const wide = Math.max(10, diameter * view.k)
  const [x, y, long] = [toX(view, at), view.height * 0.08, view.height * 0.8]
  return (
    <G>
      <Rect x={x} y={y} width={wide} height={long} rx={wide / 2} fill={cloth} stroke={p.ink} strokeWidth={1.4} />
      <Line
        x1={x + wide / 2}
        x2={x + wide / 2}
        y1={y + 12}
        y2={y + long - 12}
        stroke={ink.line}
        strokeDasharray="5 4"
      />
    </G>
  )
}

function SideLabels({ view, sides, bed }: { view: View; sides: Props['sides']; bed: 'flat' | 'free-arm' }) {
  const { width, height } = view
  return (
    <>
      <Label x={width / 2} y={16} text={t('back', { back: sides.back })} />
      <Label x={width / 2} y={height - 16} text={t('front-you', { front: sides.front })} />
      <Label x={8} y={height * 0.14} text={sides.carriage} from />
      <Label x={width - 8} y={height * 0.14} text={sides.throat} to />
      {bed === 'flat' ? <Label x={6} y={height / 2 + 8} text={t('carriage')} from /> : null}
      {bed === 'flat' ? <Label x={width - 6} y={height / 2 + 8} text={t('upright')} to /> : null}
    </>
  )
}

type LabelProps = { x: number; y: number; text: string; warn?: boolean; from?: boolean; to?: boolean }

/** A word on a scrap of tape; `from` and `to`: begins or ends at x. */
function Label({ x, y, text, warn, from, to }: LabelProps) {
  const p = usePalette()
  const wide = text.length * 6.9 + 12
  const left = from ? x : to ? x - wide : x - wide / 2
  return (
    <G>
      <Rect
        x={left}
        y={y - 11}
        width={wide}
        height={21}
        rx={2}
        fill={p.tape}
        stroke={warn ? p.madder : p.onTape}
        strokeWidth={warn ? 2 : 0.8}
      />
      <Text x={left + wide / 2} y={y + 4} textAnchor="middle" fontFamily="Text" fontSize={13} fill={p.onTape}>
        {text}
      </Text>
    </G>
  )
}
