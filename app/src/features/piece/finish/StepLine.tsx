import { finish as t } from '@thimble/language/en/finish'
import { Button } from '@rneui/themed'
import { stepSeconds } from '@thimble/core/recipe'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Text } from '@/ui/Text'

type Props = {
  id: string
  title: string
  done: boolean
  was?: string | null | undefined
  /** When its time began to run; null: it does not. */
  since: string | null
  onChange: (done: boolean) => void
  onTime: (since: string | null) => void
}

/** A step off the machine; one that takes its time has a timer beside it, which runs on wherever one looks meanwhile. */
export function StepLine({ id, title, done, was, since, onChange, onTime }: Props) {
  const seconds = stepSeconds(id)
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
      <View style={{ flex: 1, minWidth: 0 }}>
        <CheckboxRow title={title} done={done} was={was} onChange={onChange} />
      </View>
      {seconds !== null && !done ? <Timer {...{ seconds, since, onTime }} /> : null}
    </View>
  )
}

type TimerProps = { seconds: number; since: string | null; onTime: (since: string | null) => void }

const TICK_MS = 250

function Timer({ seconds, since, onTime }: TimerProps) {
  const [now, setNow] = useState(() => Date.now())
  const left = since === null ? null : Math.ceil(seconds - (now - Date.parse(since)) / 1000)
  const runs = left !== null && left > 0
  useEffect(() => {
    if (!runs) return
    const timer = setInterval(() => setNow(Date.now()), TICK_MS)
    return () => clearInterval(timer)
  }, [runs])
  const start = (): void => {
    setNow(Date.now())
    onTime(new Date().toISOString())
  }
  if (left === null)
    return (
      <Button
        type="outline"
        title={lengthText(seconds)}
        accessibilityLabel={t('time-it', { seconds: lengthText(seconds) })}
        onPress={start}
      />
    )
  return (
    <View style={{ alignItems: 'center' }}>
      <Text bold role="timer" style={{ fontSize: 24, lineHeight: 30 }}>
        {runs ? clock(left) : t('times-up')}
      </Text>
      <Button type="outline" title={runs ? t('stop') : t('again')} onPress={() => (runs ? onTime(null) : start())} />
    </View>
  )
}

const lengthText = (seconds: number): string => (seconds < 60 ? `${seconds} s` : t('min-2', { seconds: seconds / 60 }))
const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
