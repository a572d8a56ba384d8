import { drawings as t } from '@thimble/language/en/drawings'
import type { HoldingMethod } from '@thimble/core/recipe'
import { View as Box } from 'react-native'
import Svg, { G, Line, Path, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { useWidth } from './useWidth'

type Props = { method: HoldingMethod; magnets: boolean; cloth: string; sprayed: boolean }

const HEIGHT = 120
/** Half the ring across, from wall to wall, in parts of the picture. */
const WALL = 16

const says: Readonly<Record<HoldingMethod, string>> = {
  hooped: t('side-view-of-the-hoop'),
  floated: t('side-view-of-the-hoop-2'),
  'backing-under': t('side-view-of-the-hoop-3'),
  clamped: t('side-view-of-the-frame'),
  'backing-alone': t('side-view-of-the-hoop-4'),
}

/** How a piece is held, cut through from the side. */
export function HoldingDrawing({ method, magnets, cloth, sprayed }: Props) {
  const p = usePalette()
  const { width, onLayout } = useWidth()
  const [left, right] = [width * 0.16, width * 0.84]
  const inRing = method === 'hooped' || method === 'clamped' || method === 'backing-under'
  const clothed = method !== 'backing-alone'
  const backed = method !== 'backing-under'
  return (
    <Box role="img" aria-label={says[method]} onLayout={onLayout} style={{ height: HEIGHT, backgroundColor: p.table }}>
      {width === 0 ? null : (
        <Svg width={width} height={HEIGHT}>
          {method === 'clamped' || magnets ? <Frame left={left} right={right} /> : <Rings left={left} right={right} />}
          {clothed ? (
            <Sheet {...{ left, right, width }} y={inRing ? 62 : 52} dips={inRing} colour={cloth} thick={5} />
          ) : null}
          {backed ? (
            <Sheet {...{ left, right, width }} y={inRing ? 68 : 66} dips={true} colour={p.paper} thick={3} short />
          ) : (
            <Rect
              x={width * 0.3}
              y={84}
              width={width * 0.4}
              height={3.5}
              fill={p.paper}
              stroke={p.ink}
              strokeWidth={0.8}
            />
          )}
          {method === 'floated' ? <Grip left={width * 0.3} right={width * 0.7} /> : null}
          <Names {...{ width, method, sprayed }} />
        </Svg>
      )}
    </Box>
  )
}

type Ends = { left: number; right: number }

function Rings({ left, right }: Ends) {
  const p = usePalette()
  const ring = (x: number, y: number, h: number) => (
    <Rect x={x} y={y} width={WALL} height={h} fill={p.ring} stroke={p.ink} strokeWidth={1} rx={2} />
  )
  return (
    <G>
      {ring(left, 58, 32)}
      {ring(right - WALL, 58, 32)}
      {ring(left + WALL + 6, 54, 22)}
      {ring(right - 2 * WALL - 6, 54, 22)}
    </G>
  )
}

function Frame({ left, right }: Ends) {
  const p = usePalette()
  return (
    <G>
      {[left, right - 2 * WALL].map((x) => (
        <G key={x}>
          <Rect x={x} y={74} width={2 * WALL} height={14} fill={p.ring} stroke={p.ink} strokeWidth={1} />
          <Rect x={x} y={42} width={2 * WALL} height={15} rx={3} fill={p.indigo} stroke={p.ink} strokeWidth={1} />
        </G>
      ))}
    </G>
  )
}

type SheetProps = Ends & { width: number; y: number; dips: boolean; colour: string; thick: number; short?: boolean }

/** A layer from side to side; held, it dips between the rings. */
function Sheet({ left, right, width, y, dips, colour, thick, short }: SheetProps) {
  const p = usePalette()
  const [from, to] = short ? [left - 14, right + 14] : [4, width - 4]
  const path = dips
    ? `M${from} ${y - 12}L${left + WALL - 2} ${y - 10}L${left + WALL + 4} ${y + 10}L${right - WALL - 4} ${y + 10}L${right - WALL + 2} ${y - 10}L${to} ${y - 12}`
    : `M${from} ${y}H${to}`
  return (
    <G>
      <Path d={path} fill="none" stroke={p.ink} strokeWidth={thick + 1.6} strokeLinejoin="round" />
      <Path d={path} fill="none" stroke={colour} strokeWidth={thick} strokeLinejoin="round" />
    </G>
  )
}

/** Basting or pins outside the field. */
function Grip({ left, right }: Ends) {
  const p = usePalette()
  return (
    <G>
      {[left, right].map((x) => (
        <Line key={x} x1={x} x2={x} y1={44} y2={84} stroke={p.madder} strokeWidth={2} strokeDasharray="4 3" />
      ))}
    </G>
  )
}

function Names({ width, method, sprayed }: { width: number; method: HoldingMethod; sprayed: boolean }) {
  const p = usePalette()
  const word = (text: string, x: number, y: number, anchor: 'start' | 'middle' | 'end') => (
    <Text key={text} x={x} y={y} textAnchor={anchor} fontFamily="Text" fontSize={13} fill={p.ink}>
      {text}
    </Text>
  )
  const middle = width / 2
  const told: Readonly<Record<HoldingMethod, React.ReactNode[]>> = {
    hooped: [word(t('cloth-over-backing-both-in'), middle, 24, 'middle')],
    floated: [
      word(t('cloth-on-top'), middle, 36, 'middle'),
      word(sprayed ? t('sprayed-backing-in-the-hoop') : t('sticky-backing-in-the-hoop'), middle, 108, 'middle'),
    ],
    'backing-under': [
      word(t('cloth-in-the-hoop'), middle, 24, 'middle'),
      word(t('backing-slid-under'), middle, 108, 'middle'),
    ],
    clamped: [word(t('magnets'), middle, 24, 'middle'), word(t('cloth-and-backing-between'), middle, 108, 'middle')],
    'backing-alone': [word(t('backing-alone'), middle, 24, 'middle')],
  }
  return <>{told[method]}</>
}
