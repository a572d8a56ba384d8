import { Button } from '@rneui/themed'
import type { PieceRecord } from '@thimble/contract'
import { useState } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Words } from '@/ui/Words'
import { faultChoices, faultNames, howBadNames } from './faultWords'

type Faults = PieceRecord['faults']

/** What went wrong and how bad; none is the usual answer. */
export function FaultPicker({ faults, onChange }: { faults: Faults; onChange: (faults: Faults) => void }) {
  const p = usePalette()
  const [adding, setAdding] = useState(false)
  const left = faultChoices.filter((c) => !faults.some((f) => f.id === c.id))
  return (
    <View style={{ gap: 10 }}>
      <Words soft>{faults.length === 0 ? 'No faults noted.' : 'Faults'}</Words>
      {faults.map((fault) => (
        <View key={fault.id} style={{ gap: 6, borderLeftWidth: 4, borderLeftColor: p.madder, paddingLeft: 12 }}>
          <View style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' }}>
            <Words bold>{faultNames[fault.id]}</Words>
            <Button type="outline" title="Take off" onPress={() => onChange(faults.filter((f) => f.id !== fault.id))} />
          </View>
          <Choices
            label="How bad"
            choices={(['1', '2', '3'] as const).map((id) => ({ id, name: howBadNames[Number(id) as 1 | 2 | 3] }))}
            value={String(fault.howBad) as '1' | '2' | '3'}
            onChange={(howBad) =>
              onChange(faults.map((f) => (f.id === fault.id ? { ...f, howBad: Number(howBad) as 1 | 2 | 3 } : f)))
            }
          />
        </View>
      ))}
      {adding ? (
        <Choices
          label="What went wrong"
          choices={left}
          value={null}
          onChange={(id) => {
            onChange([...faults, { id, howBad: 1 }])
            setAdding(false)
          }}
        />
      ) : (
        <Button type="outline" title="Add a fault" onPress={() => setAdding(true)} />
      )}
    </View>
  )
}
