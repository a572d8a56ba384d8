import type { ReactNode } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useShort, useWide } from './useMedia'

/** List and detail side by side where there is room; on a phone the list alone, or `both` one below the other. */
export function Split({ list, detail, both }: { list: ReactNode; detail: ReactNode; both?: boolean }) {
  const p = usePalette()
  const wide = useWide()
  const short = useShort()
  const { height } = useWindowDimensions()
  if (!wide)
    return (
      <>
        {list}
        {both ? detail : null}
      </>
    )
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: 16 }}>
      <View style={{ width: '46%' }}>{list}</View>
      <View
        style={{
          flex: 1,
          position: short ? 'relative' : ('sticky' as 'absolute'),
          top: 0,
          borderLeftWidth: 1,
          borderLeftColor: p.seam,
        }}
      >
        <ScrollView style={short ? undefined : { maxHeight: height - HEAD }}>{detail}</ScrollView>
      </View>
    </View>
  )
}

/** Height of a page's title and tape, in pixels. */
const HEAD = 78
