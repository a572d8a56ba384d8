import { orders as t } from '@thimble/language/en/orders'
import type { Order } from '@thimble/contract'
import { useLocalSearchParams } from 'expo-router'
import { Page } from '@/ui/Page'
import { Split } from '@/ui/Split'
import { CostTable } from './CostTable'
import { NoOrder } from './OrderPage'
import { QuotedAgainstReal, WhatItTook } from './QuotedAgainstReal'
import { RatesSection } from './RatesSection'
import { ThePrice } from './ThePrice'
import { useOrder } from './useOrder'
import { useOrderCost } from './useOrderCost'

/** What an order costs and is sold at, by part; the quote; and afterwards what was quoted against what it took. */
export function MoneyPage() {
  const { id } = useLocalSearchParams<{ id: string }>()
  const order = useOrder(id)
  return order ? <Money order={order} /> : <NoOrder />
}

function Money({ order }: { order: Order }) {
  const cost = useOrderCost(order)
  return (
    <Page title={t('money', { name: order.name })} back wideContent>
      <Split
        both
        list={
          <>
            <ThePrice order={order} cost={cost} />
            {order.quoted.map((quote) => (
              <QuotedAgainstReal key={quote.at} order={order} quote={quote} />
            ))}
            {order.quoted.length === 0 ? <WhatItTook order={order} /> : null}
            {cost.begun ? null : cost.lines?.map((line) => <CostTable key={line.id} line={line} />)}
          </>
        }
        detail={<RatesSection order={order} />}
      />
    </Page>
  )
}
