import type { ReactNode } from 'react'
import { useEffect, useRef, useState } from 'react'
import { ScrollView, type ViewStyle } from 'react-native'
import { cameBack, recall, remember } from './scrollMemory'
import { useShort } from './useMedia'
import { frame } from './frame'

/** Frames to wait for what is drawn as it is neared. */
const PATIENCE = 90
const NAME = 'scrolled'

type Props = {
  place: string
  /** Of a page whose parts come one for another: which it is, and whether it was gone to on the page itself. */
  part?: string
  goneTo?: boolean
  children: ReactNode
  style: ViewStyle
  toRead?: boolean
}

/** What scrolls on a page: back on it, it is where it was left. In a short view the page scrolls as a whole. */
export function Scroller({ place, part = '', goneTo = false, children, style, toRead }: Props) {
  const short = useShort()
  const view = useRef<ScrollView>(null)
  // Asked while it is drawn: a page that is there is no more one that is come back to.
  const [back] = useState(() => !goneTo && cameBack(place))
  const name = NAME + part
  useEffect(() => {
    const box = view.current?.getScrollableNode() as HTMLElement
    const left = back ? Number(recall(place, name) ?? 0) : 0
    let frames = 0
    let frame = 0
    const go = (): void => {
      box.scrollTop = left
      if (box.scrollTop < left - 1 && frames++ < PATIENCE) frame = requestAnimationFrame(go)
    }
    if (left > 0) go()
    const note = (): void => {
      remember(place, name, box.scrollTop)
    }
    const byHand = (): void => cancelAnimationFrame(frame)
    box.addEventListener('scroll', note, { passive: true })
    box.addEventListener('pointerdown', byHand, { passive: true })
    box.addEventListener('wheel', byHand, { passive: true })
    return () => {
      cancelAnimationFrame(frame)
      box.removeEventListener('scroll', note)
      box.removeEventListener('pointerdown', byHand)
      box.removeEventListener('wheel', byHand)
    }
  }, [back, place, name])
  return (
    <ScrollView
      ref={view}
      {...frame}
      style={short ? { flexBasis: 'auto', minWidth: 0, overflow: 'visible' } : { flex: 1 }}
      contentContainerStyle={style}
      {...(toRead ? { tabIndex: 0 } : {})}
    >
      {children}
    </ScrollView>
  )
}
