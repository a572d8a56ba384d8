import { drawings as t } from '@thimble/language/en/drawings'
import type { HoopChoice } from '@thimble/core/hooping'
import { applyPose, rectangle } from '@thimble/core/plane'
import Svg, { G, Path } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { clothInk } from './clothInk'
import { HoopRing } from './HoopRing'
import type { DrawnHoop } from './InHoop'
import { PlacedSketch, type Sketch } from './PlacedSketch'
import { type View, toPath } from './scale'

type Props = {
  hoop: DrawnHoop
  choice?: HoopChoice
  design?: { width: number; height: number }
  sketch?: Sketch
  cloth: string
  size: number
  largest: number
}

/** One hoop with the design in its field; all hoops of a list share one scale, set by the `largest` ring in mm. */
export function HoopDrawing({ hoop, choice, design, sketch = null, cloth, size, largest }: Props) {
  const p = usePalette()
  const k = (size - 8) / (largest + 24)
  const view: View = { k, left: -size / k / 2 - 10, top: -size / k / 2, width: size, height: size }
  const ink = clothInk(cloth)
  const box = choice && design ? rectangle(design.width, design.height).map((c) => applyPose(choice.pose, c)) : null
  const up =
    choice && design
      ? [applyPose(choice.pose, { x: 0, y: 0 }), applyPose(choice.pose, { x: 0, y: -design.height / 2 + 4 })]
      : null
  return (
    <Svg width={size} height={size} role="img" aria-label={t('to-scale', { name: hoop.name })}>
      <G>
        <HoopRing view={view} field={hoop.field} outside={hoop.outside} notchOffset={hoop.notchOffset} inside={cloth} />
        {box ? (
          <Path
            d={toPath(view, box)}
            fill={ink.tint}
            stroke={choice!.fits ? ink.chalk : p.madder}
            strokeWidth={1.6}
            strokeDasharray={choice!.fits ? undefined : '4 3'}
          />
        ) : null}
        {choice ? <PlacedSketch view={view} pose={choice.pose} sketch={sketch} /> : null}
        {up ? <Path d={toPath(view, up, false)} stroke={ink.chalk} strokeWidth={1.6} /> : null}
      </G>
    </Svg>
  )
}
