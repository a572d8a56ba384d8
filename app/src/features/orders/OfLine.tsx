import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { Piece } from '@thimble/contract'
import { followersOf, givePlan, lineFrom } from '@thimble/plan/orders'
import { View } from 'react-native'
import { patch, patchUndoably } from '@/sync/changes'
import { store, useDocuments } from '@/state/store'
import { wayBack } from '@/state/wayBack'
import { useDocs } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

/** A piece of an order: whether it follows its line, and the way to give its plan to all of it. */
export function OfLine({ piece }: { piece: Piece }) {
  const order = useDocuments((s) => (piece.order ? s.docs.orders[piece.order.id] : undefined))
  const gone = useDocuments((s) => Boolean(piece.order && s.gone.orders[piece.order.id]))
  const pieces = useDocs('pieces')
  if (!piece.order || !order || gone) return null
  const others = followersOf(piece, pieces)
  const { follows } = piece.order
  return (
    <Section>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 12 }}>
        <Text soft>{t('of', { run: piece.run })}</Text>
        <RowLink href={`/runs/order/${order.id}`} style={{ minHeight: 44, justifyContent: 'center' }}>
          <Text bold tone="indigo">
            {order.name}
          </Text>
        </RowLink>
      </View>
      {follows ? null : (
        <View style={{ gap: 10, paddingBottom: 12 }}>
          <AdviceBar advice={{ code: 'own', text: t('changed-by-hand-so-it'), severity: 'note' }} />
          <Button
            type="outline"
            title={
              others.length > 0
                ? t('use-this-plan-for-the', { many: many(others.length, 'other') })
                : t('follow-the-line-again')
            }
            onPress={() => give(piece.id)}
          />
        </View>
      )}
    </Section>
  )
}

/** The piece's plan goes to all that follow its line, and it follows it again. */
function give(id: string): void {
  const { docs, gone } = store.getState().shelf
  const lead = docs.pieces[id]
  if (!lead) return
  const others = followersOf(
    lead,
    Object.values(docs.pieces).filter((one) => !gone.pieces[one.id]),
  )
  const bodies = new Map(others.map((one) => [one.id, givePlan(lead, one)]))
  bodies.set(id, { order: { follows: true } })
  const order = docs.orders[lead.order?.id ?? '']
  const line = order && lineFrom(lead, order)
  if (order && line) patch('orders', order.id, line)
  const back = line && wayBack(order as unknown as Record<string, unknown>, line as Record<string, unknown>)
  patchUndoably(
    [id, ...others.map((one) => one.id)],
    (one) => bodies.get(one) ?? null,
    t('the-line-now-follows', { name: lead.name }),
    back ? [{ kind: 'patch', resource: 'orders', id: order!.id, body: back }] : [],
  )
}
