import type { Stack, UsedLayer } from '@thimble/contract'
import { familyFacts } from '@thimble/core/recipe/clothFacts'
import type { RecipeOption } from '@thimble/core/recipe/recipeOption'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { StackDrawing } from '@/drawing/StackDrawing'
import { usePalette } from '@/theme/PaletteProvider'
import { Words } from '@/ui/Words'
import { LayerEditor } from './LayerEditor'
import { bobbinText, layerDetail, layerName, needleText, stackFrom } from './recipeWords'
import type { PieceTools } from './usePiece'
import { clothName } from './clothWords'

const ROW = 68

type Props = { tools: PieceTools; option: RecipeOption; stack: Stack | null; onChange: (stack: Stack) => void }

/** The stack drawn in cross-section with a line for each layer; a tap on a layer opens it for changing. */
export function StackSheet({ tools: { piece, plan }, option, stack, onChange }: Props) {
  const p = usePalette()
  const [open, setOpen] = useState<number | null>(null)
  const shown = stack ?? stackFrom(option)
  const thread = plan.design.colours[0] ?? p.indigo
  const change = (i: number, layer: UsedLayer | null): void => {
    const layers = layer
      ? shown.layers.map((l, at) => (at === i ? { ...layer, own: true } : l))
      : shown.layers.filter((_, at) => at !== i)
    onChange({ ...shown, layers })
    if (!layer) setOpen(null)
  }
  const { colours } = plan.design
  return (
    <View style={{ gap: 12 }}>
      <View style={{ flexDirection: 'row', gap: 14 }}>
        <StackDrawing
          layers={shown.layers}
          cloth={piece.cloth.colour}
          thread={thread}
          rowHeight={ROW}
          width={132}
          textured={familyFacts[piece.cloth.family].pileMm > 0}
        />
        <View style={{ flex: 1, minWidth: 0 }}>
          <View style={{ height: ROW, justifyContent: 'center' }}>
            <Words bold>{`${needleText(option.needle)}`}</Words>
            <Words
              soft
              style={{ fontSize: 14, lineHeight: 18 }}
            >{`${piece.thread.weight} wt ${piece.thread.fibre}, ${colours.length} ${colours.length === 1 ? 'colour' : 'colours'}; bobbin ${bobbinText(option.bobbin)}; ${option.speedSpm} a minute`}</Words>
          </View>
          {shown.layers.map((layer, i) => (
            <Pressable
              key={i}
              role="button"
              aria-label={`Change layer: ${layer.role === 'cloth' ? 'cloth' : layerName(layer.kind)}`}
              disabled={layer.role === 'cloth'}
              onPress={() => setOpen(open === i ? null : i)}
              style={{
                height: ROW,
                justifyContent: 'center',
                borderTopWidth: 1,
                borderTopColor: p.seam,
                backgroundColor: open === i ? p.paper : 'transparent',
              }}
            >
              <Words bold tone={layer.role === 'cloth' ? undefined : 'indigo'}>
                {layer.role === 'cloth' ? clothName(piece.cloth.family).split(',')[0]! : layerName(layer.kind)}
              </Words>
              <Words soft numberOfLines={2} style={{ fontSize: 14, lineHeight: 18 }}>
                {layerDetail(layer, plan.write)}
              </Words>
            </Pressable>
          ))}
        </View>
      </View>
      {open !== null && shown.layers[open] ? (
        <LayerEditor
          layer={shown.layers[open]}
          asGiven={option.layers[open]}
          onChange={(layer) => change(open, layer)}
          onClose={() => setOpen(null)}
        />
      ) : (
        <Words soft>Tap a layer to change it.</Words>
      )}
      <Words soft>{option.tension}</Words>
    </View>
  )
}
