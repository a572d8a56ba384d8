import { many } from '@thimble/language/en/counts'
import { designs as t } from '@thimble/language/en/designs'
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
import { threadFor } from '@/words/threadWords'
import type { OrderFound } from '@/workers/designWorker'

const changed = ({ originalChanges: from, changes: to }: OrderFound) => ({ from, to })

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
      <Section title={t('order-of-the-colours')}>
        <Text>{t('already-the-fewest-changes', { many: many(plan.originalChanges, 'change') })}</Text>
        <NearParts {...{ design, plan, nameOf }} />
      </Section>
    )
  const strip = (list: readonly number[]) => list.map((block) => ({ colour: drawn[block]!, share: 1 }))
  const refused = order !== null && !taken
  return (
    <Section title={t('order-of-the-colours')}>
      <BigNumbers>
        {t('changes-to-saves-about-on', { ...changed(plan), saved: many(minutesSaved(saved), 'minute') })}
      </BigNumbers>
      <Text soft>{t(plan.optimal ? 'on-top-no-fewer' : 'on-top-may-be-fewer')}</Text>
      <View style={{ gap: 4 }}>
        <Text soft>{t('as-drawn', { which: taken ? '' : t('in-use') })}</Text>
        <ColourStrip blocks={strip(asDrawn)} height={26} label={t('colours-as-drawn')} />
        <Text soft>{t('fewest-changes', { which: taken ? t('in-use') : '' })}</Text>
        <ColourStrip blocks={strip(plan.order)} height={26} label={t('colours-with-the-fewest-changes')} />
      </View>
      {problem ? <FieldProblem id="order">{problem}</FieldProblem> : null}
      {taken ? (
        <Button type="outline" title={t('use-the-drawn-order')} disabled={busy} onPress={() => take(null)} />
      ) : (
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <View style={{ flex: 1 }}>
            <Button title={t('use-this-order')} disabled={busy} onPress={() => take(plan.order)} />
          </View>
          {refused ? null : (
            <View style={{ flex: 1 }}>
              <Button type="outline" title={t('keep-the-drawn-order')} disabled={busy} onPress={() => take(asDrawn)} />
            </View>
          )}
        </View>
      )}
      {refused ? <Text soft>{t('you-kept-the-drawn-order')}</Text> : null}
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
      title={free ? t('parts-you-said-dont-touch') : t('if-parts-that-only-lie', { many: many(plan.least, 'change') })}
      open={free}
    >
      <Text soft>{t('parts-under-about-4-mm')}</Text>
      {all.slice(0, MOST_PAIRS).map(([i, j]) => {
        const done = apart.some(isPair([i, j]))
        return (
          <CheckboxRow
            key={`${i} ${j}`}
            title={t('and-dont-touch', { nameOf: nameOf(i), nameOf2: nameOf(j) })}
            done={done}
            onChange={() => put(done ? apart.filter((one) => !isPair([i, j])(one)) : [...apart, [i, j]])}
          />
        )
      })}
      {apart.length < all.length ? (
        <Button type="outline" title={t('none-of-them-touch')} onPress={() => put(all)} />
      ) : null}
    </Disclosure>
  )
}
