import { items as t } from '@thimble/language/en/items'
import type { CustomItem } from '@thimble/contract'
import type { LengthUnit } from '@thimble/core/lengths'
import { customItem, type ItemShape, presetMeasures } from '@thimble/core/placement'
import { boxOf } from '@thimble/core/plane'
import { useState } from 'react'
import { View } from 'react-native'
import Svg, { G, Path, Text as SvgText } from 'react-native-svg'
import { ItemOutline } from '@/drawing/ItemOutline'
import { clothInk } from '@/drawing/clothInk'
import { fitAll, toPath, toX, toY, type View as Scale } from '@/drawing/scale'
import { Tape } from '@/drawing/Tape'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'

const HEIGHT = 240
const TAPE = 20
const CLOTH = '#e8e2d4'

/** The outline as typed so far, to scale, its edges numbered. */
export function OutlineDrawing({ item, unit }: { item: CustomItem | null; unit: LengthUnit }) {
  const p = usePalette()
  const [width, setWidth] = useState(0)
  if (!item)
    return (
      <View style={{ height: HEIGHT, backgroundColor: p.table, justifyContent: 'center', padding: 24 }}>
        <Text soft>{t('the-outline-appears-once-its')}</Text>
      </View>
    )
  const kind = customItem(item)
  const shape = kind.shape(presetMeasures(kind))
  const view = fitAll(boxOf(shape.outline), Math.max(50, width - TAPE), HEIGHT - TAPE, 26)
  return (
    <View
      role="img"
      aria-label={t('the-outline-to-scale-edges', { edges: item.edges.length })}
      style={{ height: HEIGHT, backgroundColor: p.table }}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
    >
      {width === 0 ? null : (
        <Svg width={width} height={HEIGHT}>
          <G x={TAPE} y={TAPE}>
            <ItemOutline view={view} item={shape} colour={CLOTH} edge={p.ink} />
            <StripsAndLines view={view} shape={shape} />
            <EdgeNumbers view={view} shape={shape} />
          </G>
          <G x={TAPE} y={0}>
            <Tape length={view.width} k={view.k} from={view.left} unit={unit} depth={TAPE} across />
          </G>
          <G x={0} y={TAPE}>
            <Tape length={view.height} k={view.k} from={view.top} unit={unit} depth={TAPE} />
          </G>
        </Svg>
      )}
    </View>
  )
}

type Part = { view: Scale; shape: ItemShape }

function StripsAndLines({ view, shape }: Part) {
  const p = usePalette()
  const ink = clothInk(CLOTH)
  return (
    <>
      {shape.zones.map((z) => (
        <Path
          key={z.id}
          d={toPath(view, z.outline)}
          fill={p.madder}
          fillOpacity={0.16}
          stroke={p.madder}
          strokeWidth={1}
          strokeDasharray="5 3"
        />
      ))}
      {shape.lines
        .filter((l) => l.id.startsWith('line'))
        .map((l) => (
          <Path
            key={l.id}
            d={l.axis === 'level' ? `M0 ${toY(view, l.at)}H${view.width}` : `M${toX(view, l.at)} 0V${view.height}`}
            stroke={ink.chalk}
            strokeWidth={1.2}
            strokeDasharray="6 4"
          />
        ))}
    </>
  )
}

/** Each edge's number, outside its middle. */
function EdgeNumbers({ view, shape }: Part) {
  const p = usePalette()
  const { left, right, top, bottom } = boxOf(shape.outline)
  const [cx, cy] = [(left + right) / 2, (top + bottom) / 2]
  return (
    <>
      {shape.tapes.map((t, i) => {
        const [mx, my] = [(t.from.x + t.to.x) / 2, (t.from.y + t.to.y) / 2]
        const far = Math.hypot(mx - cx, my - cy) || 1
        const out = 14 / view.k
        return (
          <SvgText
            key={t.id}
            x={toX(view, mx + ((mx - cx) / far) * out)}
            y={toY(view, my + ((my - cy) / far) * out) + 5}
            textAnchor="middle"
            fontFamily="TextBold"
            fontSize={14}
            fill={p.ink}
          >
            {String(i + 1)}
          </SvgText>
        )
      })}
    </>
  )
}
