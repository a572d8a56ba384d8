import type { HoopField } from '@thimble/core/hooping'
import { applyPose, boxOf, type Point, type Pose, rectangle } from '@thimble/core/plane'
import { View as Box } from 'react-native'
import Svg, { G, Line, Path, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { clothInk } from './clothInk'
import { HoopRing } from './HoopRing'
import { PlacedSketch, type Sketch } from './PlacedSketch'
import { fitAll, toPath, toX, toY, type View } from './scale'
import { UpArrow } from './UpArrow'
import { useWidth } from './useWidth'

type Slack = { left: number; right: number; up: number; down: number }
export type DrawnHoop = {
  name: string
  field: HoopField
  outside: { width: number; height: number }
  notchOffset?: Point | null
}
type Props = {
  hoop: DrawnHoop
  pose: Pose
  hull: readonly Point[]
  fits: boolean
  slack: Slack
  reach: readonly Point[]
  cloth: string
  sketch: Sketch
  height: number
  write: (mm: number) => string
  says: string
}

/** The design in its hoop, true to scale, seen from above: the slack each way on tapes, and where its middle may lie. */
export function InHoop({ hoop, pose, hull, fits, slack, reach, cloth, sketch, height, write, says }: Props) {
  const p = usePalette()
  const ink = clothInk(cloth)
  const { width, onLayout } = useWidth()
  const view = fitAll(roundHoop(hoop), Math.max(50, width), height, 8)
  const outline = hull.map((c) => applyPose(pose, c))
  return (
    <Box role="img" aria-label={says} onLayout={onLayout} style={{ height, backgroundColor: p.table }}>
      {width === 0 ? null : (
        <Svg width={width} height={height}>
          <HoopRing view={view} {...hoop} inside={cloth} />
          {reach.length > 2 ? (
            <Path d={toPath(view, reach)} fill={p.weld} fillOpacity={0.22} stroke={p.weld} strokeDasharray="3 3" />
          ) : null}
          <Path
            d={toPath(view, outline)}
            fill={ink.tint}
            stroke={fits ? ink.chalk : p.madder}
            strokeWidth={1.8}
            strokeDasharray={fits ? undefined : '5 4'}
          />
          <PlacedSketch view={view} pose={pose} sketch={sketch} />
          <UpArrow view={view} pose={pose} hull={hull} colour={ink.chalk} />
          {fits ? <Slacks view={view} outline={outline} slack={slack} write={write} /> : null}
        </Svg>
      )}
    </Box>
  )
}

/** The ring with its mount and a little of the table round it. */
export function roundHoop({ outside, notchOffset }: DrawnHoop) {
  const { x, y } = notchOffset ?? { x: 0, y: 0 }
  return boxOf(rectangle(outside.width + 44, outside.height + 6, { x: x - 12, y }))
}

type SlackProps = { view: View; outline: readonly Point[]; slack: Slack; write: (mm: number) => string }

/** A short tape on each side, as long as the design can still move that way. */
function Slacks({ view, outline, slack, write }: SlackProps) {
  const p = usePalette()
  const { left, right, top, bottom } = boxOf(outline)
  const [mx, my] = [(left + right) / 2, (top + bottom) / 2]
  const tapes = [
    { id: 'left', from: { x: left - slack.left, y: my }, to: { x: left, y: my }, mm: slack.left },
    { id: 'right', from: { x: right, y: my }, to: { x: right + slack.right, y: my }, mm: slack.right },
    { id: 'up', from: { x: mx, y: top - slack.up }, to: { x: mx, y: top }, mm: slack.up },
    { id: 'down', from: { x: mx, y: bottom }, to: { x: mx, y: bottom + slack.down }, mm: slack.down },
  ]
  return (
    <>
      {tapes.map(({ id, from, to, mm }) => {
        const [x, y] = [(toX(view, from.x) + toX(view, to.x)) / 2, (toY(view, from.y) + toY(view, to.y)) / 2]
        const label = write(mm)
        const wide = label.length * 7.2 + 8
        return (
          <G key={id}>
            <Line
              x1={toX(view, from.x)}
              y1={toY(view, from.y)}
              x2={toX(view, to.x)}
              y2={toY(view, to.y)}
              stroke={p.tape}
              strokeWidth={6}
            />
            <Path
              d={`M${x - wide / 2} ${y - 9}h${wide}v18h${-wide}Z`}
              fill={p.tape}
              stroke={p.onTape}
              strokeWidth={0.8}
            />
            <Text x={x} y={y + 4.5} textAnchor="middle" fontFamily="TextBold" fontSize={12.5} fill={p.onTape}>
              {label}
            </Text>
          </G>
        )
      })}
    </>
  )
}
