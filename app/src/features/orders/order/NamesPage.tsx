import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { OrderLine, Patch } from '@thimble/contract'
import { kindOfLine, type NamesRead, placesOf, readNames, lineName } from '@thimble/plan/orders'
import { useLocalSearchParams } from 'expo-router'
import { type ChangeEvent, useMemo, useRef } from 'react'
import { View } from 'react-native'
import { useNamed } from '@/state/useShelfDocs'
import { Field } from '@/ui/Field'
import { FieldProblem } from '@/ui/FieldProblem'
import { Page } from '@/ui/Page'
import { PastedWhole } from '@/ui/PastedWhole'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { useDraftText } from '@/ui/useDraftText'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import type { TableLine } from '@/shared/table'
import type { LineProps } from './lineProps'
import { NamesIn } from './NamesIn'
import { NoOrder } from './OrderPage'
import { takeNamesIn } from './takeNamesIn'
import { setLine, useOrder } from './useOrder'
import { leftOver, textOf, useTable } from './useTable'

/** The names of a line: pasted or from a file, checked line by line, and those that are in. */
export function NamesPage() {
  const { id, line: lineId } = useLocalSearchParams<{ id: string; line: string }>()
  const order = useOrder(id)
  const line = order?.lines[lineId]
  if (!order || !line) return <NoOrder />
  const props = { order, id: lineId, line, set: (body: Patch<OrderLine>) => setLine(id, lineId, body) }
  return (
    <Page
      title={t('names-2', { line: lineName(line) })}
      aside={many(Object.keys(line.names).length, 'name')}
      back
      wideContent
    >
      <Split both list={<PutIn {...props} />} detail={<NamesIn {...props} />} />
    </Page>
  )
}

function PutIn(props: LineProps) {
  const { id, line } = props
  const [text, setText] = useDraftText(`names.${id}`, '')
  const { lines, problem } = useTable(text)
  const read = useRead(line, lines)
  const take = (): void => {
    if (!lines || !read) return
    takeNamesIn(props, read.good)
    const bad = read.bad.map(({ line: number }) => number)
    const left = leftOver(lines, bad)
    setText(left, left === '')
  }
  return (
    <Section title={t('add-names')} says={t('one-a-line-size-name')}>
      <FromFile onText={(found) => setText(found, false)} />
      <PastedWhole onText={(pasted) => setText(pasted, pasted === '')}>
        <Field
          label={t('the-list')}
          multiline
          lines={8}
          value={text}
          placeholder={t('size-name-m-wren-l')}
          onChange={(typed) => setText(typed, typed === '')}
        />
      </PastedWhole>
      {problem ? <FieldProblem id="list">{problem}</FieldProblem> : null}
      {text.trim() && read ? <Checked read={read} onTake={take} /> : null}
    </Section>
  )
}

function useRead(line: LineProps['line'], lines: readonly TableLine[] | null): NamesRead | null {
  const threads = useNamed('threads')
  return useMemo(
    () =>
      lines &&
      readNames(lines, {
        kind: kindOfLine(line),
        named: placesOf(line).some(([, { names }]) => names),
        colours: threads,
        known: Object.values(line.names),
      }),
    [line, lines, threads],
  )
}

/** More complaints nobody reads at once. */
const MOST_SAID = 40

function Checked({ read: { good, bad, odd }, onTake }: { read: NamesRead; onTake: () => void }) {
  return (
    <View style={{ gap: 8 }}>
      <Text bold role="status">
        {bad.length === 0
          ? t('all-good', { many: many(good.length, 'line') })
          : t('good-to-fix', { many: many(good.length, 'line'), bad: bad.length })}
      </Text>
      {bad.slice(0, MOST_SAID).map(({ line, says }) => (
        <FieldProblem key={line} id={`line-${line}`}>
          {t('line', { line, says })}
        </FieldProblem>
      ))}
      {bad.length > MOST_SAID ? <Text tone="madder">{t('and-more-2', { bad: bad.length - MOST_SAID })}</Text> : null}
      {odd.slice(0, MOST_SAID).map(({ line, says }) => (
        <Text key={line} soft>
          {t('line', { line, says })}
        </Text>
      ))}
      {good.length > 0 ? (
        <Button
          title={bad.length === 0 ? t('add', { many: many(good.length, 'name') }) : takeGoodText(good.length)}
          onPress={onTake}
        />
      ) : null}
      {bad.length > 0 ? <Text soft>{t('lines-with-problems-stay-here')}</Text> : null}
    </View>
  )
}

const takeGoodText = (count: number): string => t('add-the-good-line-add', { count })

function FromFile({ onText }: { onText: (text: string) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const { busy, problem, run } = useTask()
  const picked = ({ target }: ChangeEvent<HTMLInputElement>): void => {
    const [file] = target.files ?? []
    target.value = ''
    if (file) void run(async () => onText(await textOf(file)))
  }
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        aria-label={t('csv-of-names')}
        hidden
        onChange={picked}
      />
      <Button type="outline" title={t('from-a-csv-file')} disabled={busy} onPress={() => input.current?.click()} />
      {problem ? <FieldProblem id="file">{problem}</FieldProblem> : null}
    </>
  )
}
