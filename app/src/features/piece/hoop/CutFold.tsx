import { hoop as t } from '@thimble/language/en/hoop'
import { cutSizes, ringOf } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import { layerName } from '@/words/stackWords'
import { type PieceTools, useBuilt, useHoopPlan } from '../usePiece'

/** What to cut for this ring, and from what of the stash. */
export function CutFold({ tools }: { tools: PieceTools }) {
  const p = usePalette()
  const { plan, shelf } = tools
  const { hoop, method } = useHoopPlan(tools)
  const { stack, basis } = useBuilt(tools)
  if (!stack || !hoop) return null
  const cuts = cutSizes({ stack, basis, method, ring: ringOf(hoop), supplies: shelf.supplies })
  if (cuts.length === 0) return null
  return (
    <Fold
      title={t('cut')}
      answer={cuts.map(({ piece }) => `${plan.write(piece.widthMm)} × ${plan.write(piece.heightMm)}`).join(', ')}
    >
      {cuts.map(({ layer, piece, supply }, i) => (
        <View key={i} style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8 }}>
          <Text
            bold
          >{`${plan.write(piece.widthMm)} × ${plan.write(piece.heightMm)}${layer.sheets > 1 ? t('sheets', { sheets: layer.sheets }) : ''}`}</Text>
          <Text style={{ fontSize: 16 }}>{layerName(layer.kind)}</Text>
          {shelf.supplies.length === 0 ? null : supply ? (
            <Text soft>{t('from-m-free', { name: supply.name, leftMm: (supply.leftMm / 1000).toFixed(1) })}</Text>
          ) : (
            <Text tone="madder">{t('nothing-in-the-stash-is')}</Text>
          )}
        </View>
      ))}
    </Fold>
  )
}
