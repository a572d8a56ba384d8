import { things as t } from '@thimble/language/en/things'
import { boxOf, type Point } from '@thimble/core/plane'
import type { SketchBlock } from '@thimble/core/design'
import { Pressable, View } from 'react-native'
import Svg, { Circle, G, Path } from 'react-native-svg'
import { DesignSketch } from '@/drawing/DesignSketch'
import { fitAll, toPath, toX, toY } from '@/drawing/scale'
import { useWidth } from '@/drawing/useWidth'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'

type Props = {
  /** Its outline by points, or x and y in turn. */
  design: {
    hull: readonly Point[] | readonly number[]
    sketch?: readonly SketchBlock[] | null
    colours: readonly string[]
  }
  cloth: string
  at: readonly Point[]
  /** Which fault, for who does not see the drawing. */
  of: string
  onChange?: (at: Point[]) => void
}

const HEIGHT = 180
/** A tap as near as this to a place takes it off again, in pixels. */
const NEAR = 22
const MOST = 20

/** Where on the design a fault is: a tap puts a ring there, a tap on a ring takes it off. */
export function FaultMarks({ design, cloth, at, of, onChange }: Props) {
  const p = usePalette()
  const { width, onLayout } = useWidth()
  const hull = pointsIn(design.hull)
  const view = width > 0 && hull.length > 0 ? fitAll(boxOf(hull), width, HEIGHT, 18) : null
  const tap = (x: number, y: number): void => {
    if (!view || !onChange) return
    const rest = at.filter((q) => Math.hypot(toX(view, q.x) - x, toY(view, q.y) - y) > NEAR)
    const place = { x: view.left + x / view.k, y: view.top + y / view.k }
    onChange(rest.length < at.length || at.length >= MOST ? rest : [...at, place])
  }
  return (
    <View onLayout={onLayout} style={{ gap: 4 }}>
      <Pressable
        role={onChange ? 'button' : 'img'}
        aria-label={t('where-on-the-design-one', { at: at.length, of })}
        disabled={!onChange}
        onPress={({ nativeEvent }) => {
          const { offsetX, offsetY } = nativeEvent as unknown as MouseEvent
          tap(offsetX, offsetY)
        }}
        style={{ height: HEIGHT, backgroundColor: cloth }}
      >
        {view ? (
          <Svg width={width} height={HEIGHT} style={{ pointerEvents: 'none' }}>
            {design.sketch ? (
              <G transform={`translate(${toX(view, 0)} ${toY(view, 0)}) scale(${view.k})`}>
                <DesignSketch sketch={design.sketch} colours={design.colours} k={view.k} />
              </G>
            ) : (
              <Path d={toPath(view, hull)} fill={design.colours[0]} fillOpacity={0.5} stroke={p.ink} />
            )}
            {at.map((q, i) => (
              <G key={i}>
                <Circle cx={toX(view, q.x)} cy={toY(view, q.y)} r={13} fill="none" stroke={p.paper} strokeWidth={6} />
                <Circle cx={toX(view, q.x)} cy={toY(view, q.y)} r={13} fill="none" stroke={p.madder} strokeWidth={3} />
              </G>
            ))}
          </Svg>
        ) : null}
      </Pressable>
      {onChange ? <Text soft>{at.length === 0 ? t('tap-where-it-is') : t('tap-a-mark-to-remove')}</Text> : null}
    </View>
  )
}

function pointsIn(hull: readonly Point[] | readonly number[]): Point[] {
  if (typeof hull[0] !== 'number') return [...(hull as readonly Point[])]
  const flat = hull as readonly number[]
  return Array.from({ length: flat.length >> 1 }, (_, i) => ({ x: flat[2 * i]!, y: flat[2 * i + 1]! }))
}
