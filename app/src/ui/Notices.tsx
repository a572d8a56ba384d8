import { Button } from '@rneui/themed'
import { usePathname, useRouter } from 'expo-router'
import { useEffect } from 'react'
import { Pressable, View } from 'react-native'
import { bringBack } from '@/state/changes'
import { useSend, useShelf } from '@/state/store'
import { noticed, removed } from '@/state/shelf'
import { usePalette } from '@/theme/PaletteProvider'
import { Words } from './Words'

const UNDO_MS = 10_000

/** Changes the server would not take stay counted on every page until they are dealt with. */
function NotKeptBar() {
  const count = useShelf((s) => s.notKept.length)
  const here = usePathname() === '/not-kept'
  const router = useRouter()
  const p = usePalette()
  if (count === 0 || here) return null
  return (
    <Pressable
      role="link"
      aria-label={`${count} not kept: look`}
      onPress={() => router.push('/not-kept')}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        minHeight: 44,
        paddingHorizontal: 16,
        backgroundColor: p.paper,
        borderBottomWidth: 2,
        borderBottomColor: p.madder,
      }}
    >
      <Words bold tone="madder" style={{ flex: 1 }}>
        {count === 1 ? 'One change was not kept.' : `${count} changes were not kept.`}
      </Words>
      <Words bold tone="indigo">
        look
      </Words>
    </Pressable>
  )
}

/** What the whole app has to say: the server away, a change not taken, a removal that can be undone. */
export function Notices() {
  const connection = useShelf((s) => s.connection)
  // Only told while the server is away, so only then looked at: it changes with every key.
  const waiting = useShelf((s) => (s.connection === 'away' ? s.waiting : 0))
  const trouble = useShelf((s) => s.trouble)
  const notice = useShelf((s) => s.notice)
  const undo = useShelf((s) => s.undo)
  const send = useSend()
  const p = usePalette()
  useEffect(() => {
    if (!undo) return
    const timer = setTimeout(() => send(removed(null)), UNDO_MS)
    return () => clearTimeout(timer)
  }, [undo, send])
  const kept =
    waiting === 0
      ? 'What you type is kept here and sent when it is back.'
      : `${waiting} ${waiting === 1 ? 'change is' : 'changes are'} kept here and sent when it is back.`
  const bar = {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    paddingHorizontal: 16,
    paddingVertical: 8,
  } as const
  return (
    <View aria-live="polite">
      {connection === 'away' ? (
        <View role="status" style={{ ...bar, backgroundColor: p.weld }}>
          <Words
            style={{ color: p.onWeld, flex: 1, fontSize: 16 }}
          >{`${trouble ?? 'The server is away.'} ${kept}`}</Words>
        </View>
      ) : null}
      <NotKeptBar />
      {notice ? (
        <View
          role="alert"
          style={{ ...bar, backgroundColor: p.paper, borderBottomWidth: 2, borderBottomColor: p.madder }}
        >
          <Words style={{ flex: 1 }}>{notice}</Words>
          <Button type="outline" title="Close" onPress={() => send(noticed(null))} />
        </View>
      ) : null}
      {undo ? (
        <View
          role="status"
          style={{ ...bar, backgroundColor: p.paper, borderBottomWidth: 1, borderBottomColor: p.seam }}
        >
          <Words style={{ flex: 1 }}>{undo.name} removed.</Words>
          <Button type="outline" title="Undo" onPress={bringBack} />
        </View>
      ) : null}
    </View>
  )
}
