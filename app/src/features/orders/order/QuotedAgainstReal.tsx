import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import type { Order, Quote, QuotedLine } from '@thimble/contract'
import type { OrderStatus } from '@thimble/contract/answers'
import { costParts } from '@thimble/core/money'
import { lineName } from '@thimble/plan/orders'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { moneyText, partNames } from '@/words/priceWords'
import { MoneyRow } from './MoneyRow'
import { useOrderStatusAnswer } from './useOrderStatus'

type Real = OrderStatus['real'][number]

/** What was quoted of each line against what it really took, by part, as far as its pieces are in the log. */
export function QuotedAgainstReal({ order, quote }: { order: Order; quote: Quote }) {
  const { told } = useOrderStatusAnswer(order.id)
  return (
    <Section title={t('quoted-and-actual')}>
      {quote.lines.map((line) => (
        <Line
          key={line.line}
          line={line}
          currency={quote.currency}
          real={told?.real.find((one) => one.line === line.line) ?? null}
        />
      ))}
    </Section>
  )
}

/** What an order took that was never quoted, as far as its pieces are in the log. */
export function WhatItTook({ order }: { order: Order }) {
  const { told } = useOrderStatusAnswer(order.id)
  const currency = useDocuments((s) => s.shop.currency)
  const money = (minor: number): string => moneyText(minor, currency)
  if (!told || told.real.length === 0) return null
  return (
    <Section title={t('what-it-took')}>
      {told.real.map(({ line, recorded, good, parts, cost, guessed }) => (
        <View key={line} style={{ gap: 6 }}>
          <Text bold>{`${order.lines[line] ? lineName(order.lines[line]) : ''}: ${inLogText(recorded, good)}`}</Text>
          <View role="table">
            {costParts
              .filter((part) => (parts[part] ?? 0) !== 0)
              .map((part) => (
                <MoneyRow key={part} name={partNames[part]} amounts={[money(parts[part] ?? 0)]} />
              ))}
            <MoneyRow name={t('a-piece-cost')} amounts={[money(cost)]} strong />
          </View>
          <Guessed count={guessed} hands={parts.labour ?? 0} />
        </View>
      ))}
    </Section>
  )
}

const inLogText = (recorded: number, good: number, of?: number): string =>
  t('in-the-log', {
    many: many(recorded, 'piece'),
    which: of ? t('of-2', { of }) : '',
    which2: good < recorded ? t('failed', { recorded: recorded - good }) : '',
  })

/** Of how many nobody noted the minutes, and what is made of that. */
function Guessed({ count, hands }: { count: number; hands: number }) {
  if (count === 0) return null
  const so = hands > 0 ? t('taken-as-like-the-others') : t('without-hands')
  return <Text soft>{t('of-no-minutes-were-noted', { many: many(count, 'piece'), so })}</Text>
}

function Line({ line, real, currency }: { line: QuotedLine; real: Real | null; currency: string }) {
  if (!real) return <Text soft>{t('none-in-the-log-yet', { name: line.name })}</Text>
  const money = (minor: number): string => moneyText(minor, currency)
  const row = (quoted: number, took: number): string[] => [money(quoted), money(took), signed(took - quoted, money)]
  const parts = costParts.filter((part) => (line.parts[part] ?? 0) !== 0 || (real.parts[part] ?? 0) !== 0)
  return (
    <View style={{ gap: 6 }}>
      <Text bold>{`${line.name}: ${inLogText(real.recorded, real.good, line.quantity)}`}</Text>
      <View role="table">
        <MoneyRow name={t('a-piece')} amounts={['quoted', 'real', 'more']} head />
        {parts.map((part) => (
          <MoneyRow key={part} name={partNames[part]} amounts={row(line.parts[part] ?? 0, real.parts[part] ?? 0)} />
        ))}
        <MoneyRow name={t('actual-cost')} amounts={row(line.cost, real.cost)} strong />
        <MoneyRow name={t('left-over')} amounts={row(line.price - line.cost, line.price - real.cost)} strong />
      </View>
      <Guessed count={real.guessed} hands={real.parts.labour ?? 0} />
    </View>
  )
}

const signed = (more: number, money: (minor: number) => string): string =>
  more === 0 ? '0' : `${more > 0 ? '+' : '−'}${money(Math.abs(more))}`
