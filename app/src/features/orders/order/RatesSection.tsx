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
    <Section title="This order">
      <MoneyField
        slot={`${order.id}.setup`}
        label="Set-up for the order"
        hint="Drawing, trial, paperwork."
        currency={currency}
        minor={order.setup}
        onChange={(setup) => setOrder(order.id, { setup })}
      />
    </Section>
  )
}
