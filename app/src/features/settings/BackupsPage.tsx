import { settings as t } from '@thimble/language/en/settings'
import { Button } from '@rneui/themed'
import type { Backups } from '@thimble/contract/log'
import { useEffect, useState } from 'react'
import { ask } from '@/http/client'
import { FieldProblem } from '@/ui/FieldProblem'
import { Page } from '@/ui/Page'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import { FileLink } from '@/ui/FileLink'
import { TakeShopIn } from './TakeShopIn'
import { dateTimeText } from '@/words/dates'

/** When the shop was last backed up, the backups there are, and the way back in. */
export function BackupsPage() {
  const [backups, setBackups] = useState<Backups | null>(null)
  const { busy, problem, run } = useTask()
  useEffect(() => {
    ask<Backups>('/backups').then(setBackups, () => undefined)
  }, [])
  const [last] = backups?.kept ?? []
  return (
    <Page title={t('backups')} back>
      <Section says={t('made-automatically-every-day-the')}>
        {backups ? (
          <Text bold role="status">
            {last
              ? t('last-backed-up', { when: whenText(last.at), size: sizeText(last.bytes) })
              : t('not-backed-up-yet')}
          </Text>
        ) : null}
        {backups?.problem ? <FieldProblem id="backup-problem">{backups.problem}</FieldProblem> : null}
        {problem ? <FieldProblem id="backup-task">{problem}</FieldProblem> : null}
        <Button
          type="outline"
          title={busy ? t('backing-up') : t('back-up-now')}
          disabled={busy}
          onPress={() => void run(async () => setBackups(await ask<Backups>('/backups', { method: 'POST' })))}
        />
        <FileLink href="/api/v1/backup" says={t('save-a-backup-elsewhere')} download />
        {backups && backups.kept.length > 0 ? (
          <Disclosure title={t('kept-here', { kept: backups.kept.length })}>
            <Text soft>{`In ${backups.folder}`}</Text>
            {backups.kept.map(({ name, at, bytes }) => (
              <FileLink
                key={name}
                href={`/api/v1/backups/${name}`}
                says={`${whenText(at)}, ${sizeText(bytes)}`}
                download
              />
            ))}
          </Disclosure>
        ) : null}
        <TakeShopIn />
      </Section>
      <Section title={t('your-data')} says={t('everything-in-the-shop-in')}>
        <FileLink href="/api/v1/export" says={t('save-the-shop-as-a')} download />
      </Section>
    </Page>
  )
}

const whenText = (at: string): string => dateTimeText(at)
const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`
