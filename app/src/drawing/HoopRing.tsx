import type { HoopField } from '@thimble/core/hooping'
import type { Point, Pose } from '@thimble/core/plane'
import { Ellipse, G, Line, Path, Rect } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { toPath, toX, toY, type View } from './scale'

type Props = {
  view: View
  field: HoopField
  outside: { width: number; height: number }
  /** Where the notches cross, from the field's middle. */
  notchOffset?: Point | null
  pose?: Pose
  inside?: string
}

const RING_WALL = 9

/** A hoop from above, true to scale: ring, mount on the worker's left, notches, and the field that can be sewn. */
export function HoopRing({ view, field, outside, notchOffset, pose = { x: 0, y: 0, rotation: 0 }, inside }: Props) {
  const p = usePalette()
  const off = notchOffset ?? { x: 0, y: 0 }
  return (
    <G x={toX(view, pose.x)} y={toY(view, pose.y)} rotation={pose.rotation}>
      <G x={off.x * view.k} y={off.y * view.k}>
        <Ring k={view.k} oval={field.shape === 'oval'} outside={outside} inside={inside} />
      </G>
      <FieldEdge field={field} view={view} colour={inside ? p.chalk : p.ring} />
    </G>
  )
}

type RingProps = { k: number; oval: boolean; outside: Props['outside']; inside?: string }

function Ring({ k, oval, outside, inside }: RingProps) {
  const p = usePalette()
  const [w, h] = [outside.width * k, outside.height * k]
  const wall = RING_WALL * k
  const corner = Math.min(w, h) * 0.12
  const drawn = { fill: inside ?? 'none', stroke: p.ring, strokeWidth: wall }
  const tick = Math.max(5, wall)
  const notch = (x1: number, y1: number, x2: number, y2: number) => (
    <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={p.paper} strokeWidth={2} />
  )
  return (
    <>
      <Path
        d={`M${-w / 2} ${-h * 0.22}h${-18 * k}v${h * 0.44}h${18 * k}`}
        fill="none"
        stroke={p.ring}
        strokeWidth={wall}
      />
      {oval ? (
        <Ellipse cx={0} cy={0} rx={w / 2 - wall / 2} ry={h / 2 - wall / 2} {...drawn} />
      ) : (
        <Rect x={-w / 2 + wall / 2} y={-h / 2 + wall / 2} width={w - wall} height={h - wall} rx={corner} {...drawn} />
      )}
      {notch(0, -h / 2, 0, -h / 2 + tick)}
      {notch(0, h / 2 - tick, 0, h / 2)}
      {notch(-w / 2, 0, -w / 2 + tick, 0)}
      {notch(w / 2 - tick, 0, w / 2, 0)}
    </>
  )
}

function FieldEdge({ field, view, colour }: { field: HoopField; view: View; colour: string }) {
  const drawn = { fill: 'none', stroke: colour, strokeWidth: 1.2, strokeDasharray: '2 3' } as const
  if (field.shape === 'polygon') return <Path d={toPath({ ...view, left: 0, top: 0 }, field.points)} {...drawn} />
  const [w, h] = [field.width * view.k, field.height * view.k]
  if (field.shape === 'oval') return <Ellipse cx={0} cy={0} rx={w / 2} ry={h / 2} {...drawn} />
  return <Rect x={-w / 2} y={-h / 2} width={w} height={h} rx={field.cornerRadius * view.k} {...drawn} />
}
