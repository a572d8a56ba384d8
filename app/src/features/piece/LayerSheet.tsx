import { layers as t } from '@thimble/language/en/layers'
import { Button } from '@rneui/themed'
import type { ChosenStack, StackLayer } from '@thimble/contract'
import type { LayerKind } from '@thimble/core/recipe'
import { chosenLayers, type OwnLayersInput, layerReasons, settledStack } from '@thimble/plan'
import { type HandChange, kindsOf } from '@thimble/plan/byHand'
import { judgementsOf, worseThan } from '@thimble/plan/judging'
import { useState } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Disclosure } from '@/ui/Disclosure'
import { useSay } from '@/ui/useSay'
import { Text } from '@/ui/Text'
import { kindOnShelf, layerDetail, layerName, onTheShelf } from '@/words/stackWords'
import type { PieceTools } from './usePiece'

type Props = {
  tools: PieceTools
  shown: ChosenStack
  ask: OwnLayersInput
  /** Its place from the top. */
  at: number
  onChange: (change: HandChange) => void
  onClose: () => void
}

/** One layer: what it is and why, what the stash has of it, how it is cut, held and taken off; and another in its place. */
export function LayerSheet({ tools, shown, ask, at, onChange, onClose }: Props) {
  const p = usePalette()
  const say = useSay()
  const [id, layer] = chosenLayers(shown)[at]!
  const { why, off } = layerReasons(settledStack(shown), at, ask.basis)
  return (
    <View
      style={{ backgroundColor: p.paper, borderWidth: 1, borderColor: p.seam, borderRadius: 4, padding: 12, gap: 8 }}
    >
      <Text bold>{layerName(layer.kind)}</Text>
      {why.map((said) => (
        <Text key={said[0]}>{say(said)}</Text>
      ))}
      <Text soft>{layerDetail(layer, tools.plan.write)}</Text>
      <Text soft>{onTheShelf(layer.kind, ask.supplies, tools.plan.write)}</Text>
      {off ? <Text soft>{t('to-remove', { off: say(off) })}</Text> : null}
      <Disclosure title={t('change-it')}>
        <OtherInItsPlace {...{ id, layer, shown, ask, onChange }} />
      </Disclosure>
      <Button type="outline" title={t('close')} onPress={onClose} />
    </View>
  )
}

type Changing = Pick<Props, 'shown' | 'ask' | 'onChange'> & { id: string; layer: StackLayer }

function OtherInItsPlace({ id, layer, shown, ask, onChange }: Changing) {
  const { basis } = ask
  // As it stood when the layer was opened: what a swap makes worse is told against it.
  const [before] = useState(() => judgementsOf({ basis, stack: settledStack(shown) }))
  const say = useSay()
  const worse = worseThan(before, { basis, stack: settledStack(shown) })
  return (
    <>
      <Choices
        label={t('use-instead')}
        choices={kindsOf(layer.role, ask.supplies).map(kindOnShelf)}
        value={layer.kind as Exclude<LayerKind, 'cloth'>}
        onChange={(kind) => onChange({ do: 'swap', id, kind })}
      />
      {worse.map(({ rule, said, severity }) => (
        <AdviceBar key={rule} advice={{ code: rule, text: t('worse', { said: say(said) }), severity }} />
      ))}
      {layer.role === 'backing' ? (
        <Choices
          label={t('sheets')}
          choices={['1', '2', '3'].map((n) => ({ id: n, name: n }))}
          value={String(layer.sheets)}
          onChange={(n) => onChange({ do: 'sheets', id, sheets: Number(n) })}
        />
      ) : null}
      <Moves {...{ id, layer, shown, onChange }} />
    </>
  )
}

function Moves({ id, layer, shown, onChange }: Omit<Changing, 'ask'>) {
  const alike = chosenLayers(shown).filter(([, { role }]) => role === layer.role)
  const at = alike.findIndex(([one]) => one === id)
  return (
    <View style={{ flexDirection: 'row', gap: 12, flexWrap: 'wrap' }}>
      {at > 0 ? (
        <Button type="outline" title={t('move-up')} onPress={() => onChange({ do: 'move', id, by: -1 })} />
      ) : null}
      {at < alike.length - 1 ? (
        <Button type="outline" title={t('move-down')} onPress={() => onChange({ do: 'move', id, by: 1 })} />
      ) : null}
      <Button type="outline" title={t('remove-layer')} onPress={() => onChange({ do: 'remove', id })} />
    </View>
  )
}
