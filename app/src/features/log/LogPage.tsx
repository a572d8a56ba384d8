import { log as t } from '@thimble/language/en/log'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { useEffect } from 'react'
import { View } from 'react-native'
import { Field } from '@/ui/Field'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { useWide } from '@/ui/useMedia'
import { useRemembered } from '@/ui/scrollMemory'
import { Text } from '@/ui/Text'
import { countText } from '@thimble/language'
import { LogFilters } from './LogFilters'
import { LogLine } from './LogLine'
import { LogRows } from './LogRows'
import { everything, type LogQuery, queryIn, readQuery, searchOf } from './logQuery'
import { RecordActions } from './RecordActions'
import { RecordSheet } from './RecordSheet'
import { WashedSince } from './WashedSince'
import { type Found, useLogFound } from './useLogFound'

/** Every finished piece: searched as one types, narrowed by kinds together, in the order one likes. */
export function LogPage() {
  const router = useRouter()
  const params = useLocalSearchParams()
  const { beside } = params as { beside?: string }
  const [text, setText] = useRemembered<string>('log', 'query', JSON.stringify(everything))
  const query = readQuery(text)
  const ask = (next: LogQuery): void => setText(JSON.stringify(next))
  useAskedFor(params, setText)
  const found = useLogFound(query)
  const wide = useWide()
  const [picked, setPicked] = useRemembered<string>('log', 'picked', '')
  const { rows } = found
  const at = (rows.find((r) => r.pieceId === picked) ?? rows[0])?.pieceId ?? null
  const hrefOf = (id: string): string => (beside ? `/log/beside?a=${beside}&b=${id}` : `/log/${id}`)
  const openerOf = (id: string) => (beside ? () => router.push(hrefOf(id)) : wide ? () => setPicked(id) : undefined)
  const list = (
    <>
      <Section>
        {beside ? <Text bold>{t('choose-a-piece-to-compare')}</Text> : null}
        <Field
          label={t('find')}
          value={query.words}
          onChange={(words) => ask({ ...query, words })}
          placeholder={t('a-name-customer-fault-or')}
          kind="search"
        />
        <LogFilters query={query} counts={found.counts} onChange={ask} />
        {beside ? null : <Ways search={searchOf(query)} />}
      </Section>
      {beside ? null : <WashedSince />}
      <LogRows
        rows={rows}
        onNearEnd={found.more}
        render={(row) => (
          <LogLine
            row={row}
            on={wide && row.pieceId === at}
            href={hrefOf(row.pieceId)}
            onOpen={openerOf(row.pieceId)}
          />
        )}
      />
      <Nothing found={found} narrowed={text !== JSON.stringify(everything)} />
    </>
  )
  return (
    <Page
      wideContent
      title={t('log')}
      aside={
        found.told && !found.away
          ? `${countText(found.total)} ${found.total === 1 ? t('piece') : t('pieces')}`
          : undefined
      }
    >
      <Split list={list} detail={at && !beside ? <Record key={at} id={at} /> : null} />
    </Page>
  )
}

/** Where an address asks for something, that is what is looked for. */
function useAskedFor(params: Parameters<typeof queryIn>[0], setText: (text: string) => void): void {
  const asked = queryIn(params)
  const text = asked && JSON.stringify(asked)
  useEffect(() => {
    if (text) setText(text)
  }, [text, setText])
}

/** What follows from what was found: what works, and a table of it. */
function Ways({ search }: { search: string }) {
  const asked = search ? `?${search}` : ''
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 20 }}>
      <RowLink href={`/log/works${asked}`} style={{ minHeight: 44, justifyContent: 'center' }}>
        <Text bold tone="indigo">
          {t('what-works-here')}
        </Text>
      </RowLink>
      <a
        href={`/api/v1/log.csv${asked}`}
        download
        style={{ textDecoration: 'none', minHeight: 44, display: 'flex', alignItems: 'center' }}
      >
        <Text bold tone="indigo">
          {t('save-as-csv')}
        </Text>
      </a>
    </View>
  )
}

function Nothing({ found, narrowed }: { found: Found; narrowed: boolean }) {
  const { told, away, rows } = found
  const says = !told
    ? rows.length > 0
      ? null
      : t('searching-the-log')
    : away
      ? t('cant-reach-the-shop-computer')
      : rows.length > 0
        ? null
        : narrowed
          ? t('no-matches')
          : t('nothing-finished-yet-finished-pieces')
  return says ? (
    <Section>
      <Text soft role="status">
        {says}
      </Text>
    </Section>
  ) : null
}

const Record = ({ id }: { id: string }) => (
  <>
    <RecordSheet id={id} />
    <Section>
      <RecordActions id={id} />
    </Section>
  </>
)
