import { Button } from '@rneui/themed'
import type { StackLayer } from '@thimble/contract'
import { backingKinds, coverKinds, type LayerRole, type SupplyKind, toppingKinds } from '@thimble/core/recipe'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Words } from '@/ui/Words'
import { layerName } from '@/words/stackWords'

type Props = {
  layer: StackLayer
  asGiven?: StackLayer
  onChange: (layer: StackLayer | null) => void
  onClose: () => void
}

const kindsOf: Record<Exclude<LayerRole, 'cloth'>, readonly SupplyKind[]> = {
  topping: toppingKinds,
  backing: backingKinds,
  cover: coverKinds,
}

/** Puts another backing or topping in a layer's place, or changes its sheets. */
export function LayerEditor({ layer, asGiven, onChange, onClose }: Props) {
  const p = usePalette()
  const kinds = layer.role === 'cloth' ? [] : kindsOf[layer.role]
  return (
    <View
      style={{ backgroundColor: p.paper, borderWidth: 1, borderColor: p.seam, borderRadius: 4, padding: 12, gap: 12 }}
    >
      <Words bold>{`In place of ${layerName(asGiven?.kind ?? layer.kind).toLowerCase()}`}</Words>
      <Choices
        label="Use instead"
        choices={kinds.map((id) => ({ id, name: layerName(id) }))}
        value={layer.kind as SupplyKind}
        onChange={(kind) => onChange({ ...layer, kind })}
      />
      {layer.role === 'backing' ? (
        <Choices
          label="Sheets"
          choices={['1', '2', '3'].map((n) => ({ id: n, name: n }))}
          value={String(layer.sheets)}
          onChange={(n) => onChange({ ...layer, sheets: Number(n), crossed: Number(n) > 1 })}
        />
      ) : null}
      <View style={{ flexDirection: 'row', gap: 12, flexWrap: 'wrap' }}>
        <Button title="Keep" onPress={onClose} />
        <Button type="outline" title="Leave it out" onPress={() => onChange(null)} />
      </View>
    </View>
  )
}
