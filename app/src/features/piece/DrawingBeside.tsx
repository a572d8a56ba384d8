import type { ReactNode } from 'react'
import { View } from 'react-native'
import { useWide } from '@/ui/useMedia'

type Props = {
  drawing: ReactNode
  children: ReactNode
  /** On a phone above the drawing. */
  head?: ReactNode
}

/** A page that is about a drawing: it stands at the head, on a wide page beside the rest and in view. */
export function DrawingBeside({ drawing, head, children }: Props) {
  const wide = useWide()
  if (!wide)
    return (
      <>
        {head}
        {drawing}
        {children}
      </>
    )
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-start' }}>
      <View style={{ width: '50%', position: 'sticky' as 'absolute', top: 0 }}>{drawing}</View>
      <View style={{ flex: 1, minWidth: 0 }}>
        {head}
        {children}
      </View>
    </View>
  )
}
