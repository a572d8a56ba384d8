import { type ReactNode, useEffect, useRef } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Heading, Text } from '@/ui/Text'

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
export function StageFold({ open, done, onReopen, children, ...line }: Props) {
  const p = usePalette()
  const here = useRef<View>(null)
  const was = useRef(open)
  useEffect(() => {
    const fold = here.current as unknown as HTMLElement | null
    // A stage that opens comes to the top, and the cursor with it; the one a page opens with stays where it is.
    if (open && !was.current) {
      fold?.scrollIntoView({ block: 'start' })
      fold?.querySelector<HTMLElement>('[aria-expanded]')?.focus({ preventScroll: true })
    }
    was.current = open
  }, [open])
  return (
    <View ref={here} style={{ borderTopWidth: 1, borderTopColor: p.seam }}>
      <View style={{ flexDirection: 'row', backgroundColor: open ? p.calico : p.paper }}>
        <StageLine {...line} open={open} done={done} />
        {done && open ? (
          <Pressable
            role="button"
            onPress={onReopen}
            style={{ minHeight: 44, justifyContent: 'center', paddingHorizontal: 16 }}
          >
            <Text tone="indigo" bold>
              Open again
            </Text>
          </Pressable>
        ) : null}
      </View>
      {open ? <View style={{ paddingBottom: 20 }}>{children}</View> : null}
    </View>
  )
}

type LineProps = Omit<Props, 'onReopen' | 'children'>

/** Its name, with what was decided while it is folded; the whole line opens and folds it. */
function StageLine({ name, done, changed, open, summary, onToggle }: LineProps) {
  const says = open ? (done ? '' : 'fold') : changed ? 'changed' : done ? 'look' : 'open'
  return (
    <View role="heading" aria-level={2} style={{ flex: 1, minWidth: 0 }}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={onToggle}
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          gap: 12,
          minHeight: 56,
          paddingHorizontal: 16,
          paddingVertical: 8,
        }}
      >
        <Text
          aria-label={done ? 'Done:' : undefined}
          aria-hidden={!done}
          role={done ? 'img' : undefined}
          bold
          tone={done ? 'moss' : 'indigo'}
          style={{ width: 20, textAlign: 'center' }}
        >
          {done ? '✕' : open ? '◆' : '·'}
        </Text>
        <View style={{ flex: 1, minWidth: 0 }}>
          <Heading level={2} role="none" aria-level={undefined}>
            {name}
          </Heading>
          {open ? null : (
            <Text soft numberOfLines={2}>
              {summary}
            </Text>
          )}
        </View>
        <Text tone="indigo" bold>
          {says}
        </Text>
      </Pressable>
    </View>
  )
}
