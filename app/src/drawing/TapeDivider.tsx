import { useState } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Tape } from './Tape'
import { Svg } from 'react-native-svg'

/** The tape as divider: always in true screen proportion, never a picture. */
export function TapeDivider() {
  const p = usePalette()
  const [width, setWidth] = useState(0)
  return (
    <View
      aria-hidden
      style={{ height: 18, backgroundColor: p.tape }}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
    >
      {width > 0 ? (
        <Svg width={width} height={18}>
          <Tape length={width} k={1.24} from={0} unit="mm" depth={18} across />
        </Svg>
      ) : null}
    </View>
  )
}
