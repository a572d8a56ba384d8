import { Button } from '@rneui/themed'
import type { DesignCard } from '@thimble/contract'
import { minutesSaved } from '@thimble/core/thread'
import { View } from 'react-native'
import { ColourStrip } from '@/drawing/ColourStrip'
import { editDesign } from '@/shared/editDesign'
import { useColourOrder } from '@/shared/useColourOrder'
import { useNamed } from '@/state/useShelfDocs'
import { patch } from '@/sync/changes'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Disclosure } from '@/ui/Disclosure'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { BigNumbers, Text } from '@/ui/Text'
import { many } from '@/words/designWords'
import { threadFor } from '@/words/threadWords'
import type { OrderFound } from '@/workers/designWorker'

/** The order with the fewest changes beside the one the design came with; taken, refused, and taken back. */
export function ColourOrderSection({ design }: { design: DesignCard }) {
  const plan = useColourOrder(design)
  const threads = useNamed('threads')
  const { busy, problem, run } = useTask()
  const { order, colours } = design
  const asDrawn = colours.map((_, i) => i)
  const taken = order !== null && order.some((block, i) => block !== i)
  const drawn = [...colours]
  order?.forEach((block, i) => (drawn[block] = colours[i]!))
  const take = (next: number[] | null): void =>
    void run(() => editDesign(design, { order: next, colours: (next ?? asDrawn).map((block) => drawn[block]!) }))
  if (!plan) return null
  const saved = plan.originalChanges - plan.changes
  const nameOf = (block: number): string => `${block + 1}, ${threadFor(drawn[block]!, threads)},`
  if (saved <= 0)
    return (
      <Section title="Order of the colours">
        <Text>{`${many(plan.originalChanges, 'change')}: already the fewest changes.`}</Text>
        <NearParts {...{ design, plan, nameOf }} />
      </Section>
    )
  const strip = (list: readonly number[]) => list.map((block) => ({ colour: drawn[block]!, share: 1 }))
  const refused = order !== null && !taken
  return (
    <Section title="Order of the colours">
      <BigNumbers>{`${plan.originalChanges} changes to ${plan.changes}, saves about ${many(minutesSaved(saved), 'minute')} on one needle.`}</BigNumbers>
      <Text soft>
        {`What’s on top stays on top. ${plan.optimal ? 'No order needs fewer changes.' : 'A shorter order may exist.'}`}
      </Text>
      <View style={{ gap: 4 }}>
        <Text soft>{`As drawn${taken ? '' : ', in use'}`}</Text>
        <ColourStrip blocks={strip(asDrawn)} height={26} label="Colours as drawn" />
        <Text soft>{`Fewest changes${taken ? ', in use' : ''}`}</Text>
        <ColourStrip blocks={strip(plan.order)} height={26} label="Colours with the fewest changes" />
      </View>
      {problem ? <FieldProblem id="order">{problem}</FieldProblem> : null}
      {taken ? (
        <Button type="outline" title="Use the drawn order" disabled={busy} onPress={() => take(null)} />
      ) : (
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <View style={{ flex: 1 }}>
            <Button title="Use this order" disabled={busy} onPress={() => take(plan.order)} />
          </View>
          {refused ? null : (
            <View style={{ flex: 1 }}>
              <Button type="outline" title="Keep the drawn order" disabled={busy} onPress={() => take(asDrawn)} />
            </View>
          )}
        </View>
      )}
      {refused ? <Text soft>You kept the drawn order.</Text> : null}
      <NearParts {...{ design, plan, nameOf }} />
    </Section>
  )
}

type Near = { design: DesignCard; plan: OrderFound; nameOf: (block: number) => string }

const MOST_PAIRS = 8
const isPair =
  ([i, j]: readonly [number, number]) =>
  ([a, b]: readonly [number, number]): boolean =>
    a === i && b === j

/** Blocks that lie nearer than about 4 mm keep their order; which of them do not touch, the worker can say. */
function NearParts({ design, plan, nameOf }: Near) {
  const { apart } = design
  const free = apart.length > 0
  if (plan.near.length === 0 || (!free && plan.least >= plan.changes)) return null
  const put = (next: [number, number][]): void => patch('designs', design.id, { apart: next })
  const all = plan.near.map(([i, j]): [number, number] => [i, j])
  return (
    <Disclosure
      title={
        free ? 'Parts you said don’t touch' : `If parts that only lie close don’t touch: ${many(plan.least, 'change')}`
      }
      open={free}
    >
      <Text soft>Parts under about 4 mm apart count as touching and keep their order.</Text>
      {all.slice(0, MOST_PAIRS).map(([i, j]) => {
        const done = apart.some(isPair([i, j]))
        return (
          <CheckboxRow
            key={`${i} ${j}`}
            title={`${nameOf(i)} and ${nameOf(j)} don’t touch`}
            done={done}
            onChange={() => put(done ? apart.filter((one) => !isPair([i, j])(one)) : [...apart, [i, j]])}
          />
        )
      })}
      {apart.length < all.length ? <Button type="outline" title="None of them touch" onPress={() => put(all)} /> : null}
    </Disclosure>
  )
}
