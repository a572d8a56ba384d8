import { Button } from '@rneui/themed'
import type { Order, Quote } from '@thimble/contract'
import { format } from 'date-fns/format'
import { useDocuments } from '@/state/store'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { BigNumbers, Text } from '@/ui/Text'
import { many } from '@/words/designWords'
import { moneyText } from '@/words/priceWords'
import { handOn, quoteIt } from './quoteIt'
import type { CostedLine } from '@thimble/plan/orders'
import type { OrderCost } from './useOrderCost'

type Props = { order: Order; cost: OrderCost }

/** What an order is sold at: as it was quoted once it was, else as it is planned; what of it is not known, and the quote. */
export function ThePrice({ order, cost }: Props) {
  const { lines, says, begun } = cost
  const [quoted] = order.quoted
  return (
    <Section title={quoted ? 'The price that was quoted' : 'The price'}>
      {quoted ? <AsQuoted quote={quoted} /> : null}
      {quoted && begun ? null : lines && lines.length > 0 ? (
        <>
          {quoted ? <Text soft>Quoted as it stands now:</Text> : null}
          <Together lines={lines} size={quoted ? 20 : 32} />
          <NotKnown cost={cost} />
        </>
      ) : quoted ? null : (
        <Text soft role="status">
          {says ||
            'No piece of it waits to be sewn: what they take is reckoned from how they are planned, so make them first.'}
        </Text>
      )}
      <Quoting order={order} cost={cost} />
      <Text soft>Taxes are not in it: your own rules decide.</Text>
    </Section>
  )
}

function AsQuoted({ quote: { total, lines, currency, at } }: { quote: Quote }) {
  const quantity = lines.reduce((sum, one) => sum + one.quantity, 0)
  return (
    <>
      <BigNumbers size={32}>{`${moneyText(total, currency)} for ${many(quantity, 'piece')}`}</BigNumbers>
      <Text soft>{`On ${format(new Date(at), 'd MMM yyyy')}.`}</Text>
    </>
  )
}

function Together({ lines, size }: { lines: readonly CostedLine[]; size: number }) {
  const currency = useDocuments((s) => s.shop.currency)
  const total = lines.reduce((sum, one) => sum + one.cost.total, 0)
  const quantity = lines.reduce((sum, one) => sum + one.quantity, 0)
  return (
    <>
      <BigNumbers size={size}>{`${moneyText(total, currency)} for ${many(quantity, 'piece')}`}</BigNumbers>
      {lines.map(({ id, name, quantity: count, cost: { price } }) => (
        <Text key={id}>{`${name}: ${moneyText(price, currency)} each, ${many(count, 'piece')}.`}</Text>
      ))}
    </>
  )
}

/** What is in the price as nothing, and what is not in it at all. */
function NotKnown({ cost: { lines, begun, unplanned, problem } }: Pick<Props, 'cost'>) {
  const unknown = [...new Set(lines?.flatMap((line) => line.unknown) ?? [])]
  const said = [
    ...(begun ? ['Some of it is sewn already: reckoned from what is left.'] : []),
    ...(unknown.length > 0 ? [`Reckoned as nothing, as nobody said what it costs: ${unknown.join(', ')}.`] : []),
    ...unplanned.map((name) => `${name}: no piece of it is planned yet, so it is not in the price.`),
  ]
  return (
    <>
      {said.map((text) => (
        <AdviceBar key={text} advice={{ code: 'unknown', text, severity: 'caution' }} />
      ))}
      {problem ? <AdviceBar advice={{ code: 'bad', text: problem, severity: 'stop' }} /> : null}
    </>
  )
}

/** The quote as it stands, once it is known what hours and items cost; and the one that was given. */
function Quoting({ order, cost: { lines, begun, unplanned, orders } }: Props) {
  const rates = useDocuments((s) => s.shop.rates)
  const { busy, problem, run } = useTask()
  const [quoted] = order.quoted
  const quotable = lines && lines.length > 0 && !begun ? lines : null
  const lacks = lackOf(order, rates) ?? (unplanned.length > 0 ? 'Plan every line first.' : null)
  return (
    <>
      {quotable ? (
        <Button
          title={quoted ? 'Quote it anew, as PDF' : 'Quote it, as PDF'}
          disabled={busy || lacks !== null}
          onPress={() => void run(() => quoteIt(order, quotable, orders))}
        />
      ) : null}
      {quotable && lacks ? <Text tone="madder">{lacks}</Text> : null}
      {quoted ? (
        <Button
          type="outline"
          title="The quote as it was, as PDF"
          disabled={busy}
          onPress={() => void run(() => handOn(order, quoted))}
        />
      ) : null}
      {problem ? <AdviceBar advice={{ code: 'quote', text: problem, severity: 'stop' }} /> : null}
    </>
  )
}

/** What has to be said before anybody is quoted a price: the greater part of it would be missing. */
function lackOf(
  order: Order,
  { machinePerHour, labourPerHour }: { machinePerHour: number | null; labourPerHour: number | null },
): string | null {
  if (labourPerHour === null) return 'Say first what an hour of hands costs.'
  if (machinePerHour === null) return 'Say first what an hour of the machine costs.'
  const unsaid = Object.values(order.lines).some(({ blank, customersOwn }) => blank === null && !customersOwn)
  return unsaid ? 'Say first, in its line, what the item itself costs you.' : null
}
