import { Button } from '@rneui/themed'
import type { DesignCard } from '@thimble/contract'
import type { ColourOrder } from '@thimble/core/design'
import { minutesSaved } from '@thimble/core/thread'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { ColourStrip } from '@/drawing/ColourStrip'
import { inDesignWorker } from '@/workers/designClient'
import { editDesign } from '@/shared/editDesign'
import { editsOf } from '@/shared/useOpened'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { BigNumbers, Text } from '@/ui/Text'
import { many } from '@/words/designWords'

/** The order with the fewest changes beside the one the design came with; taken, refused, and taken back. */
export function ColourOrderSection({ design }: { design: DesignCard }) {
  const plan = useOrder(design)
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
  if (saved <= 0)
    return (
      <Section title="Order of the colours">
        <Text>{`${many(plan.originalChanges, 'change')}, and no order that keeps what lies on top needs fewer.`}</Text>
      </Section>
    )
  const strip = (list: readonly number[]) => list.map((block) => ({ colour: drawn[block]!, share: 1 }))
  const refused = order !== null && !taken
  return (
    <Section title="Order of the colours">
      <BigNumbers>{`${plan.originalChanges} changes to ${plan.changes}, saves about ${many(minutesSaved(saved), 'minute')} on one needle.`}</BigNumbers>
      <Text soft>
        {`What lies on top stays on top. ${plan.optimal ? 'No order needs fewer changes.' : 'A shorter one may exist.'}`}
      </Text>
      <View style={{ gap: 4 }}>
        <Text soft>{`As drawn${taken ? '' : ', in use'}`}</Text>
        <ColourStrip blocks={strip(asDrawn)} height={26} label="Colours as drawn" />
        <Text soft>{`Fewest changes${taken ? ', in use' : ''}`}</Text>
        <ColourStrip blocks={strip(plan.order)} height={26} label="Colours with the fewest changes" />
      </View>
      {problem ? <FieldProblem id="order">{problem}</FieldProblem> : null}
      {taken ? (
        <Button type="outline" title="Go back to the order as drawn" disabled={busy} onPress={() => take(null)} />
      ) : (
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <View style={{ flex: 1 }}>
            <Button title="Take this order" disabled={busy} onPress={() => take(plan.order)} />
          </View>
          {refused ? null : (
            <View style={{ flex: 1 }}>
              <Button type="outline" title="Leave it as drawn" disabled={busy} onPress={() => take(asDrawn)} />
            </View>
          )}
        </View>
      )}
      {refused ? <Text soft>You left it as drawn.</Text> : null}
    </Section>
  )
}

/** Worked out for the colours as they are, whatever order is in use. */
function useOrder(design: DesignCard): ColourOrder | null {
  const [plan, setPlan] = useState<ColourOrder | null>(null)
  const key = JSON.stringify(editsOf(design))
  useEffect(() => {
    let gone = false
    inDesignWorker((d) => d.order(design.id, JSON.parse(key))).then(
      (found) => gone || setPlan(found),
      () => gone || setPlan(null),
    )
    return () => {
      gone = true
    }
  }, [design.id, key])
  return plan
}
