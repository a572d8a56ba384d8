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
    moveStock('machines.needleStrikes', machine, { kind: 'used', amount: 1 }, `${machine.name}: a strike noted.`)
  const { says, wrong } = leftText('machines.bobbinM', bobbinM)
  return (
    <>
      <Section title="The needle in it">
        <Text>{needleInText(now)}</Text>
        {worn ? <AdviceBar advice={worn} /> : null}
        <NewNeedle machine={machine} />
        {machine.needle ? <Button type="outline" title="It struck something" onPress={strike} /> : null}
        <Text soft>Power off to change it. Fit it fully up, scooped side to the hook.</Text>
      </Section>
      <Section title="The bobbin in it">
        <Text>{machine.bobbin ? `${says} left of ${machine.bobbin.woundM} m.` : 'Not noted.'}</Text>
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
        label={`${title}: which`}
        choices={things.map(({ id, name, left }) => ({ id, name: `${name} (${Math.max(0, left)} there)` }))}
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
      title="Fit a new needle"
      none="Add your needles to the stash to choose one here."
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
      title="Put a full bobbin in"
      none="Add your bobbins to the stash to choose one here."
      things={useNamed('bobbins')}
      onTake={({ id: from, woundM }) => {
        const since = new Date().toISOString()
        patch('machines', machine.id, { bobbin: { woundM, since, from } })
      }}
    />
  )
}
