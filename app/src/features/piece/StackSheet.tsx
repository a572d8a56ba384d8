import { layers as t } from '@thimble/language/en/layers'
import type { ChosenStack, DecidedStack, Patch } from '@thimble/contract'
import { chosenLayers, type OwnLayersInput, settledStack, workedOn } from '@thimble/plan'
import { changeAsUsed, changeByHand, type HandChange, patchToStack } from '@thimble/plan/byHand'
import { useState } from 'react'
import { View } from 'react-native'
import { Text } from '@/ui/Text'
import { AddLayer } from './AddLayer'
import { LayerSheet } from './LayerSheet'
import { StackView } from './StackView'
import type { PieceTools } from './usePiece'
import { nanoid } from 'nanoid'

type Props = {
  tools: PieceTools
  /** The stack as it is kept where it is being worked on; null while none is. */
  kept: ChosenStack | null
  /** The stack that stands. */
  standing: DecidedStack
  ask: OwnLayersInput
  /** What was used is told, not what would go with it. */
  asUsed?: boolean
  /** Layers are being put on; each can be opened at any time. */
  changing?: boolean
  onChange: (change: Patch<ChosenStack>, says?: string) => void
}

/** A stack to work on: a tap on a layer opens it with all that is known of it, and to change it. */
export function StackSheet({ tools, kept, standing, ask, asUsed, changing, onChange }: Props) {
  const [open, setOpen] = useState<string | null>(null)
  const shown = workedOn(kept, standing)
  const layers = chosenLayers(shown)
  const at = layers.findIndex(([id]) => id === open)
  const change = (by: HandChange): void => {
    const next = (asUsed ? changeAsUsed : changeByHand)(shown, by, ask, `layer-${nanoid().slice(0, 8)}`)
    onChange(patchToStack(kept, next), by.do === 'remove' ? t('layer-removed') : undefined)
    if (by.do === 'remove') setOpen(null)
  }
  const stack = settledStack(shown)
  return (
    <View style={{ gap: 12 }}>
      <StackView
        {...{ tools, stack, basis: ask.basis }}
        threadOnly={!asUsed}
        open={at < 0 ? null : at}
        onOpen={(i) => setOpen(layers[i]![0] === open ? null : layers[i]![0])}
      />
      {at >= 0 ? (
        <LayerSheet key={open} {...{ tools, shown, ask, at }} onChange={change} onClose={() => setOpen(null)} />
      ) : changing ? (
        <Text soft>{t('tap-a-layer-to-change')}</Text>
      ) : null}
      {changing ? <AddLayer supplies={ask.supplies} onAdd={(kind) => change({ do: 'add', kind })} /> : null}
    </View>
  )
}
