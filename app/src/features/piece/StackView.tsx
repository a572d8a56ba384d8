import { fibreName } from '@/words/threadWords'
import { layers as t } from '@thimble/language/en/layers'
import type { Basis, DecidedStack, StackLayer } from '@thimble/contract'
import { factsFrom, patchNames } from '@thimble/plan'
import { Fragment } from 'react'
import { Pressable, View } from 'react-native'
import { StackDrawing } from '@/drawing/StackDrawing'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'
import { joined } from '@thimble/language'
import { bobbinText, layerDetail, layerLabel, needleText } from '@/words/stackWords'
import type { PieceTools } from './usePiece'

const ROW = 68

type Props = {
  tools: Pick<PieceTools, 'plan' | 'marked'>
  stack: DecidedStack
  /** What it rests on. */
  basis: Basis
  /** Layers that can be opened, by their place; the one that is. */
  open?: number | null
  /** Needle and bobbin are said beside it. */
  threadOnly?: boolean
  onOpen?: (i: number) => void
}

/** The stack drawn in cross-section with a line for each layer, under its needle. */
export function StackView({ tools: { plan, marked }, stack, basis, open = null, threadOnly = false, onOpen }: Props) {
  const p = usePalette()
  const { colours } = basis.work.topThread
  const { weight, fibre: kind } = stack.thread ?? basis.work.topThread
  const fibre = fibreName(kind)
  const { textured, thickness, dark } = factsFrom(basis)
  const { family, colour } = basis.cloth
  // Applied cloth lies on the cloth; it is laid at the machine.
  const patches = patchNames(marked.design.patches).map(({ name }) => name)
  const cloth = stack.layers.findIndex(({ role }) => role === 'cloth')
  return (
    <View style={{ flexDirection: 'row', gap: 14 }}>
      <StackDrawing
        layers={stack.layers}
        needle={stack.needle}
        cloth={{ colour, mm: thickness, textured, dark }}
        thread={colours[0] ?? p.indigo}
        patchOn={patches.length > 0 ? cloth : null}
        rowHeight={ROW}
        width={132}
      />
      <View style={{ flex: 1, minWidth: 0 }}>
        <View style={{ height: ROW, justifyContent: 'center' }}>
          <Text bold>{threadOnly ? t('wt', { weight, fibre }) : needleText(stack.needle)}</Text>
          <Text soft style={{ fontSize: 14, lineHeight: 18 }}>
            {[
              threadOnly ? '' : t('wt', { weight, fibre }),
              threadOnly ? '' : t('bobbin', { bobbin: bobbinText(stack.bobbin) }),
              stack.speedSpm ? t('stitches-min', { speedSpm: stack.speedSpm }) : '',
            ]
              .filter(Boolean)
              .join('; ')}
          </Text>
        </View>
        {stack.layers.map((layer, i) => (
          <Fragment key={i}>
            {patches.length > 0 && i === cloth ? <PatchLine names={patches} /> : null}
            <LayerLine
              layer={layer}
              family={family}
              write={plan.write}
              open={open === i}
              onOpen={onOpen && layer.role !== 'cloth' ? () => onOpen(i) : undefined}
            />
          </Fragment>
        ))}
      </View>
    </View>
  )
}

function PatchLine({ names }: { names: readonly string[] }) {
  const p = usePalette()
  return (
    <View style={{ height: ROW, justifyContent: 'center', borderTopWidth: 1, borderTopColor: p.seam }}>
      <Text bold>{t('patch-cloth')}</Text>
      <Text soft numberOfLines={2} style={{ fontSize: 14, lineHeight: 18 }}>
        {t('laid-at-the-machine', { names: joined(names) })}
      </Text>
    </View>
  )
}

type LineProps = {
  layer: StackLayer
  family: string
  write: (mm: number) => string
  open: boolean
  onOpen?: () => void
}

function LayerLine({ layer, family, write, open, onOpen }: LineProps) {
  const p = usePalette()
  const label = layerLabel(layer, family)
  const style = {
    height: ROW,
    justifyContent: 'center',
    borderTopWidth: 1,
    borderTopColor: p.seam,
    backgroundColor: open ? p.paper : 'transparent',
  } as const
  const words = (
    <>
      <Text bold tone={onOpen ? 'indigo' : undefined}>
        {label}
      </Text>
      <Text soft numberOfLines={2} style={{ fontSize: 14, lineHeight: 18 }}>
        {layerDetail(layer, write)}
      </Text>
    </>
  )
  if (!onOpen) return <View style={style}>{words}</View>
  return (
    <Pressable role="button" aria-expanded={open} onPress={onOpen} style={style}>
      {words}
    </Pressable>
  )
}
