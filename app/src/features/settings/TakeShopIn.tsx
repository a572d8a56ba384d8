import { settings as t } from '@thimble/language/en/settings'
import { Button } from '@rneui/themed'
import type { ImportEffect } from '@thimble/contract/answers'
import { type ChangeEvent, useRef, useState } from 'react'
import { View } from 'react-native'
import { ask } from '@/http/client'
import { Choices } from '@/ui/Choices'
import { FieldProblem } from '@/ui/FieldProblem'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import { effectLines } from './effectWords'

type How = 'merge' | 'replace'
type Looked = { file: File; how: How; effect: ImportEffect }

const hows: readonly { id: How; name: string }[] = [
  { id: 'merge', name: t('add-to-what-is-here') },
  { id: 'replace', name: t('replace-what-is-here') },
]

const shopFile = { type: 'file', accept: '.zip,.json', 'aria-label': t('backup-or-shop-file') }

/** A shop file that comes in: first what it would do, then, when asked, all of it. */
export function TakeShopIn() {
  const [looked, setLooked] = useState<Looked | null>(null)
  const [taken, setTaken] = useState(false)
  const { busy, problem, run } = useTask()
  const look = (file: File | undefined, how: How = 'merge'): void => {
    setTaken(false)
    if (!file) return setLooked(null)
    void run(async () => {
      setLooked({
        ...{ file, how },
        effect: await ask<ImportEffect>(`/import?dry=true&how=${how}`, { method: 'POST', file }),
      })
    }).then((read) => read || setLooked(null))
  }
  const take = ({ file, how }: Looked): void => {
    void run(() => ask(`/import?how=${how}`, { method: 'POST', file })).then((done) => {
      if (done) setLooked(null)
      setTaken(done)
    })
  }
  const picker = useRef<HTMLInputElement>(null)
  const picked = ({ target }: ChangeEvent<HTMLInputElement>): void => {
    look(target.files?.[0])
    // The same file can be picked again.
    target.value = ''
  }
  return (
    <View style={{ gap: 10 }}>
      <input {...{ ref: picker, hidden: true, onChange: picked, ...shopFile }} />
      {looked ? null : (
        <Button
          type="outline"
          title={busy ? t('reading-the-file') : t('import-a-backup-or-shop')}
          disabled={busy}
          onPress={() => picker.current?.click()}
        />
      )}
      {problem ? <FieldProblem id="shop-file">{problem}</FieldProblem> : null}
      {taken ? <Text role="status">{t('imported')}</Text> : null}
      {looked ? (
        <View role="group" aria-label={t('what-the-file-would-do')} style={{ gap: 8 }}>
          <Text bold>{looked.file.name}</Text>
          <Choices label={t('how')} choices={hows} value={looked.how} onChange={(how) => look(looked.file, how)} />
          {effectLines(looked.effect).map((line) => (
            <Text key={line}>{line}</Text>
          ))}
          <Text soft>{t('the-shops-name-units-and')}</Text>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
            <Button title={busy ? t('importing') : t('import')} disabled={busy} onPress={() => take(looked)} />
            <Button type="outline" title={t('cancel')} disabled={busy} onPress={() => setLooked(null)} />
          </View>
        </View>
      ) : null}
    </View>
  )
}
