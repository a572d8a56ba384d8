import type { HoopField } from '@thimble/core/hooping'
import type { Pose } from '@thimble/core/plane'
import { Ellipse, G, Line, Path, Rect } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { toPath, toX, toY, type View } from './scale'

type Props = { view: View; field: HoopField; outside: { width: number; height: number }; pose?: Pose; inside?: string }

const RING_WALL = 9

/** A hoop from above, true to scale: ring, mount on the worker's left, notches, and the field that can be sewn. */
export function HoopRing({ view, field, outside, pose = { x: 0, y: 0, rotation: 0 }, inside }: Props) {
  const p = usePalette()
  const [w, h] = [outside.width * view.k, outside.height * view.k]
  const wall = RING_WALL * view.k
  const oval = field.shape === 'oval'
  const corner = oval ? w / 2 : Math.min(w, h) * 0.12
  const notch = (x1: number, y1: number, x2: number, y2: number) => (
    <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={p.paper} strokeWidth={2} />
  )
  const tick = Math.max(5, wall)
  return (
    <G x={toX(view, pose.x)} y={toY(view, pose.y)} rotation={pose.rotation}>
      <Path
        d={`M${-w / 2} ${-h * 0.22}h${-18 * view.k}v${h * 0.44}h${18 * view.k}`}
        fill="none"
        stroke={p.ring}
        strokeWidth={wall}
      />
      {oval ? (
        <Ellipse
          cx={0}
          cy={0}
          rx={w / 2 - wall / 2}
          ry={h / 2 - wall / 2}
          fill={inside ?? 'none'}
          stroke={p.ring}
          strokeWidth={wall}
        />
      ) : (
        <Rect
          x={-w / 2 + wall / 2}
          y={-h / 2 + wall / 2}
          width={w - wall}
          height={h - wall}
          rx={corner}
          fill={inside ?? 'none'}
          stroke={p.ring}
          strokeWidth={wall}
        />
      )}
      <FieldEdge field={field} view={view} colour={inside ? p.chalk : p.ring} />
      {notch(0, -h / 2, 0, -h / 2 + tick)}
      {notch(0, h / 2 - tick, 0, h / 2)}
      {notch(-w / 2, 0, -w / 2 + tick, 0)}
      {notch(w / 2 - tick, 0, w / 2, 0)}
    </G>
  )
}

function FieldEdge({ field, view, colour }: { field: HoopField; view: View; colour: string }) {
  const drawn = { fill: 'none', stroke: colour, strokeWidth: 1.2, strokeDasharray: '2 3' } as const
  if (field.shape === 'polygon') return <Path d={toPath({ ...view, left: 0, top: 0 }, field.points)} {...drawn} />
  const [w, h] = [field.width * view.k, field.height * view.k]
  if (field.shape === 'oval') return <Ellipse cx={0} cy={0} rx={w / 2} ry={h / 2} {...drawn} />
  return <Rect x={-w / 2} y={-h / 2} width={w} height={h} rx={field.cornerRadius * view.k} {...drawn} />
}
