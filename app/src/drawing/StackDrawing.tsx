import type { StackLayer } from '@thimble/contract'
import Svg, { G, Line, Path, Rect } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'

type Props = {
  layers: readonly StackLayer[]
  cloth: string
  thread: string
  rowHeight: number
  width: number
  textured: boolean
}

/** The stack in cross-section, top to bottom, with the needle above it and the stitches through it. */
export function StackDrawing({ layers, cloth, thread, rowHeight, width, textured }: Props) {
  const p = usePalette()
  const top = rowHeight
  const y = (i: number): number => top + i * rowHeight + rowHeight / 2
  const height = top + layers.length * rowHeight
  const sewn = layers.filter((l) => l.role !== 'cover').length
  const [first, last] = [y(0) - 12, y(sewn - 1) + 14]
  const x = (i: number): number => 18 + (i * (width - 36)) / 5
  const needle = x(2) + 8
  return (
    <Svg aria-hidden width={width} height={height}>
      <Path
        d={`M${needle - 4} 4h8v${top * 0.55}l-4 ${first - 4 - top * 0.55}-4 ${-(first - 4 - top * 0.55)}Z`}
        fill={p.ring}
        stroke={p.ink}
        strokeWidth={1.2}
      />
      {layers.map((layer, i) => (
        <LayerBar key={i} layer={layer} y={y(i)} width={width} cloth={cloth} textured={textured} />
      ))}
      <G>
        {[0, 1, 2, 3, 4].map((i) => (
          <G key={i}>
            <Line x1={x(i)} x2={x(i)} y1={first} y2={last} stroke={p.ink} strokeWidth={3.8} opacity={0.6} />
            <Line x1={x(i)} x2={x(i)} y1={first} y2={last} stroke={thread} strokeWidth={2.2} />
            {i < 4 ? (
              <Path
                d={`M${x(i)} ${first}q${(x(1) - x(0)) / 2} -9 ${x(1) - x(0)} 0`}
                fill="none"
                stroke={thread}
                strokeWidth={2.6}
              />
            ) : null}
            {i < 4 ? (
              <Path
                d={`M${x(i)} ${last}q${(x(1) - x(0)) / 2} 5 ${x(1) - x(0)} 0`}
                fill="none"
                stroke={p.ring}
                strokeWidth={1.4}
              />
            ) : null}
          </G>
        ))}
      </G>
    </Svg>
  )
}

const thick: Record<StackLayer['role'], number> = { topping: 13, cloth: 28, backing: 14, cover: 14 }

function LayerBar({
  layer,
  y,
  width,
  cloth,
  textured,
}: {
  layer: StackLayer
  y: number
  width: number
  cloth: string
  textured: boolean
}) {
  const p = usePalette()
  const fill = {
    topping: '#D5E6F2',
    cloth,
    backing: layer.kind.includes('sticky') ? '#E9D9B4' : '#F3EFE2',
    cover: '#EADCE2',
  }[layer.role]
  const sheet = thick[layer.role]
  const count = Math.min(layer.sheets, 3)
  return (
    <G>
      {Array.from({ length: count }, (_, i) => {
        const top = y - sheet / 2 + (i - (count - 1) / 2) * (sheet + 3)
        return (
          <Rect key={i} x={4} y={top} width={width - 8} height={sheet} fill={fill} stroke={p.ink} strokeWidth={1.2} />
        )
      })}
      {layer.role === 'cloth' && textured
        ? Array.from({ length: 9 }, (_, i) => (
            <Rect
              key={i}
              x={10 + i * ((width - 20) / 9)}
              y={y - 3}
              width={(width - 20) / 14}
              height={6}
              fill={p.ink}
              opacity={0.12}
            />
          ))
        : null}
      {layer.grip === 'sticky' || layer.grip === 'fused' || layer.grip === 'sprayed' ? (
        <Line
          x1={6}
          x2={width - 6}
          y1={y - sheet / 2 - 2.5}
          y2={y - sheet / 2 - 2.5}
          stroke={p.weld}
          strokeWidth={2}
          strokeDasharray={layer.grip === 'fused' ? undefined : '3 3'}
        />
      ) : null}
    </G>
  )
}
