import { useEffect, useRef } from 'react'
import type { Text, TextStyle } from 'react-native'
import { arrived } from './scrollMemory'
import { Heading } from './Text'

const PROGRAM = 'Zealous Thimble'
let first = true

type Props = {
  children: string
  place: string
  style?: TextStyle
  /** It stands only until the page that was gone to is there, which is as it was left then. */
  passing?: boolean
}

/** The name of a page, in its window too. Coming from another page the cursor begins here. */
export function PageTitle({ children, place, style, passing = false }: Props) {
  const here = useRef<Text>(null)
  useEffect(() => {
    if (!first) (here.current as unknown as HTMLElement).focus({ preventScroll: true })
    first = false
    return passing ? undefined : arrived(place)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- arriving is done once; a page may be named again later
  }, [])
  useEffect(() => {
    document.title = `${children} · ${PROGRAM}`
  }, [children])
  return (
    <Heading ref={here} level={1} tabIndex={-1} numberOfLines={2} style={[{ flex: 1, minWidth: 0 }, style]}>
      {children}
    </Heading>
  )
}
