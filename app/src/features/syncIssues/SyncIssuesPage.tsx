import { device as t } from '@thimble/language/en/device'
import { Button } from '@rneui/themed'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { View } from 'react-native'
import { saveFile } from '@/shared/saveFile'
import type { RefusedChange } from '@/state/change'
import { bringBackWithChanges, letGo, sendAgain } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Heading, Text } from '@/ui/Text'
import { SetAsideSection } from './SetAsideSection'
import { linesOf, nounOf, pathOf } from './changeWords'

/** Changes the server would not take: each named, with why, to be mended, tried again, copied out or let go. */
export function SyncIssuesPage() {
  const notKept = useDocuments((s) => s.refused)
  const waiting = useDocuments((s) => s.waiting)
  return (
    <Page title={t('not-kept')} back aside={notKept.length > 0 ? String(notKept.length) : undefined}>
      <Section
        says={
          notKept.length > 0
            ? t('these-arent-in-the-shop')
            : waiting > 0
              ? t('saving-what-you-typed')
              : t('everything-is-saved')
        }
      >
        {notKept.map((one) => (
          <Refused key={one.key} one={one} />
        ))}
      </Section>
      <SetAsideSection />
    </Page>
  )
}

function Refused({ one }: { one: RefusedChange }) {
  const p = usePalette()
  const router = useRouter()
  const { change, reason } = one
  const kept = useDocuments((s) => (change.kind === 'shop' ? s.shop : s.docs[change.resource][change.id]))
  const gone = useDocuments((s) => change.kind !== 'shop' && s.gone[change.resource][change.id] === true)
  const name = kept?.name ?? one.name ?? (change.kind === 'put' ? change.body.name : nounOf(change))
  return (
    <View
      role="group"
      aria-label={t('not-kept-2', { name })}
      style={{ backgroundColor: p.paper, borderLeftWidth: 6, borderLeftColor: p.madder, padding: 14, gap: 8 }}
    >
      <Heading level={3}>{name}</Heading>
      {linesOf(one).map((line) => (
        <Text key={line}>{line}</Text>
      ))}
      <Text tone="madder">{reason}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        {kept && !gone ? (
          <Button title={t('open-it')} onPress={() => router.push(pathOf(change) as '/settings')} />
        ) : null}
        <TryAgain one={one} gone={gone} />
        <Button
          type="outline"
          title={t('copy')}
          onPress={() => saveFile(t('not-kept-3', { name }), 'json', JSON.stringify(one, null, 2))}
        />
        <LetGo one={one} />
      </View>
    </View>
  )
}

/** What was removed is brought back first; all that was typed in it goes with it. */
function TryAgain({ one, gone }: { one: RefusedChange; gone: boolean }) {
  const { change, removed } = one
  if (removed && gone && change.kind !== 'shop')
    return <Button title={t('bring-back-and-save')} onPress={() => bringBackWithChanges(change.resource, change.id)} />
  return <Button type="outline" title={t('try-again')} onPress={() => sendAgain(one)} />
}

/** Asked twice, as nothing brings it back. */
function LetGo({ one }: { one: RefusedChange }) {
  const [sure, setSure] = useState(false)
  return (
    <Button
      type="outline"
      title={sure ? t('delete-for-good') : 'Delete'}
      onPress={() => (sure ? letGo(one) : setSure(true))}
    />
  )
}
