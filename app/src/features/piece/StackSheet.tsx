import type { ChosenStack, KeptStack, Patch, StackLayer } from '@thimble/contract'
import { changeLayer, chosenLayers, settledStack, workedOn } from '@thimble/plan'
import { useState } from 'react'
import { View } from 'react-native'
import { Words } from '@/ui/Words'
import { LayerEditor } from './LayerEditor'
import { StackView } from './StackView'
import type { PieceTools } from './usePiece'

type Props = {
  tools: PieceTools
  /** The stack as it is kept where it is being worked on; null while none is. */
  kept: ChosenStack | null
  /** The stack that stands. */
  standing: KeptStack
  onChange: (change: Patch<ChosenStack>, says?: string) => void
}

/** A stack to work on: a tap on a layer opens it for changing. */
export function StackSheet({ tools, kept, standing, onChange }: Props) {
  const [open, setOpen] = useState<number | null>(null)
  const shown = workedOn(kept, standing)
  const layers = chosenLayers(shown)
  const at = open === null ? undefined : layers[open]
  const change = (id: string, layer: StackLayer | null): void => {
    onChange(changeLayer(kept, shown, id, layer), layer ? undefined : 'Layer left out.')
    if (!layer) setOpen(null)
  }
  return (
    <View style={{ gap: 12 }}>
      <StackView tools={tools} stack={settledStack(shown)} open={open} onOpen={(i) => setOpen(open === i ? null : i)} />
      {at ? (
        <LayerEditor
          layer={at[1]}
          asGiven={standing.layers[open!]}
          onChange={(layer) => change(at[0], layer)}
          onClose={() => setOpen(null)}
        />
      ) : (
        <Words soft>Tap a layer to change it.</Words>
      )}
    </View>
  )
}
