import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import { useRouter } from 'expo-router'
import { useMemo } from 'react'
import { useDocuments } from '@/state/store'
import { useDocs } from '@/state/useShelfDocs'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { beginOrder } from './beginOrder'
import { OrderCard } from './OrderCard'
import { BatchCard } from './BatchCard'
import { ALL, batchesOf } from './batchesOf'

const NO_DATE = '9999'

/** Orders with their pieces, then what else is on the bench and belongs together. */
export function BatchesPage() {
  const router = useRouter()
  const pieces = useDocs('pieces')
  const all = useDocs('orders')
  const loaded = useDocuments((s) => s.loaded)
  const runs = useMemo(() => batchesOf(pieces, all), [pieces, all])
  const orders = useMemo(
    () => [...all].sort((a, b) => (a.due ?? NO_DATE).localeCompare(b.due ?? NO_DATE) || a.name.localeCompare(b.name)),
    [all],
  )
  return (
    <Page
      title={t('orders')}
      foot={<Button title={t('new-order')} onPress={() => router.push(`/runs/order/${beginOrder(new Date())}`)} />}
    >
      {pieces.length > 0 ? (
        <Section>
          <RowLink href={`/runs/${ALL}`} style={{ minHeight: 44, justifyContent: 'center' }}>
            <Text bold tone="indigo">
              {t('plan-the-whole-bench')}
            </Text>
          </RowLink>
        </Section>
      ) : null}
      {orders.map((order) => (
        <OrderCard key={order.id} order={order} pieces={pieces} />
      ))}
      {runs.length > 0 ? (
        <Section title={t('without-an-order')} says={t('alike-pieces-in-work-measure')}>
          {null}
        </Section>
      ) : null}
      {runs.map((run) => (
        <BatchCard key={run.key} run={run} />
      ))}
      {runs.length + orders.length === 0 && loaded ? (
        <Section>
          <Text>{t('no-orders-yet-start-one')}</Text>
        </Section>
      ) : null}
    </Page>
  )
}
