import { Button } from '@rneui/themed'
import type { LogRow } from '@thimble/contract'
import { holdingNames } from '@thimble/core/recipe'
import { format } from 'date-fns/format'
import { parseISO } from 'date-fns/parseISO'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { useShelf } from '@/state/store'
import { fetchOlder, LOG_PAGE } from '@/state/sync'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { RowLink } from '@/ui/RowLink'
import { Split } from '@/ui/Split'
import { useWide } from '@/ui/useMedia'
import { useRemembered } from '@/ui/whereItWas'
import { Heading, Words } from '@/ui/Words'
import { clothName } from '@/words/clothWords'
import { faultNames, verdictNames } from '@thimble/core/records'
import { landingText } from '@/words/landingWords'
import { layersText } from '@/words/stackWords'
import { RecordActions } from './RecordActions'
import { RecordSheet } from './RecordSheet'
import { useLog } from '@/state/useLog'

const ALL = 'all'

/** Every finished piece, newest first; by cloth, by fault, by words. */
export function LogPage() {
  const rows = useLog()
  const told = useShelf((s) => s.logTold)
  const [cloth, setCloth] = useRemembered<string>('Log', 'cloth', ALL)
  const [words, setWords] = useRemembered<string>('Log', 'words', '')
  const [more, setMore] = useState(true)
  const cloths = useMemo(() => [...new Set(rows.map((r) => r.cloth))], [rows])
  const shown = rows.filter((r) => (cloth === ALL || r.cloth === cloth) && matches(r, words))
  const wide = useWide()
  const [picked, setPicked] = useRemembered<string>('Log', 'picked', '')
  const at = (shown.find((r) => r.pieceId === picked) ?? shown[0])?.pieceId ?? null
  const list = (
    <>
      <Section>
        <Field label="Find" value={words} onChange={setWords} placeholder="A name, a customer, a fault" kind="search" />
        {cloths.length > 1 ? (
          <Choices
            label="Cloth"
            choices={[{ id: ALL, name: 'All' }, ...cloths.map((id) => ({ id, name: clothName(id).split(',')[0]! }))]}
            value={cloth}
            onChange={setCloth}
          />
        ) : null}
      </Section>
      <View style={{ marginTop: 14 }}>
        {shown.map((row) => (
          <LogLine
            key={row.pieceId}
            row={row}
            on={wide && row.pieceId === at}
            onOpen={wide ? () => setPicked(row.pieceId) : undefined}
          />
        ))}
      </View>
      {rows.length >= LOG_PAGE && more ? (
        <Section>
          <Button
            type="outline"
            title="Older pieces"
            onPress={() => void fetchOlder(rows.at(-1)!.finishedAt).then(setMore)}
          />
        </Section>
      ) : null}
      {shown.length === 0 ? <NothingHere told={told} empty={rows.length === 0} /> : null}
    </>
  )
  return (
    <Page wideContent title="Log" aside={told ? `${rows.length} ${rows.length === 1 ? 'piece' : 'pieces'}` : undefined}>
      <Split list={list} detail={at ? <Record key={at} id={at} /> : null} />
    </Page>
  )
}

const NothingHere = ({ told, empty }: { told: boolean; empty: boolean }) => (
  <Section>
    <Words soft role="status">
      {!told
        ? 'Looking into the log …'
        : empty
          ? 'Nothing finished yet. A piece comes here when its record is kept.'
          : 'Nothing in the log fits that.'}
    </Words>
  </Section>
)

const Record = ({ id }: { id: string }) => (
  <>
    <RecordSheet id={id} />
    <Section>
      <RecordActions id={id} />
    </Section>
  </>
)

function matches(row: LogRow, words: string): boolean {
  const text = [row.name, row.customer, layersText(row.layers), row.note, ...row.faults.map((f) => faultNames[f])]
    .join(' ')
    .toLowerCase()
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((w) => text.includes(w))
}

function LogLine({ row, on, onOpen }: { row: LogRow; on: boolean; onOpen?: () => void }) {
  const p = usePalette()
  const style = useShelf((s) => s.shop)
  const landing = landingText(row, style)
  return (
    <RowLink
      href={`/log/${row.pieceId}`}
      onOpen={onOpen}
      aria-current={on || undefined}
      style={{
        backgroundColor: p.paper,
        borderLeftWidth: 4,
        borderLeftColor: on ? p.indigo : p.paper,
        borderTopWidth: 1,
        borderTopColor: p.seam,
        paddingHorizontal: 12,
        paddingVertical: 12,
        gap: 3,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Heading level={2} style={{ flex: 1, minWidth: 0 }}>
          {row.name}
        </Heading>
        <Words soft>{format(parseISO(row.finishedAt), 'd MMM')}</Words>
      </View>
      <Words soft>
        {[row.customer, clothName(row.cloth).split(',')[0], row.holding ? holdingNames[row.holding].toLowerCase() : '']
          .filter(Boolean)
          .join(', ')}
      </Words>
      <Words style={{ fontSize: 16 }}>{layersText(row.layers) || 'No stack noted'}</Words>
      <Words
        style={{ fontSize: 16 }}
        tone={row.verdict === 'spoiled' ? 'madder' : row.verdict === 'good' ? 'moss' : undefined}
      >
        {[row.verdict ? verdictNames[row.verdict] : '', landing, row.faults.map((f) => faultNames[f]).join(', ')]
          .filter(Boolean)
          .join('. ')}
      </Words>
      {row.note ? <Words soft>{`“${row.note}”`}</Words> : null}
    </RowLink>
  )
}
