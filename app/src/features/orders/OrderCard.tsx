import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import type { Order, Piece } from '@thimble/contract'
import { inWork, stageAt } from '@thimble/plan'
import { quantityOf } from '@thimble/plan/orders'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { Heading, Text } from '@/ui/Text'
import { orderBatch } from './batchesOf'
import { dayText } from '@/words/dates'

/** An order on the list: for whom, when, how far it is, and the two ways on. */
export function OrderCard({ order, pieces }: { order: Order; pieces: readonly Piece[] }) {
  const p = usePalette()
  const own = pieces.filter((piece) => piece.order?.id === order.id && inWork(piece))
  const stitched = own.filter((piece) => stageAt(piece) === 'finish').length
  const due = order.due && t('due', { day: dayText(order.due) })
  const stands =
    own.length === 0
      ? null
      : t('on-the-bench-2', { own: own.length, which: stitched > 0 ? t('of-them-stitched', { stitched }) : '' })
  return (
    <View
      style={{
        ...{ backgroundColor: p.paper, borderTopWidth: 1, borderBottomWidth: 1, borderColor: p.seam },
        ...{ paddingHorizontal: 16, paddingVertical: 10, marginTop: 12, gap: 2 },
      }}
    >
      <RowLink href={`/runs/order/${order.id}`} style={{ minHeight: 44, justifyContent: 'center', gap: 2 }}>
        <Heading level={2}>{order.name}</Heading>
        <Text>{[order.customer, many(quantityOf(order), 'piece'), due].filter(Boolean).join(', ')}</Text>
        {stands ? <Text soft>{stands}</Text> : null}
      </RowLink>
      {own.length > 0 ? (
        <RowLink href={`/runs/${orderBatch(order.id)}`} style={{ minHeight: 44, justifyContent: 'center' }}>
          <Text bold tone="indigo">
            {t('order-of-work-and-cutting')}
          </Text>
        </RowLink>
      ) : null}
    </View>
  )
}
