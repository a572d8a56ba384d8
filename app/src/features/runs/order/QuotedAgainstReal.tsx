import type { Order, Quote, QuotedLine } from '@thimble/contract'
import type { OrderStanding } from '@thimble/contract/answers'
import { costParts } from '@thimble/core/money'
import { View } from 'react-native'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { many } from '@/words/designWords'
import { moneyText, partNames } from '@/words/priceWords'
import { MoneyRow } from './MoneyRow'
import { useToldStanding } from './useStanding'

type Real = OrderStanding['real'][number]

/** What was quoted of each line against what it really took, by part, as far as its pieces are in the log. */
export function QuotedAgainstReal({ order, quote }: { order: Order; quote: Quote }) {
  const { told } = useToldStanding(order.id)
  return (
    <Section title="Quoted and real">
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

function Line({ line, real, currency }: { line: QuotedLine; real: Real | null; currency: string }) {
  if (!real) return <Words soft>{`${line.name}: none of it is in the log yet.`}</Words>
  const money = (minor: number): string => moneyText(minor, currency)
  const row = (quoted: number, took: number): string[] => [money(quoted), money(took), signed(took - quoted, money)]
  const parts = costParts.filter((part) => (line.parts[part] ?? 0) !== 0 || (real.parts[part] ?? 0) !== 0)
  return (
    <View style={{ gap: 6 }}>
      <Words
        bold
      >{`${line.name}: ${many(real.recorded, 'piece')} of ${line.quantity} in the log${real.good < real.recorded ? `, ${real.recorded - real.good} failed` : ''}.`}</Words>
      <View role="table">
        <MoneyRow name="A piece" amounts={['quoted', 'real', 'more']} head />
        {parts.map((part) => (
          <MoneyRow key={part} name={partNames[part]} amounts={row(line.parts[part] ?? 0, real.parts[part] ?? 0)} />
        ))}
        <MoneyRow name="It cost" amounts={row(line.cost, real.cost)} strong />
        <MoneyRow name="Left of the price" amounts={row(line.price - line.cost, line.price - real.cost)} strong />
      </View>
      {real.guessed > 0 ? (
        <Words soft>{`Of ${many(real.guessed, 'piece')} nobody noted the minutes: taken to be like the others.`}</Words>
      ) : null}
    </View>
  )
}

const signed = (more: number, money: (minor: number) => string): string =>
  more === 0 ? '0' : `${more > 0 ? '+' : '−'}${money(Math.abs(more))}`
