import { Button } from '@rneui/themed'
import { type ChangeEvent, useRef } from 'react'
import { View } from 'react-native'
import { sendPhoto } from '@/state/changes'
import { AdviceBar } from '@/ui/AdviceBar'
import { useTask } from '@/ui/useTask'
import { takePhoto } from '@/workers/takePhoto'

type Props = {
  title: string
  /** What shows it. */
  resource: 'pieces' | 'swatches'
  onTaken: (id: string) => void
}

/** Takes a photo with the phone's camera or from a file: one that cannot be read says why, and nothing else changes. */
export function PhotoPicker({ title, resource, onTaken }: Props) {
  const picker = useRef<HTMLInputElement>(null)
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
      <input ref={picker} type="file" accept="image/*" aria-label={title} hidden onChange={picked} />
      <Button
        type="outline"
        title={busy ? 'Opening it …' : title}
        disabled={busy}
        onPress={() => picker.current?.click()}
      />
      {problem ? <AdviceBar advice={{ code: 'photo', text: problem, severity: 'caution' }} /> : null}
    </View>
  )
}
