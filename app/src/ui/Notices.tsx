import { program as t } from '@thimble/language/en/program'
import { Button } from '@rneui/themed'
import { clockText, dayTimeText } from '@/words/dates'
import { usePathname } from 'expo-router'
import { useEffect } from 'react'
import { StyleSheet, View } from 'react-native'
import { bringBack } from '@/sync/changes'
import { lastContact } from '@/sync/lastContact'
import { takeNewer } from '@/state/newerVersion'
import { useSend, useDocuments } from '@/state/store'
import { noticed, undoable } from '@/state/documents'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from './RowLink'
import { Text } from './Text'

const UNDO_MS = 10_000

/** Changes the server would not take stay counted on every page until they are dealt with. */
function SyncIssuesBar() {
  const count = useDocuments((s) => s.refused.length)
  const here = usePathname() === '/not-kept'
  const p = usePalette()
  if (count === 0 || here) return null
  return (
    <RowLink
      href="/not-kept"
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
      <Text bold tone="madder" style={{ flex: 1 }}>
        {t('one-change-was-not-kept', { count })}
      </Text>
      <Text bold tone="indigo">
        {t('look')}
      </Text>
    </RowLink>
  )
}

/** What the whole app has to say: the server away, a change not taken, a newer version, what can be undone. */
export function Notices() {
  const notice = useDocuments((s) => s.notice)
  const newerReady = useDocuments((s) => s.newer)
  const undo = useDocuments((s) => s.undo)
  const send = useSend()
  useEffect(() => {
    if (!undo) return
    const timer = setTimeout(() => send(undoable(null)), UNDO_MS)
    return () => clearTimeout(timer)
  }, [undo, send])
  return (
    <View aria-live="polite">
      <AwayBar />
      <SyncIssuesBar />
      {newerReady ? <Bar says={t('a-newer-version-is-ready')} act={t('update-now')} onAct={takeNewer} /> : null}
      {notice ? <Bar urgent says={notice} act={t('close')} onAct={() => send(noticed(null))} /> : null}
      {undo ? <Bar says={undo.says} act={t('undo')} onAct={bringBack} /> : null}
    </View>
  )
}

function AwayBar() {
  const p = usePalette()
  const connection = useDocuments((s) => s.connection)
  // Only told while the server is away, so only then looked at: it changes with every key.
  const waiting = useDocuments((s) => (s.connection === 'here' ? 0 : s.waiting))
  const trouble = useDocuments((s) => s.trouble)
  if (connection === 'here' || connection === 'unknown') return null
  const out = connection === 'out'
  const kept = t('kept-here-and-sent-when', {
    which: waiting === 0 ? t('what-you-type-is') : t('1-change-is-changes-are', { waiting }),
  })
  const what = out
    ? t('the-shop-computer-removed-this')
    : `${trouble ?? t('cant-reach-the-shop-computer')} ${asOldAs(lastContact())}`
  return (
    <View role="status" style={[styles.bar, { backgroundColor: p.weld }]}>
      <Text style={{ color: p.onWeld, flex: 1, fontSize: 16 }}>{`${what} ${kept}`}</Text>
      {out ? <Button title={t('connect-again')} onPress={() => location.assign('/pair/')} /> : null}
    </View>
  )
}

/** How old what is shown is: from today by the hour, else by the day too. */
function asOldAs(at: number | null): string {
  if (at === null) return ''
  const then = new Date(at)
  const today = then.toDateString() === new Date().toDateString()
  return t('last-updated', { which: today ? clockText(then) : dayTimeText(then) })
}

type BarProps = { says: string; act: string; urgent?: boolean; onAct: () => void }

function Bar({ says, act, urgent = false, onAct }: BarProps) {
  const p = usePalette()
  const line = { borderBottomWidth: urgent ? 2 : 1, borderBottomColor: urgent ? p.madder : p.seam }
  return (
    <View role={urgent ? 'alert' : 'status'} style={[styles.bar, line, { backgroundColor: p.paper }]}>
      <Text style={{ flex: 1 }}>{says}</Text>
      <Button type="outline" title={act} onPress={onAct} />
    </View>
  )
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', alignItems: 'center', gap: 12, paddingHorizontal: 16, paddingVertical: 8 },
})
