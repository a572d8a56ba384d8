import { Button } from '@rneui/themed'
import type { ImportEffect } from '@thimble/contract'
import { type ChangeEvent, useRef, useState } from 'react'
import { View } from 'react-native'
import { ask } from '@/http/client'
import { FieldProblem } from '@/ui/FieldProblem'
import { useTask } from '@/ui/useTask'
import { Words } from '@/ui/Words'
import { effectLines } from './effectWords'

type Looked = { file: File; effect: ImportEffect }

/** A shop file that comes in: first what it would do, then, when asked, all of it. */
export function TakeShopIn() {
  const [looked, setLooked] = useState<Looked | null>(null)
  const [taken, setTaken] = useState(false)
  const { busy, problem, run } = useTask()
  const look = (file: File | undefined): void => {
    setTaken(false)
    setLooked(null)
    if (!file) return
    void run(async () => {
      setLooked({ file, effect: await ask<ImportEffect>('/import?dry=true', { method: 'POST', file }) })
    })
  }
  const take = ({ file }: Looked): void => {
    void run(() => ask('/import', { method: 'POST', file })).then((done) => {
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
      <input ref={picker} type="file" aria-label="Shop file" hidden onChange={picked} />
      {looked ? null : (
        <Button
          type="outline"
          title={busy ? 'Reading the file …' : 'Take a shop file in'}
          disabled={busy}
          onPress={() => picker.current?.click()}
        />
      )}
      {problem ? <FieldProblem id="shop-file">{problem}</FieldProblem> : null}
      {taken ? <Words role="status">It is in.</Words> : null}
      {looked ? (
        <View role="group" aria-label="What the file would do" style={{ gap: 8 }}>
          <Words bold>{looked.file.name}</Words>
          {effectLines(looked.effect).map((line) => (
            <Words key={line}>{line}</Words>
          ))}
          <Words soft>The shop’s name, units and habits become those of the file.</Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
            <Button title={busy ? 'Taking it in …' : 'Take it in'} disabled={busy} onPress={() => take(looked)} />
            <Button type="outline" title="Leave it" disabled={busy} onPress={() => setLooked(null)} />
          </View>
        </View>
      ) : null}
    </View>
  )
}
