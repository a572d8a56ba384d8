import { useMemo } from 'react'
import { View } from 'react-native'
import Svg, { Path } from 'react-native-svg'
import { create } from 'qrcode/lib/core/qrcode'

/** What the square needs round it to be read. */
const MARGIN = 4

/** A text as a square of dots for a phone's camera: dark on white in every theme, as cameras know it. */
export function QrCode({ text, size, label }: { text: string; size: number; label: string }) {
  const { modules } = useMemo(() => create(text, { errorCorrectionLevel: 'M' }), [text])
  const dots = Array.from({ length: modules.size ** 2 }, (_, i) => i)
    .filter((i) => modules.data[i])
    .map((i) => `M${i % modules.size} ${Math.floor(i / modules.size)}h1v1h-1z`)
  const side = modules.size + 2 * MARGIN
  return (
    <View role="img" aria-label={label} style={{ width: size, height: size, backgroundColor: '#fff' }}>
      <Svg width={size} height={size} viewBox={`${-MARGIN} ${-MARGIN} ${side} ${side}`}>
        <Path d={dots.join('')} fill="#000" />
      </Svg>
    </View>
  )
}
