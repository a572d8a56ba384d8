import { things as t } from '@thimble/language/en/things'
import { Button } from '@rneui/themed'
import { type ChangeEvent, useRef } from 'react'
import { View } from 'react-native'
import { sendPhoto } from '@/sync/changes'
import { AdviceBar } from '@/ui/AdviceBar'
import { useTask } from '@/ui/useTask'
import { takePhoto } from '@/workers/takePhoto'

type Props = {
  title: string
  /** What shows it. */
  resource: 'pieces' | 'swatches'
  onTaken: (id: string) => void
}

/** Takes a photo with the phone's camera or from its pictures: one that cannot be read says why, and nothing else changes. */
export function PhotoPicker({ title, resource, onTaken }: Props) {
  const camera = useRef<HTMLInputElement>(null)
  const pictures = useRef<HTMLInputElement>(null)
  const { run, busy, problem } = useTask()
  const picked = ({ target }: ChangeEvent<HTMLInputElement>): void => {
    const [file] = target.files ?? []
    target.value = ''
    if (!file) return
    void run(async () => {
      const id = await takePhoto(file)
      sendPhoto(resource, id)
      onTaken(id)
    })
  }
  return (
    <View style={{ gap: 8 }}>
      <input
        ref={camera}
        type="file"
        accept="image/*"
        capture="environment"
        aria-label={title}
        hidden
        onChange={picked}
      />
      <input
        ref={pictures}
        type="file"
        accept="image/*"
        aria-label={t('from-a-file', { title })}
        hidden
        onChange={picked}
      />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Button
            type="outline"
            title={busy ? t('opening-it') : title}
            disabled={busy}
            onPress={() => camera.current?.click()}
          />
        </View>
        <Button type="outline" title={t('from-a-file-2')} disabled={busy} onPress={() => pictures.current?.click()} />
      </View>
      {problem ? <AdviceBar advice={{ code: 'photo', text: problem, severity: 'caution' }} /> : null}
    </View>
  )
}
