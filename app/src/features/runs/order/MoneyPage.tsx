import { Button } from '@rneui/themed'
import type { Order } from '@thimble/contract'
import { useLocalSearchParams } from 'expo-router'
import { useShelf } from '@/state/store'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { useTask } from '@/ui/useTask'
import { BigNumbers, Words } from '@/ui/Words'
import { many } from '@/words/designWords'
import { moneyText } from '@/words/priceWords'
import { CostTable } from './CostTable'
import { NoOrder } from './OrderPage'
import { QuotedAgainstReal } from './QuotedAgainstReal'
import { RatesSection } from './RatesSection'
import { handOn, quoteIt } from './quoteIt'
import { useOrder } from './useOrder'
import { type OrderCost, useOrderCost } from './useOrderCost'

/** What an order costs and is sold at, by part; the quote; and afterwards what was quoted against what it took. */
export function MoneyPage() {
  const { id } = useLocalSearchParams<{ id: string }>()
  const order = useOrder(id)
  return order ? <Money order={order} /> : <NoOrder />
}

function Money({ order }: { order: Order }) {
  const cost = useOrderCost(order)
  return (
    <Page title={`Money: ${order.name}`} back wideContent>
      <Split
        both
        list={
          <>
            <Answer order={order} cost={cost} />
            {order.quoted.map((quote) => (
              <QuotedAgainstReal key={quote.at} order={order} quote={quote} />
            ))}
            {cost.lines?.map((line) => (
              <CostTable key={line.id} line={line} />
            ))}
          </>
        }
        detail={<RatesSection order={order} />}
      />
    </Page>
  )
}

function Answer({ order, cost }: { order: Order; cost: OrderCost }) {
  const currency = useShelf((s) => s.shop.currency)
  const { busy, problem, run } = useTask()
  const { lines, unplanned, says } = cost
  const [quoted] = order.quoted
  const total = lines?.reduce((sum, one) => sum + one.cost.total, 0) ?? 0
  const quantity = lines?.reduce((sum, one) => sum + one.quantity, 0) ?? 0
  const unknown = [...new Set(lines?.flatMap((line) => line.unknown) ?? [])]
  return (
    <Section title="The price">
      {lines && lines.length > 0 ? (
        <BigNumbers size={32}>{`${moneyText(total, currency)} for ${many(quantity, 'piece')}`}</BigNumbers>
      ) : (
        <Words soft role="status">
          {says || 'Make the pieces first: what they take is reckoned from how they are planned.'}
        </Words>
      )}
      {lines?.map(({ id, name, quantity: count, cost: { price } }) => (
        <Words key={id}>{`${name}: ${moneyText(price, currency)} each, ${many(count, 'piece')}.`}</Words>
      ))}
      {unknown.length > 0 ? (
        <AdviceBar
          advice={{ code: 'unknown', text: `Reckoned as nothing, as nobody said what it costs: ${unknown.join(', ')}.`, severity: 'caution' }}
        />
      ) : null}
      {unplanned.map((name) => (
        <AdviceBar
          key={name}
          advice={{ code: 'unplanned', text: `${name}: no piece of it is planned yet, so it is not in the price.`, severity: 'caution' }}
        />
      ))}
      {(problem ?? cost.problem) ? <AdviceBar advice={{ code: 'bad', text: (problem ?? cost.problem)!, severity: 'stop' }} /> : null}
      {lines && lines.length > 0 ? (
        <Button
          title={quoted ? 'Quote it anew, as PDF' : 'Quote it, as PDF'}
          disabled={busy || unplanned.length > 0}
          onPress={() => void run(() => quoteIt(order, lines, cost.orders))}
        />
      ) : null}
      {quoted ? (
        <Button type="outline" title="The quote as it was, as PDF" disabled={busy} onPress={() => void run(() => handOn(order, quoted))} />
      ) : null}
      <Words soft>Taxes are not in it: your own rules decide.</Words>
    </Section>
  )
}
