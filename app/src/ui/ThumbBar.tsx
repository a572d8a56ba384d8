import type { ReactNode } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useShort } from './useMedia'

/** The stage's actions, held at the thumb while the ticket scrolls under them. */
export function ThumbBar({ children }: { children: ReactNode }) {
  const p = usePalette()
  const short = useShort()
  return (
    <View
      {...{ dataSet: { bar: '' } }}
      style={{
        position: short ? 'relative' : ('sticky' as 'absolute'),
        bottom: 0,
        marginTop: 18,
        paddingHorizontal: 16,
        paddingVertical: 10,
        gap: 6,
        backgroundColor: p.calico,
        borderTopWidth: 1,
        borderTopColor: p.seam,
        zIndex: 2,
      }}
    >
      {children}
    </View>
  )
}
