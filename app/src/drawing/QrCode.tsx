import { useEffect, useState } from 'react'
import { View } from 'react-native'
import Svg, { Path } from 'react-native-svg'

/** What the square needs round it to be read. */
const MARGIN = 4

/** A text as a square of dots for a phone's camera: dark on white in every theme, as cameras know it. */
export function QrCode({ text, size, label }: { text: string; size: number; label: string }) {
  const [square, setSquare] = useState<{ of: string; dots: string; side: number } | null>(null)
  useEffect(() => {
    let gone = false
    // Fetched when one is shown or printed, as nothing else needs it.
    void import('qrcode/lib/core/qrcode').then(({ create }) => {
      const { modules } = create(text, { errorCorrectionLevel: 'M' })
      const dots = Array.from({ length: modules.size ** 2 }, (_, i) => i)
        .filter((i) => modules.data[i])
        .map((i) => `M${i % modules.size} ${Math.floor(i / modules.size)}h1v1h-1z`)
      if (!gone) setSquare({ of: text, dots: dots.join(''), side: modules.size + 2 * MARGIN })
    })
    return () => {
      gone = true
    }
  }, [text])
  const there = square?.of === text ? square : null
  return (
    <View role="img" aria-label={label} style={{ width: size, height: size, backgroundColor: '#fff' }}>
      {there ? (
        <Svg width={size} height={size} viewBox={`${-MARGIN} ${-MARGIN} ${there.side} ${there.side}`}>
          <Path d={there.dots} fill="#000" />
        </Svg>
      ) : null}
    </View>
  )
}
