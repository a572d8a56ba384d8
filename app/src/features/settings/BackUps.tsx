import { Button } from '@rneui/themed'
import type { Backups } from '@thimble/contract/log'
import { format } from 'date-fns/format'
import { parseISO } from 'date-fns/parseISO'
import { useEffect, useState } from 'react'
import { ask } from '@/http/client'
import { FieldProblem } from '@/ui/FieldProblem'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import { FileLink } from '@/ui/FileLink'
import { TakeShopIn } from './TakeShopIn'

/** When the shop was last backed up, the backups there are, and the way back in. */
export function BackUps() {
  const [backups, setBackups] = useState<Backups | null>(null)
  const { busy, problem, run } = useTask()
  useEffect(() => {
    ask<Backups>('/backups').then(setBackups, () => undefined)
  }, [])
  const [last] = backups?.kept ?? []
  return (
    <Section
      title="Backups"
      says="Taken by itself on every day the shop is used; seven are kept beside the shop. Keep one elsewhere too: a disk fails whole."
    >
      {backups ? (
        <Text bold role="status">
          {last ? `Last backed up ${whenText(last.at)}, ${sizeText(last.bytes)}.` : 'Not backed up yet.'}
        </Text>
      ) : null}
      {backups?.problem ? <FieldProblem id="backup-problem">{backups.problem}</FieldProblem> : null}
      {problem ? <FieldProblem id="backup-task">{problem}</FieldProblem> : null}
      <Button
        type="outline"
        title={busy ? 'Backing up …' : 'Back up now'}
        disabled={busy}
        onPress={() => void run(async () => setBackups(await ask<Backups>('/backups', { method: 'POST' })))}
      />
      <FileLink href="/api/v1/backup" says="Save a backup elsewhere" download />
      {backups && backups.kept.length > 0 ? (
        <Disclosure title={`Kept here: ${backups.kept.length}`}>
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
  )
}

const whenText = (at: string): string => format(parseISO(at), 'd MMM yyyy, HH:mm')
const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`
