import { Children, type ReactNode } from 'react'
import { View } from 'react-native'
import { useWide } from './useMedia'

/** One column on a phone, two where there is room. */
export function Grid({ children }: { children: ReactNode }) {
  const wide = useWide()
  if (!wide) return <View>{children}</View>
  return (
    <View
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'stretch',
        justifyContent: 'space-between',
        rowGap: 16,
        padding: 16,
      }}
    >
      {Children.map(children, (child) => (
        <View style={{ width: '49.2%' }}>{child}</View>
      ))}
    </View>
  )
}
