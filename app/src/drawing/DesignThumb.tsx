import { hullOf } from '@thimble/plan'
import type { DesignCard } from '@thimble/contract'
import { groundFor } from './clothInk'
import Svg, { G, Path, Rect } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { DesignSketch } from './DesignSketch'

type Props = {
  design: Pick<DesignCard, 'width' | 'height' | 'colours' | 'summary' | 'shape'>
  px: number
  k?: number
  ground?: string
}

/** A design on a scrap of cloth, as large as the square lets it be or at the scale given. */
export function DesignThumb({ design, px, k: given, ground }: Props) {
  const p = usePalette()
  const { width, height, colours, summary } = design
  const k = given ?? (px - 12) / Math.max(width, height)
  const cloth = ground ?? groundFor(colours)
  const hull = hullOf(design)
  return (
    <Svg aria-hidden width={px} height={px}>
      <Rect width={px} height={px} fill={cloth} />
      <G transform={`translate(${px / 2} ${px / 2}) scale(${k})`}>
        {summary?.sketch.length ? (
          <DesignSketch sketch={summary.sketch} colours={colours} k={k} />
        ) : (
          <Path
            d={hull.map((c, i) => `${i ? 'L' : 'M'}${c.x} ${c.y}`).join('') + 'Z'}
            fill="none"
            stroke={p.onTape}
            strokeWidth={1.4 / k}
            strokeDasharray={`${5 / k} ${3 / k}`}
          />
        )}
      </G>
    </Svg>
  )
}
