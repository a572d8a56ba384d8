import { useCallback, useState } from 'react'
import type { LayoutChangeEvent } from 'react-native'

/** How wide there is room for a chart; 0 until it is known. */
export function useWidth() {
  const [width, setWidth] = useState(0)
  const onLayout = useCallback((event: LayoutChangeEvent) => setWidth(Math.floor(event.nativeEvent.layout.width)), [])
  return { width, onLayout }
}
