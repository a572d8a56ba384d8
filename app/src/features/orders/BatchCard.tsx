import { orders as t } from '@thimble/language/en/orders'
import { type Piece, type StageId, stageIds } from '@thimble/contract'
import { stageAt } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { stageNames } from '@/ui/ThreadLine'
import { Heading, Text } from '@/ui/Text'
import type { Batch } from './batchesOf'

/** Pieces that belong together without an order, and how far each is. */
export function BatchCard({ run }: { run: Batch }) {
  const p = usePalette()
  const at = stageIds.map((stage): [StageId, Piece[]] => [stage, run.pieces.filter((x) => stageAt(x) === stage)])
  return (
    <View
      style={{
        backgroundColor: p.paper,
        borderTopWidth: 1,
        borderTopColor: p.seam,
        paddingHorizontal: 16,
        paddingVertical: 12,
        marginTop: 12,
        gap: 8,
      }}
    >
      <Heading level={2}>{run.customer}</Heading>
      <RowLink href={`/runs/${encodeURIComponent(run.key)}`} style={{ minHeight: 44, justifyContent: 'center' }}>
        <Text bold tone="indigo">
          {t('order-of-work-and-cutting')}
        </Text>
      </RowLink>
      <Text>{`${run.pieces.length} ${run.pieces.length === 1 ? t('piece') : t('pieces-2')}: ${at
        .filter(([, list]) => list.length > 0)
        .map(([stage, list]) => t('at', { list: list.length, stageNames: stageNames[stage].toLowerCase() }))
        .join(', ')}`}</Text>
      {run.pieces.map((piece) => (
        <RowLink
          key={piece.id}
          href={`/piece/${piece.id}`}
          style={{
            minHeight: 44,
            flexDirection: 'row',
            alignItems: 'center',
            justifyContent: 'space-between',
            gap: 12,
            borderTopWidth: 1,
            borderTopColor: p.seam,
          }}
        >
          <Text style={{ flex: 1 }}>{`${piece.name}${piece.run ? `, ${piece.run}` : ''}`}</Text>
          <Text soft>{stageNames[stageAt(piece)]}</Text>
        </RowLink>
      ))}
    </View>
  )
}
