import { hoop as t } from '@thimble/language/en/hoop'
import type { Point } from '@thimble/core/plane'
import type { Sought } from '@thimble/plan'
import { useEffect, useRef } from 'react'
import { View } from 'react-native'
import Svg, { Path } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { writePlace } from './writePlace'

type Props = {
  sought: Sought
  at: Point
  on: boolean
  notches: Point
  write: (mm: number) => string
  onNudge: (by: Point) => void
  onRest: () => void
}

const SIZE = 44
const keys: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
}

/** One thing that is looked for: a diamond where it landed, hollow until it was told; arrow keys move it by half a millimetre. */
export function Dot({ sought, at, on, notches, write, onNudge, onRest }: Props) {
  const p = usePalette()
  const dot = useRef<View>(null)
  const latest = useRef({ onNudge, onRest })
  useEffect(() => {
    latest.current = { onNudge, onRest }
  })
  useEffect(() => {
    const node = dot.current as unknown as HTMLElement | null
    const press = (e: KeyboardEvent): void => {
      const way = keys[e.key]
      if (!way) return
      e.preventDefault()
      const step = e.shiftKey ? 5 : 0.5
      latest.current.onNudge({ x: way.x * step, y: way.y * step })
      latest.current.onRest()
    }
    node?.addEventListener('keydown', press)
    return () => node?.removeEventListener('keydown', press)
  }, [])
  const { landed, expected, name } = sought
  const place = landed ?? expected
  const told = writePlace({ x: place.x - notches.x, y: place.y - notches.y }, write)
  return (
    <View
      ref={dot}
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuenow={Math.round(place.x - notches.x)}
      aria-valuemin={-1000}
      aria-valuemax={1000}
      aria-valuetext={landed ? told : t('not-placed-yet')}
      style={{
        position: 'absolute',
        left: at.x - SIZE / 2,
        top: at.y - SIZE / 2,
        width: SIZE,
        height: SIZE,
        borderRadius: 4,
        cursor: 'grab' as never,
      }}
    >
      <Svg width={SIZE} height={SIZE}>
        <Path
          d={`M22 ${on ? 9 : 12}l${on ? 13 : 10} ${on ? 13 : 10}l${on ? -13 : -10} ${on ? 13 : 10}l${on ? -13 : -10} ${on ? -13 : -10}Z`}
          fill={landed ? p.weld : 'none'}
          stroke={landed ? p.onWeld : p.weld}
          strokeWidth={landed ? 1.6 : 2.4}
        />
      </Svg>
    </View>
  )
}
