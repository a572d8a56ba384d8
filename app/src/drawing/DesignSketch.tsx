import type { SketchBlock } from '@thimble/core/design'
import { memo } from 'react'
import { G, Path } from 'react-native-svg'

type Props = {
  sketch: readonly SketchBlock[]
  colours: readonly string[]
  /** Pixels a millimetre, for lines that stay to be seen. */
  k: number
}

const path = (flat: readonly number[], closed: boolean): string => {
  let d = ''
  for (let i = 0; i < flat.length; i += 2) d += `${i === 0 ? 'M' : 'L'}${flat[i]} ${flat[i + 1]}`
  return closed ? `${d}Z` : d
}

const THREAD_MM = 0.45

/** A design in few points, in millimetres about its middle; place and scale it with the group round it. */
export const DesignSketch = memo(function DesignSketch({ sketch, colours, k }: Props) {
  const thin = Math.max(THREAD_MM, 0.9 / k)
  return (
    <G>
      {sketch.map(({ areas, lines }, i) => (
        <G key={i}>
          {areas.length > 0 ? (
            <Path d={areas.map((a) => path(a, true)).join('')} fill={colours[i]} fillRule="evenodd" />
          ) : null}
          {lines.length > 0 ? (
            <Path
              d={lines.map((l) => path(l, false)).join('')}
              fill="none"
              stroke={colours[i]}
              strokeWidth={thin}
              strokeLinejoin="round"
              strokeLinecap="round"
            />
          ) : null}
        </G>
      ))}
    </G>
  )
})
