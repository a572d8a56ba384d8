import type { Needle } from '@thimble/core/recipe'
import { Ellipse, G, Path } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'

type Props = { needle: Needle | null; x: number; top: number; tip: number; perMm: number }

/** A needle from the eye down, as thick as its size says, its point as it is ground. */
export function NeedlePoint({ needle, x, top, tip, perMm }: Props) {
  const p = usePalette()
  const size = Number(needle?.size.split('/')[0] ?? 75)
  const half = Math.min(13, Math.max(3, ((size / 100) * perMm) / 2))
  const shoulder = tip - half * 3.2
  const eye = top + (shoulder - top) * 0.55
  return (
    <G>
      <Path
        d={`M${x - half} ${top}h${2 * half}v${shoulder - top}${points[needle?.point ?? 'embroidery'](half, tip - shoulder)}Z`}
        fill={p.ring}
        stroke={p.ink}
        strokeWidth={1.2}
      />
      <Ellipse
        cx={x}
        cy={eye}
        rx={half * 0.42}
        ry={needle?.point === 'large-eye' ? half * 1.9 : half * 1.1}
        fill={p.paper}
        stroke={p.ink}
        strokeWidth={1}
      />
    </G>
  )
}

/** From the right shoulder round the tip to the left one. */
const points: Record<Needle['point'], (half: number, long: number) => string> = {
  sharp: (half, long) => `l${-half} ${long}l${-half} ${-long}`,
  embroidery: (half, long) =>
    `q${-half * 0.5} ${long * 0.75} ${-half} ${long}q${-half * 0.5} ${-long * 0.25} ${-half} ${-long}`,
  'large-eye': (half, long) =>
    `q${-half * 0.5} ${long * 0.75} ${-half} ${long}q${-half * 0.5} ${-long * 0.25} ${-half} ${-long}`,
  ballpoint: (half, long) =>
    `q${-half * 0.2} ${long * 0.8} ${-half * 0.6} ${long * 0.9}q${-half * 0.4} ${long * 0.12} ${-half * 0.8} 0q${-half * 0.4} ${-long * 0.1} ${-half * 0.6} ${-long * 0.9}`,
  wedge: (half, long) => `l${-half * 0.8} ${long}h${-half * 0.4}l${-half * 0.8} ${-long}`,
}
