import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { Order } from '@thimble/contract'
import { linesOf, quantityOf } from '@thimble/plan/orders'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { Pressable } from 'react-native'
import { remove } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { Text } from '@/ui/Text'
import { AboutOrder } from './AboutOrder'
import { addLine } from './addLine'
import { LineCard } from './LineCard'
import { PiecesSection } from './PiecesSection'
import { useOrder } from './useOrder'

/** An order: its lines, its pieces, and the ways on to names, work and money. */
export function OrderPage() {
  const { id } = useLocalSearchParams<{ id: string }>()
  const order = useOrder(id)
  return order ? <Ordered order={order} /> : <NoOrder />
}

/** While it comes, or where it was removed. */
export function NoOrder() {
  const loaded = useDocuments((s) => s.loaded)
  return (
    <Page title={t('order')} back passing={!loaded}>
      <Section>
        <Text>{loaded ? t('this-order-no-longer-exists') : t('looking')}</Text>
      </Section>
    </Page>
  )
}

function Ordered({ order }: { order: Order }) {
  const router = useRouter()
  const lines = linesOf(order)
  return (
    <Page title={order.name} aside={many(quantityOf(order), 'piece')} back wideContent>
      <Split
        both
        list={
          <>
            {lines.length > 0 ? <PiecesSection order={order} /> : <AboutOrder order={order} />}
            <Section title={t('lines')} says={t('one-line-for-pieces-of')}>
              {lines.map(([id, line]) => (
                <LineCard key={id} order={order} id={id} line={line} />
              ))}
              <Button
                type={lines.length === 0 ? 'solid' : 'outline'}
                title={lines.length === 0 ? t('add-the-first-line') : t('add-a-line')}
                onPress={() => router.push(`/runs/order/${order.id}/line/${addLine(order)}`)}
              />
            </Section>
          </>
        }
        detail={
          <>
            {lines.length > 0 ? <WaysOn order={order} /> : null}
            {lines.length > 0 ? <AboutOrder order={order} /> : null}
            <RemoveOrder order={order} />
          </>
        }
      />
    </Page>
  )
}

function WaysOn({ order: { id, quoted } }: { order: Order }) {
  const ways = [
    [`/runs/order-${id}`, t('order-of-work-time-and')],
    [`/runs/order/${id}/money`, quoted.length > 0 ? t('cost-and-quote') : t('cost')],
    [`/runs/order/${id}/record`, t('record-several')],
  ] as const
  return (
    <Section title={t('next')}>
      {ways.map(([href, says]) => (
        <RowLink key={href} href={href} style={{ minHeight: 44, justifyContent: 'center' }}>
          <Text bold tone="indigo">
            {says}
          </Text>
        </RowLink>
      ))}
    </Section>
  )
}

function RemoveOrder({ order }: { order: Order }) {
  const router = useRouter()
  const away = (): void => {
    remove('orders', order.id, order.name)
    router.replace('/runs')
  }
  return (
    <Section>
      <Pressable role="button" style={{ minHeight: 44, justifyContent: 'center' }} onPress={away}>
        <Text tone="madder">{t('remove-this-order')}</Text>
      </Pressable>
      <Text soft>{t('its-pieces-stay-on-the')}</Text>
    </Section>
  )
}
