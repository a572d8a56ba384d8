import { type ReactNode, useEffect, useRef, useState } from 'react'
import { View } from 'react-native'

/** As much is drawn at first, so that it is there soon, and each time the end is neared. */
const FIRST = 4
const STEP = 12
/** So much follows by itself, as it is soon drawn. */
const ANYWAY = 52

type Props<T> = { items: readonly T[]; children: (shown: readonly T[]) => ReactNode }

/** A long list: nothing of it is cut, but what is far below is drawn when it is neared. */
export function Growing<T>({ items, children }: Props<T>) {
  const [count, setCount] = useState(FIRST)
  const end = useRef<View>(null)
  const more = count < items.length
  useEffect(() => {
    if (!more) return
    const draw = (): void => setCount((now) => now + STEP)
    if (count < ANYWAY) {
      const timer = setTimeout(draw)
      return () => clearTimeout(timer)
    }
    const near = new IntersectionObserver(([entry]) => entry!.isIntersecting && draw())
    near.observe(end.current as unknown as Element)
    return () => near.disconnect()
    // Observed again after each step, as an end that stays in sight is told only once.
  }, [more, count])
  return (
    <>
      {children(items.slice(0, count))}
      {more ? <View ref={end} style={{ height: 1 }} /> : null}
    </>
  )
}
