import { useState } from 'react'
import type { LayoutChangeEvent } from 'react-native'

/** The width a drawing was given, once it is laid out. */
export function useWidth(): { width: number; onLayout: (e: LayoutChangeEvent) => void } {
  const [width, setWidth] = useState(0)
  return { width, onLayout: (e) => setWidth(e.nativeEvent.layout.width) }
}
