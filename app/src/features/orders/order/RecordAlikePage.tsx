import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { Order, Piece } from '@thimble/contract'
import type { Verdict } from '@thimble/core/outcomes'
import { readNumber, stageAt } from '@thimble/plan'
import { rowOrder } from '@thimble/plan/orders'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { type Control, useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices, FormField } from '@/forms/FormField'
import { useDraftForm } from '@/forms/useDraftForm'
import { useDocs } from '@/state/useShelfDocs'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { stageNames } from '@/ui/ThreadLine'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { useTask } from '@/ui/useTask'
import { FieldProblem } from '@/ui/FieldProblem'
import { Text } from '@/ui/Text'
import { minutePartNames, verdictChoices } from '@/words/recordWords'
import { NoOrder } from './OrderPage'
import { recordAll } from './recordAll'
import { useOrder } from './useOrder'

const parts = ['hooping', 'stitching', 'finishing'] as const
type Texts = { verdict: Verdict } & Record<'hooping' | 'stitching' | 'finishing' | 'note', string>
const blank: Texts = { verdict: 'good', hooping: '', stitching: '', finishing: '', note: '' }
const MOST_MINUTES = 6000

/** Several pieces of an order recorded alike in one go; the odd one is left out and recorded on its own ticket. */
export function RecordAlikePage() {
  const { id } = useLocalSearchParams<{ id: string }>()
  const order = useOrder(id)
  return order ? <RecordAlike order={order} /> : <NoOrder />
}

function RecordAlike({ order }: { order: Order }) {
  const router = useRouter()
  const all = useDocs('pieces')
  const open = useMemo(() => {
    const at = rowOrder(order)
    const own = all.filter((piece) => piece.order?.id === order.id && piece.finish.kept.length === 0)
    return own.sort((a, b) => at(a) - at(b))
  }, [all, order])
  const [picked, setPicked] = usePicked(open)
  const form = useDraftForm(`alike.${order.id}`, blank)
  const texts = useWatch({ control: form.control }) as Texts
  const { busy, problem, run } = useTask()
  const [says, setSays] = useState('')
  const wrong = parts.some((part) => readNumber(texts[part], MOST_MINUTES).problem !== null)
  const chosen = open.filter(({ id }) => picked.has(id))
  const record = (): void =>
    void run(async () => {
      const { verdict, note, ...minutesBy } = texts
      await recordAll(chosen, { verdict, note, minutesBy }, (count) =>
        setSays(t('recording-of', { count, chosen: chosen.length })),
      )
      form.forget()
      router.replace(`/runs/order/${order.id}/money`)
    })
  return (
    <Page
      title={t('record-several')}
      aside={order.name}
      back
      foot={
        <Button
          title={busy ? says || t('recording') : t('save-to-log', { many: many(chosen.length, 'piece') })}
          disabled={busy || wrong || chosen.length === 0}
          onPress={record}
        />
      }
    >
      <HowTheyCameOut control={form.control} texts={texts} />
      {problem ? <FieldProblem id="alike">{problem}</FieldProblem> : null}
      <Which open={open} picked={picked} onPick={setPicked} />
    </Page>
  )
}

function HowTheyCameOut({ control, texts }: { control: Control<Texts>; texts: Texts }) {
  return (
    <Section title={t('how-they-came-out')} says={t('the-same-for-all-ticked')}>
      <FormChoices control={control} name="verdict" label={t('verdict')} choices={verdictChoices} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {parts.map((part) => (
          <FormField
            key={part}
            half
            control={control}
            name={part}
            label={minutePartNames[part]}
            suffix="min"
            keyboard="numeric"
            problem={readNumber(texts[part], MOST_MINUTES).problem}
          />
        ))}
      </View>
      <Text soft>{t('minutes-are-per-piece')}</Text>
      <FormField control={control} name="note" label={t('note')} multiline longest={4000} />
    </Section>
  )
}

/** Those that are stitched stand ticked until a hand says otherwise. */
function usePicked(open: readonly Piece[]): [ReadonlySet<string>, (picked: ReadonlySet<string>) => void] {
  const [said, setSaid] = useState<ReadonlySet<string> | null>(null)
  const stitched = useMemo(
    () => new Set(open.filter((piece) => stageAt(piece) === 'finish').map(({ id }) => id)),
    [open],
  )
  return [said ?? stitched, setSaid]
}

type WhichProps = { open: readonly Piece[]; picked: ReadonlySet<string>; onPick: (picked: ReadonlySet<string>) => void }

function Which({ open, picked, onPick }: WhichProps) {
  const tick = (id: string, is: boolean): void => {
    const next = new Set(picked)
    if (is) next.add(id)
    else next.delete(id)
    onPick(next)
  }
  if (open.length === 0)
    return (
      <Section>
        <Text>{t('all-its-pieces-are-in')}</Text>
      </Section>
    )
  return (
    <Section title={t('which')} says={t('leave-out-any-that-differ')}>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Button type="outline" title={t('all-of-them')} onPress={() => onPick(new Set(open.map(({ id }) => id)))} />
        <Button type="outline" title={t('none')} onPress={() => onPick(new Set())} />
      </View>
      {open.map((piece) => (
        <View key={piece.id}>
          <CheckboxRow
            title={`${piece.name}, ${piece.run}`}
            after={`(${stageNames[stageAt(piece)].toLowerCase()})`}
            done={picked.has(piece.id)}
            onChange={(is) => tick(piece.id, is)}
          />
          {picked.has(piece.id) ? null : (
            <RowLink href={`/piece/${piece.id}`} style={{ minHeight: 44, justifyContent: 'center', paddingLeft: 44 }}>
              <Text tone="indigo">{t('open-piece')}</Text>
            </RowLink>
          )}
        </View>
      ))}
    </Section>
  )
}
