import { log as t } from '@thimble/language/en/log'
import { type LogInsights, rateKinds, type RateKind } from '@thimble/contract/log'
import { useLocalSearchParams } from 'expo-router'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { ask } from '@/http/client'
import { useDocuments } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useWide } from '@/ui/useMedia'
import { Text } from '@/ui/Text'
import { clothName } from '@/words/clothWords'
import { countText } from '@thimble/language'
import { FaultsSeen } from './FaultsSeen'
import { queryIn, searchOf } from './logQuery'
import { OverTime } from './OverTime'
import { RateSpans } from './RateSpans'
import { WhereItLands } from './WhereItLands'
import { paceText } from './insightWords'

const kindNames: Readonly<Record<RateKind, string>> = {
  cloth: t('cloth'),
  stack: t('layers'),
  holding: t('hooped-floated-or-clamped'),
  needle: t('needle'),
}

/** What works here: rates that are honest about few, where pieces land, what changes, and what goes wrong. */
export function InsightsPage() {
  const asked = queryIn(useLocalSearchParams())
  const search = asked ? searchOf(asked) : ''
  const works = useWorks(search)
  const wide = useWide()
  if (works === null || works === 'away')
    return (
      <Page title={t('what-works-here')} back passing={works === null}>
        <Section>
          <Text role="status">{works === 'away' ? t('cant-reach-the-shop-computer-2') : t('working-it-out')}</Text>
        </Section>
      </Page>
    )
  const columns = [
    <View key="first">
      <Rates rates={works.rates} />
      <Paces paces={works.paces} />
      <Section title={t('what-goes-wrong')}>
        <FaultsSeen works={works} search={search} />
      </Section>
    </View>,
    <View key="second">
      <Section title={t('where-it-lands')}>
        <WhereItLands landings={works.landings} />
      </Section>
      <Section title={t('over-time')}>
        <OverTime works={works} />
      </Section>
    </View>,
  ]
  return (
    <Page
      title={t('what-works-here')}
      back
      wideContent
      aside={`${countText(works.pieces)} ${works.pieces === 1 ? t('piece') : t('pieces')}`}
    >
      {search ? (
        <Section>
          <Text soft>{t('for-what-you-searched-in')}</Text>
        </Section>
      ) : null}
      <View style={wide ? { flexDirection: 'row', gap: 16 } : undefined}>
        {columns.map((column, i) => (
          <View key={i} style={wide ? { flex: 1, minWidth: 0 } : undefined}>
            {column}
          </View>
        ))}
      </View>
    </Page>
  )
}

/** Asked again as something is recorded. */
function useWorks(search: string): LogInsights | 'away' | null {
  const [works, setWorks] = useState<LogInsights | 'away' | null>(null)
  const log = useDocuments((s) => s.log)
  useEffect(() => {
    let stale = false
    ask<LogInsights>(`/log/works?${search}`).then(
      (told) => stale || setWorks(told),
      () => stale || setWorks('away'),
    )
    return () => {
      stale = true
    }
  }, [search, log])
  return works
}

function Rates({ rates }: { rates: LogInsights['rates'] }) {
  const [kind, setKind] = useState<RateKind>('cloth')
  const shown = rates[kind].map((rate) =>
    kind === 'cloth' ? { ...rate, name: clothName(rate.id as never).split(',')[0]! } : rate,
  )
  return (
    <Section title={t('results')} says={t('good-means-good-or-will')}>
      <Choices
        label={t('by')}
        choices={rateKinds.map((id) => ({ id, name: kindNames[id] }))}
        value={kind}
        onChange={setKind}
      />
      {shown.length > 0 ? <RateSpans rates={shown} label={kindNames[kind]} /> : <Text>{t('no-verdicts-noted')}</Text>}
    </Section>
  )
}

function Paces({ paces }: { paces: LogInsights['paces'] }) {
  if (paces.length === 0) return null
  return (
    <Section title={t('how-long-it-takes')}>
      {paces.map(({ id, ...pace }) => (
        <Text key={id}>{paceText(pace)}</Text>
      ))}
      <Text soft>{t('the-forecasts-use-it')}</Text>
    </Section>
  )
}
