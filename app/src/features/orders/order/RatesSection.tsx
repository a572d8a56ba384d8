import { orders as t } from '@thimble/language/en/orders'
import type { Order } from '@thimble/contract'
import { Rates } from '@/shared/Rates'
import { useDocuments } from '@/state/store'
import { MoneyField } from '@/ui/MoneyField'
import { Section } from '@/ui/Section'
import { setOrder } from './useOrder'

/** The order's own set-up, and the rates of the shop. */
export function RatesSection({ order }: { order: Order }) {
  return (
    <>
      <OwnSetUp order={order} />
      <Rates />
    </>
  )
}

function OwnSetUp({ order }: { order: Order }) {
  const currency = useDocuments((s) => s.shop.currency)
  return (
    <Section title={t('this-order')}>
      <MoneyField
        slot={`${order.id}.setup`}
        label={t('set-up-for-the-order')}
        hint={t('drawing-trial-paperwork')}
        currency={currency}
        minor={order.setup}
        onChange={(setup) => setOrder(order.id, { setup })}
      />
    </Section>
  )
}
