import { useVirtualizer } from '@tanstack/react-virtual'
import type { LogRow } from '@thimble/contract/log'
import { type ReactNode, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { View } from 'react-native'

/** A row as it mostly is, in pixels, until it is measured; and how many beyond the edges are there already. */
const [USUAL, BEYOND] = [140, 12]
/** As many before its end the next page is asked for. */
const AHEAD = 30

type Props = { rows: readonly LogRow[]; onNearEnd: () => void; render: (row: LogRow) => ReactNode }

/** A list of any length of which no more is drawn than is seen; more of it comes before its end does. */
export function LogRows({ rows, onNearEnd, render }: Props) {
  const list = useRef<View>(null)
  const [place, setPlace] = useState<{ box: HTMLElement; top: number } | null>(null)
  useLayoutEffect(() => {
    const node = list.current as unknown as HTMLElement
    const box = boxOf(node)
    const top = node.getBoundingClientRect().top - box.getBoundingClientRect().top + box.scrollTop
    setPlace((known) => (known?.box === box && Math.abs(known.top - top) < 1 ? known : { box, top }))
    // What stands above it changes its height as one asks otherwise.
  }, [rows])
  // eslint-disable-next-line react-hooks/incompatible-library -- no compiler is used here
  const seen = useVirtualizer({
    count: rows.length,
    getScrollElement: () => place?.box ?? null,
    estimateSize: () => USUAL,
    getItemKey: (i) => rows[i]!.pieceId,
    scrollMargin: place?.top ?? 0,
    overscan: BEYOND,
  })
  const drawn = seen.getVirtualItems()
  const last = drawn.at(-1)?.index ?? -1
  useEffect(() => {
    if (last >= rows.length - AHEAD) onNearEnd()
  }, [last, rows.length, onNearEnd])
  return (
    <View ref={list} role="list" style={{ height: seen.getTotalSize(), marginTop: 14 }}>
      {drawn.map(({ key, index, start }) => (
        <div
          key={key}
          role="listitem"
          data-index={index}
          ref={seen.measureElement}
          style={{
            position: 'absolute',
            left: 0,
            right: 0,
            top: 0,
            transform: `translateY(${start - (place?.top ?? 0)}px)`,
          }}
        >
          {render(rows[index]!)}
        </div>
      ))}
    </View>
  )
}

/** What the list is scrolled in: the nearest that scrolls, else the page. */
function boxOf(node: HTMLElement): HTMLElement {
  for (let at = node.parentElement; at; at = at.parentElement)
    if (/auto|scroll/.test(getComputedStyle(at).overflowY)) return at
  return document.scrollingElement as HTMLElement
}
