import { type ReactNode, useEffect, useRef } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Heading, Words } from '@/ui/Words'

type Props = {
  name: string
  done: boolean
  /** Whether something it rests on has changed since it was decided. */
  changed: boolean
  open: boolean
  summary: string
  onToggle: () => void
  onReopen: () => void
  children: ReactNode
}

/** One stage of the ticket: a line when folded, its work when open. */
export function StageFold({ name, done, changed, open, summary, onToggle, onReopen, children }: Props) {
  const p = usePalette()
  const here = useRef<View>(null)
  const was = useRef(open)
  useEffect(() => {
    // A stage that opens comes to the top; the one a page opens with stays where it is.
    if (open && !was.current) (here.current as unknown as HTMLElement | null)?.scrollIntoView({ block: 'start' })
    was.current = open
  }, [open])
  return (
    <View ref={here} style={{ borderTopWidth: 1, borderTopColor: p.seam }}>
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`${name}${done ? ', done' : ''}${changed ? ', changed' : ''}`}
        onPress={onToggle}
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          gap: 12,
          minHeight: 56,
          paddingHorizontal: 16,
          paddingVertical: 8,
          backgroundColor: open ? p.calico : p.paper,
        }}
      >
        <Words bold tone={done ? 'moss' : 'indigo'} style={{ width: 20, textAlign: 'center' }}>
          {done ? '✕' : open ? '◆' : '·'}
        </Words>
        <View style={{ flex: 1, minWidth: 0 }}>
          <Heading level={2}>{name}</Heading>
          {open ? null : (
            <Words soft numberOfLines={2}>
              {summary}
            </Words>
          )}
        </View>
        {done && open ? (
          <Pressable role="button" onPress={onReopen} style={{ minHeight: 44, justifyContent: 'center' }}>
            <Words tone="indigo" bold>
              Open again
            </Words>
          </Pressable>
        ) : (
          <Words tone="indigo" bold>
            {open ? 'fold' : changed ? 'changed' : done ? 'look' : 'open'}
          </Words>
        )}
      </Pressable>
      {open ? <View style={{ paddingBottom: 20 }}>{children}</View> : null}
    </View>
  )
}
