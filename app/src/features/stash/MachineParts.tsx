import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { Machine } from '@thimble/contract'
import { useState } from 'react'
import { View } from 'react-native'
import { patch } from '@/sync/changes'
import { moveStock, useLeft } from '@/shared/stock'
import { useNamed } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { needleInText, wornAdvice } from '@/words/needleWords'
import { leftText } from '@/words/stockWords'

/** The needle and the bobbin in a machine: how long it has sewn, what is left, and new ones put in. */
export function MachineParts({ machine }: { machine: Machine }) {
  const needleMinutes = useLeft('machines.needleMinutes', machine, machine.needleMinutes) ?? 0
  const needleStrikes = useLeft('machines.needleStrikes', machine, machine.needleStrikes) ?? 0
  const bobbinM = useLeft('machines.bobbinM', machine, machine.bobbinM)
  const now = { ...machine, needleMinutes, needleStrikes }
  const worn = wornAdvice(now)
  const strike = (): void =>
    moveStock(
      'machines.needleStrikes',
      machine,
      { kind: 'used', amount: 1 },
      t('a-strike-noted', { name: machine.name }),
    )
  const { says, wrong } = leftText('machines.bobbinM', bobbinM)
  return (
    <>
      <Section title={t('the-needle-in-it')}>
        <Text>{needleInText(now)}</Text>
        {worn ? <AdviceBar advice={worn} /> : null}
        <NewNeedle machine={machine} />
        {machine.needle ? <Button type="outline" title={t('it-struck-something')} onPress={strike} /> : null}
        <Text soft>{t('power-off-to-change-it')}</Text>
      </Section>
      <Section title={t('the-bobbin-in-it')}>
        <Text>{machine.bobbin ? t('left-of-m', { says, woundM: machine.bobbin.woundM }) : t('not-noted')}</Text>
        {wrong ? <Text tone="madder">{wrong}</Text> : null}
        <FullBobbin machine={machine} />
      </Section>
    </>
  )
}

type FromDrawer<Thing> = { title: string; none: string; things: readonly Thing[]; onTake: (thing: Thing) => void }

/** One of what lies in the drawer, picked where it is put in. */
function TakeFromDrawer<Thing extends { id: string; name: string; left: number }>(ask: FromDrawer<Thing>) {
  const { title, none, things, onTake } = ask
  const [open, setOpen] = useState(false)
  if (things.length === 0) return <Text soft>{none}</Text>
  if (!open) return <Button type="outline" title={title} onPress={() => setOpen(true)} />
  return (
    <View style={{ gap: 8 }}>
      <Choices
        label={t('which', { title })}
        choices={things.map(({ id, name, left }) => ({ id, name: t('there', { name, max: Math.max(0, left) }) }))}
        value={null}
        onChange={(id) => {
          onTake(things.find((one) => one.id === id)!)
          setOpen(false)
        }}
      />
    </View>
  )
}

function NewNeedle({ machine }: { machine: Machine }) {
  return (
    <TakeFromDrawer
      title={t('fit-a-new-needle')}
      none={t('add-your-needles-to-the')}
      things={useNamed('needles')}
      onTake={({ id: from, size, point, coated }) => {
        const since = new Date().toISOString()
        patch('machines', machine.id, { needle: { size, point, coated, since, from } })
      }}
    />
  )
}

function FullBobbin({ machine }: { machine: Machine }) {
  return (
    <TakeFromDrawer
      title={t('put-a-full-bobbin-in')}
      none={t('add-your-bobbins-to-the')}
      things={useNamed('bobbins')}
      onTake={({ id: from, woundM }) => {
        const since = new Date().toISOString()
        patch('machines', machine.id, { bobbin: { woundM, since, from } })
      }}
    />
  )
}
