import { faultNames, howBadNames } from '@thimble/language'
import { finish as t } from '@thimble/language/en/finish'
import { Button } from '@rneui/themed'
import type { Patch, Piece } from '@thimble/contract'
import { type HowBad, howBads } from '@thimble/core/outcomes'
import { faultsOf, type PieceDesign } from '@thimble/plan'
import { useState } from 'react'
import { View } from 'react-native'
import { FaultMarks } from '@/shared/inRecords'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Text } from '@/ui/Text'
import { faultChoices } from '@/words/recordWords'

type Faults = Piece['finish']['faults']
type Fault = ReturnType<typeof faultsOf>[number]
type Props = {
  faults: Faults
  design: PieceDesign
  cloth: string
  onChange: (change: Patch<Faults>, says?: string) => void
}

/** What went wrong, how bad and where; none is the usual answer. */
export function FaultPicker({ faults: byId, design, cloth, onChange }: Props) {
  const [adding, setAdding] = useState(false)
  const faults = faultsOf(byId)
  const left = faultChoices.filter((c) => !faults.some((f) => f.id === c.id))
  return (
    <View style={{ gap: 10 }}>
      <Text soft>{faults.length === 0 ? t('no-faults-noted') : t('faults')}</Text>
      {faults.map((fault) => (
        <OneFault key={fault.id} {...{ fault, design, cloth, onChange }} />
      ))}
      {adding ? (
        <Choices
          label={t('what-went-wrong')}
          choices={left}
          value={null}
          onChange={(id) => {
            onChange({ [id]: { howBad: 1 } })
            setAdding(false)
          }}
        />
      ) : (
        <Button type="outline" title={t('add-a-fault')} onPress={() => setAdding(true)} />
      )}
    </View>
  )
}

function OneFault({ fault, design, cloth, onChange }: Pick<Props, 'design' | 'cloth' | 'onChange'> & { fault: Fault }) {
  const p = usePalette()
  const name = faultNames[fault.id]
  return (
    <View style={{ gap: 8, borderLeftWidth: 4, borderLeftColor: p.madder, paddingLeft: 12 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' }}>
        <Text bold>{name}</Text>
        <Button
          type="outline"
          title={t('remove')}
          onPress={() => onChange({ [fault.id]: null }, t('removed', { name }))}
        />
      </View>
      <Choices
        label={t('how-bad')}
        choices={howBads.map((n) => ({ id: String(n), name: howBadNames[n] }))}
        value={String(fault.howBad)}
        onChange={(howBad) => onChange({ [fault.id]: { howBad: Number(howBad) as HowBad } })}
      />
      <FaultMarks
        {...{ design, cloth, at: fault.at, of: name }}
        onChange={(at) => onChange({ [fault.id]: { at } } as Patch<Faults>)}
      />
    </View>
  )
}
