import { Button } from '@rneui/themed'
import type { Patch, Piece } from '@thimble/contract'
import { useState } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Words } from '@/ui/Words'
import { faultNames, type HowBad, howBadNames, howBads } from '@thimble/core/records'
import { faultsOf } from '@thimble/plan'
import { faultChoices } from '@/words/recordWords'

type Faults = Piece['finish']['faults']

/** What went wrong and how bad; none is the usual answer. */
export function FaultPicker({
  faults: byId,
  onChange,
}: {
  faults: Faults
  onChange: (change: Patch<Faults>, says?: string) => void
}) {
  const p = usePalette()
  const [adding, setAdding] = useState(false)
  const faults = faultsOf(byId)
  const left = faultChoices.filter((c) => !faults.some((f) => f.id === c.id))
  return (
    <View style={{ gap: 10 }}>
      <Words soft>{faults.length === 0 ? 'No faults noted.' : 'Faults'}</Words>
      {faults.map((fault) => (
        <View key={fault.id} style={{ gap: 6, borderLeftWidth: 4, borderLeftColor: p.madder, paddingLeft: 12 }}>
          <View style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' }}>
            <Words bold>{faultNames[fault.id]}</Words>
            <Button
              type="outline"
              title="Take off"
              onPress={() => onChange({ [fault.id]: null }, `${faultNames[fault.id]} taken off.`)}
            />
          </View>
          <Choices
            label="How bad"
            choices={howBads.map((n) => ({ id: String(n), name: howBadNames[n] }))}
            value={String(fault.howBad)}
            onChange={(howBad) => onChange({ [fault.id]: { howBad: Number(howBad) as HowBad } })}
          />
        </View>
      ))}
      {adding ? (
        <Choices
          label="What went wrong"
          choices={left}
          value={null}
          onChange={(id) => {
            onChange({ [id]: { howBad: 1 } })
            setAdding(false)
          }}
        />
      ) : (
        <Button type="outline" title="Add a fault" onPress={() => setAdding(true)} />
      )}
    </View>
  )
}
