import { type ReactNode, useEffect, useRef, useState } from 'react'
import { View } from 'react-native'
import { useShort } from '@/ui/useMedia'

/** Heights of a drawing at the head of its stage and once the ticket is scrolled under it, in pixels. */
const TALL = 270
const SMALL = 168

/** A drawing that stays in sight while the ticket is scrolled, but smaller: it gives way to what is being typed. */
export function GivingWay({ children }: { children: (height: number) => ReactNode }) {
  const short = useShort()
  const line = useRef<View>(null)
  const [small, setSmall] = useState(false)
  useEffect(() => {
    const seen = new IntersectionObserver(([entry]) => setSmall(!entry!.isIntersecting))
    seen.observe(line.current as unknown as Element)
    return () => seen.disconnect()
  }, [])
  // It keeps its room, so that nothing jumps: what is not needed of it slides away above.
  const stays = short ? {} : ({ position: 'sticky' as 'absolute', top: SMALL - TALL, zIndex: 2 } as const)
  return (
    <View style={{ ...stays, height: TALL, justifyContent: 'flex-end', pointerEvents: 'box-none' }}>
      <View ref={line} style={{ position: 'absolute', top: (TALL - SMALL) / 2, height: 1, width: '100%' }} />
      {children(small && !short ? SMALL : TALL)}
    </View>
  )
}
