import { log as t } from '@thimble/language/en/log'
import { correctionFrom } from '@thimble/core/learning'
import { Button } from '@rneui/themed'
import { type DriftOwner, driftOwners, type OwnCorrection } from '@thimble/contract'
import type { LogInsights } from '@thimble/contract/log'
import { useState } from 'react'
import { View } from 'react-native'
import { create, patch } from '@/sync/changes'
import { useDocs } from '@/state/useShelfDocs'
import { Choices } from '@/ui/Choices'
import { BigNumbers, Heading, Text } from '@/ui/Text'
import { LandingPlot } from './LandingPlot'
import { driftText, planText } from './insightWords'
import { nanoid } from 'nanoid'

type Landings = LogInsights['landings'][DriftOwner][number]

const ownerNames: Readonly<Record<DriftOwner, string>> = {
  hoop: t('hoop'),
  machine: t('machine'),
  holding: t('hooped-floated-or-clamped'),
  item: t('item'),
}

/** Where pieces come out, by what they were hooped in, on or as; and what to plan otherwise where the numbers carry it. */
export function WhereItLands({ landings }: { landings: LogInsights['landings'] }) {
  const [owner, setOwner] = useState<DriftOwner>('hoop')
  const groups = landings[owner] ?? []
  const [picked, setPicked] = useState('')
  const group = groups.find(({ id }) => id === picked) ?? groups[0]
  return (
    <View style={{ gap: 10 }}>
      <Choices
        label={t('by')}
        choices={driftOwners.map((id) => ({ id, name: ownerNames[id] }))}
        value={owner}
        onChange={setOwner}
      />
      {groups.length > 1 ? (
        <Choices
          label={ownerNames[owner]}
          choices={groups.map(({ id, name, report }) => ({ id, name: `${name}, ${report.n}` }))}
          value={group?.id ?? null}
          onChange={setPicked}
        />
      ) : null}
      {group ? <Landed key={`${owner} ${group.id}`} {...{ owner, group }} /> : <Text>{t('no-landings-measured')}</Text>}
    </View>
  )
}

function Landed({ owner, group }: { owner: DriftOwner; group: Landings }) {
  const { name, report, corrected } = group
  return (
    <View style={{ gap: 8 }}>
      <Heading level={3}>{`${name}, ${report.n} ${report.n === 1 ? t('landing-2') : t('landings-2')}`}</Heading>
      {report.enough ? <LandingPlot landings={group} /> : null}
      <BigNumbers>{driftText(group)}</BigNumbers>
      {corrected > 0 ? <Text soft>{t('corrections-added-to-of-them', { corrected })}</Text> : null}
      <Correct {...{ owner, group }} />
    </View>
  )
}

/** Taken into the next plans only when the worker says so, and no longer than that. */
function Correct({ owner, group: { id, name, report, frame } }: { owner: DriftOwner; group: Landings }) {
  // Two devices may each have taken one.
  const kept = useDocs('corrections').filter((one) => one.by === owner && one.of === id)
  const taken = kept.find((one) => one.on)
  const found = correctionFrom(report)
  const leave = (): void => {
    for (const one of kept) if (one.on) patch('corrections', one.id, { on: false })
  }
  if (taken)
    return (
      <View style={{ gap: 8 }}>
        <Text bold>{t('now-in-every-plan', { plan: planText(taken, owner) })}</Text>
        <Button type="outline" title={t('remove-the-correction')} onPress={leave} />
      </View>
    )
  if (!found || !canBeKept(id)) return null
  const take = (): void => {
    const now = new Date().toISOString()
    const learned = { pieces: report.n, right: tenth(report.mean.dx), down: tenth(report.mean.dy) }
    const change = { name, frame, right: found.right, down: found.down, learned, since: now, on: true }
    if (kept[0]) return patch('corrections', kept[0].id, change)
    const made: OwnCorrection = {
      ...{ id: nanoid(), createdAt: now, updatedAt: now, revision: 0, by: owner, of: id },
      ...change,
    }
    create('corrections', made)
  }
  return <Button title={planText({ ...found, frame }, owner)} onPress={take} />
}

/** What is on no shelf cannot be met again. */
const canBeKept = (id: string): boolean => /^[\w-]{1,64}$/.test(id)
const tenth = (value: number): number => Math.round(value * 10) / 10
