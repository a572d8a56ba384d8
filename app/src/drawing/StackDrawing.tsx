import { drawings as t } from '@thimble/language/en/drawings'
import type { StackLayer } from '@thimble/contract'
import { layerMm, type Needle } from '@thimble/core/recipe'
import Svg, { G, Line, Path, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { NeedlePoint } from './NeedlePoint'

type Props = {
  layers: readonly StackLayer[]
  needle: Needle | null
  cloth: { colour: string; mm: number; textured: boolean; dark: boolean }
  thread: string
  /** The layer that patches of applied cloth lie on; null: there are none. */
  patchOn: number | null
  rowHeight: number
  width: number
}

/** Of a row, what its thickest layer may take; and the most a millimetre is drawn at. */
const [MOST, MOST_PER_MM, LEAST] = [44, 36, 2]
/** Applied cloth is drawn as thick as a plain cotton. */
const PATCH_MM = 0.4

/** The stack in cross-section from top to bottom, every thickness to one scale, the needle above and the thread through it. */
export function StackDrawing({ layers, needle, cloth, thread, patchOn, rowHeight, width }: Props) {
  const p = usePalette()
  const thickest = Math.max(...layers.map((layer) => layerMm(layer, cloth.mm)), 0.5)
  const perMm = Math.min(MOST / thickest, MOST_PER_MM)
  const row = (i: number): number => i + (patchOn !== null && i >= patchOn ? 1 : 0)
  const middle = (at: number): number => rowHeight * (at + 1) + rowHeight / 2
  const y = (i: number): number => middle(row(i))
  const px = (layer: StackLayer): number => Math.max(LEAST, layerMm(layer, cloth.mm) * perMm)
  const sewn = layers.filter((l) => l.role !== 'cover')
  const top = patchOn === 0 ? middle(0) - (PATCH_MM * perMm) / 2 : y(0) - px(layers[0]!) / 2
  const [first, last] = [top, y(sewn.length - 1) + px(sewn.at(-1)!) / 2]
  return (
    <Svg aria-hidden width={width} height={rowHeight * (row(layers.length - 1) + 2)}>
      <NeedlePoint needle={needle} x={width * 0.62} top={2} tip={rowHeight - 6} perMm={perMm} />
      {layers.map((layer, i) => (
        <LayerBar key={i} layer={layer} y={y(i)} height={px(layer)} width={width} cloth={cloth} />
      ))}
      {patchOn === null ? null : (
        <Rect
          {...{ x: 22, width: width - 44, height: PATCH_MM * perMm, y: middle(patchOn) - (PATCH_MM * perMm) / 2 }}
          fill={thread}
          fillOpacity={0.5}
          stroke={p.ink}
          strokeWidth={1.2}
        />
      )}
      <Stitches first={first} last={last} width={width} thread={thread} />
      <G>
        <Line x1={8} x2={8} y1={rowHeight * 0.36} y2={rowHeight * 0.36 + perMm} stroke={p.ink} strokeWidth={2} />
        {[0, 1].map((end) => (
          <Line
            key={end}
            {...{ x1: 4, x2: 12, stroke: p.ink, strokeWidth: 2 }}
            y1={rowHeight * 0.36 + end * perMm}
            y2={rowHeight * 0.36 + end * perMm}
          />
        ))}
        <Text x={16} y={rowHeight * 0.36 + perMm / 2 + 5} fill={p.inkSoft} fontSize={14} fontFamily="Text">
          {t('1-mm')}
        </Text>
      </G>
    </Svg>
  )
}

function Stitches({ first, last, width, thread }: { first: number; last: number; width: number; thread: string }) {
  const p = usePalette()
  const step = (width - 36) / 5
  return (
    <G>
      {[0, 1, 2, 3, 4].map((i) => {
        const x = 18 + i * step
        return (
          <G key={i}>
            <Line x1={x} x2={x} y1={first} y2={last} stroke={p.ink} strokeWidth={3.8} opacity={0.6} />
            <Line x1={x} x2={x} y1={first} y2={last} stroke={thread} strokeWidth={2.2} />
            {i < 4 ? (
              <>
                <Path d={`M${x} ${first}q${step / 2} -9 ${step} 0`} fill="none" stroke={thread} strokeWidth={2.6} />
                <Path d={`M${x} ${last}q${step / 2} 5 ${step} 0`} fill="none" stroke={p.ring} strokeWidth={1.4} />
              </>
            ) : null}
          </G>
        )
      })}
    </G>
  )
}

type BarProps = { layer: StackLayer; y: number; height: number; width: number; cloth: Props['cloth'] }

/** Sheets of one layer as thick as they are; glue as a line towards what it holds on to: the cloth's below, others' above. */
function LayerBar({ layer, y, height, width, cloth }: BarProps) {
  const p = usePalette()
  const sheet = height / layer.sheets
  const top = y - height / 2
  const glue = layer.role === 'cloth' ? top + height + 3 : top - 3
  return (
    <G>
      {Array.from({ length: layer.sheets }, (_, i) => (
        <Rect
          key={i}
          {...{ x: 2, width: width - 4, height: sheet, y: top + i * sheet }}
          fill={fillOf(layer, cloth)}
          stroke={p.ink}
          strokeWidth={sheet < 5 ? 0.8 : 1.2}
        />
      ))}
      {layer.role === 'cloth' && cloth.textured ? <Loops y={top} width={width} colour={cloth.colour} /> : null}
      {['sticky', 'fused', 'sprayed', 'basted'].includes(layer.grip) ? (
        <Line
          {...{ x1: 4, x2: width - 4, y1: glue, y2: glue, stroke: p.weld, strokeWidth: 2.4 }}
          strokeDasharray={layer.grip === 'fused' ? undefined : layer.grip === 'sprayed' ? '2 4' : '6 3'}
        />
      ) : null}
    </G>
  )
}

function Loops({ y, width, colour }: { y: number; width: number; colour: string }) {
  const p = usePalette()
  const step = (width - 8) / 16
  const loops = Array.from({ length: 16 }, () => `q${step / 2} -9 ${step} 0`).join('')
  return <Path d={`M4 ${y}${loops}`} fill={colour} stroke={p.ink} strokeWidth={1} />
}

function fillOf({ role, kind }: StackLayer, { colour, dark }: Props['cloth']): string {
  if (role === 'cloth') return colour
  if (role === 'topping') return '#D5E6F2'
  if (role === 'cover') return '#EADCE2'
  if (dark && kind.startsWith('cut-away')) return '#454C54'
  return kind.endsWith('-sticky') ? '#E9D9B4' : '#F3EFE2'
}
