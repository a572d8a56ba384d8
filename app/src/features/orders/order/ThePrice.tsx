import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { Order, Quote } from '@thimble/contract'
import { dateText } from '@/words/dates'
import { useDocuments } from '@/state/store'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { BigNumbers, Text } from '@/ui/Text'
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
    <Section title={quoted ? t('quoted-price') : t('the-price')}>
      {quoted ? <AsQuoted quote={quoted} /> : null}
      {quoted && begun ? null : lines && lines.length > 0 ? (
        <>
          {quoted ? <Text soft>{t('at-todays-numbers')}</Text> : null}
          <Together lines={lines} size={quoted ? 20 : 32} />
          <NotKnown cost={cost} />
        </>
      ) : quoted ? null : (
        <Text soft role="status">
          {says || t('no-pieces-to-sew-yet')}
        </Text>
      )}
      <Quoting order={order} cost={cost} />
      <Text soft>{t('without-taxes-your-own-rules')}</Text>
    </Section>
  )
}

function AsQuoted({ quote: { total, lines, currency, at } }: { quote: Quote }) {
  const quantity = lines.reduce((sum, one) => sum + one.quantity, 0)
  return (
    <>
      <BigNumbers size={32}>
        {t('for', { money: moneyText(total, currency), many: many(quantity, 'piece') })}
      </BigNumbers>
      <Text soft>{`On ${dateText(at)}.`}</Text>
    </>
  )
}

function Together({ lines, size }: { lines: readonly CostedLine[]; size: number }) {
  const currency = useDocuments((s) => s.shop.currency)
  const total = lines.reduce((sum, one) => sum + one.cost.total, 0)
  const quantity = lines.reduce((sum, one) => sum + one.quantity, 0)
  return (
    <>
      <BigNumbers size={size}>
        {t('for', { money: moneyText(total, currency), many: many(quantity, 'piece') })}
      </BigNumbers>
      {lines.map(({ id, name, quantity: count, cost: { price } }) => (
        <Text key={id}>{t('each', { name, money: moneyText(price, currency), many: many(count, 'piece') })}</Text>
      ))}
    </>
  )
}

/** What is in the price as nothing, and what is not in it at all. */
function NotKnown({ cost: { lines, begun, unplanned, problem } }: Pick<Props, 'cost'>) {
  const unknown = [...new Set(lines?.flatMap((line) => line.unknown) ?? [])]
  const said = [
    ...(begun ? [t('some-is-sewn-already-so')] : []),
    ...(unknown.length > 0 ? [t('counted-as-zero-because-no', { unknown: unknown.join(', ') })] : []),
    ...unplanned.map((name) => t('no-piece-is-planned-yet', { name })),
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
  const lacks = lackOf(order, rates) ?? (unplanned.length > 0 ? t('plan-every-line-first') : null)
  return (
    <>
      {quotable ? (
        <Button
          title={quoted ? t('new-quote-pdf') : t('quote-pdf')}
          disabled={busy || lacks !== null}
          onPress={() => void run(() => quoteIt(order, quotable, orders))}
        />
      ) : null}
      {quotable && lacks ? <Text tone="madder">{lacks}</Text> : null}
      {quoted ? (
        <Button
          type="outline"
          title={t('the-last-quote-pdf')}
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
  if (labourPerHour === null) return t('enter-what-an-hour-of')
  if (machinePerHour === null) return t('enter-what-a-machine-hour')
  const unsaid = Object.values(order.lines).some(({ blank, customersOwn }) => blank === null && !customersOwn)
  return unsaid ? t('enter-what-the-item-costs') : null
}
