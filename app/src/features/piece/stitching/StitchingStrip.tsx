import type { SewProgram } from '@thimble/core/sewing'
import { View } from 'react-native'
import Svg, { Path } from 'react-native-svg'
import { ColourStrip } from '@/drawing/ColourStrip'
import { useWidth } from '@/drawing/useWidth'
import { usePalette } from '@/theme/PaletteProvider'

/** The threads in order, as wide as they are long to sew, and how far it is among them. */
export function StitchingStrip({ program, stitch }: { program: SewProgram; stitch: number }) {
  const p = usePalette()
  const { width, onLayout } = useWidth()
  const at = (width * stitch) / Math.max(1, program.stitches)
  return (
    <View onLayout={onLayout}>
      <ColourStrip blocks={program.blocks.map(({ colour, stitches }) => ({ colour, share: stitches }))} height={18} />
      <Svg width={width} height={12} aria-hidden>
        <Path d={`M${at - 7} 12L${at} 1L${at + 7} 12Z`} fill={p.ink} />
      </Svg>
    </View>
  )
}
