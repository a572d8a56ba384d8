import { log as t } from '@thimble/language/en/log'
import type { LogFacet, LogFound } from '@thimble/contract/log'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Disclosure } from '@/ui/Disclosure'
import { Text } from '@/ui/Text'
import { clothName } from '@/words/clothWords'
import { facetNames, facetOrder, type LogQuery, pickValue, sortNames } from './logQuery'
import { monthText } from '@/words/dates'

type Props = { query: LogQuery; counts: LogFound['counts'] | null; onChange: (query: LogQuery) => void }
type Value = LogFound['counts'][LogFacet][number]

/** As many values of a kind as are seen before one asks for the others. */
const FIRST = 8

const nameOf = (facet: LogFacet, { id, name }: Pick<Value, 'id' | 'name'>): string =>
  facet === 'cloth' ? clothName(id).split(',')[0]! : facet === 'month' ? monthText(`${id}-01`) : name

/** What the list is narrowed by, kinds together, each value with how many there would be. */
export function LogFilters({ query, counts, onChange }: Props) {
  const picked = facetOrder.flatMap((facet) =>
    (query.picked[facet] ?? []).map((id) => {
      const known = counts?.[facet]?.find((value) => value.id === id) ?? { id, name: id, count: 0 }
      return { facet, value: known }
    }),
  )
  return (
    <View style={{ gap: 6 }}>
      {picked.length > 0 ? (
        <View role="group" aria-label={t('filters')} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {picked.map(({ facet, value }) => (
            <Tag
              key={`${facet} ${value.id}`}
              on
              says={nameOf(facet, value)}
              end="×"
              label={t('remove-filter', { nameOf: nameOf(facet, value) })}
              onPress={() => onChange(pickValue(query, facet, value.id))}
            />
          ))}
        </View>
      ) : null}
      {counts ? (
        <Disclosure title={t('filter')}>
          <View style={{ gap: 14 }}>
            <Choices
              label={t('sort-by')}
              choices={Object.entries(sortNames).map(([id, name]) => ({ id, name }))}
              value={query.sort}
              onChange={(sort) => onChange({ ...query, sort: sort as LogQuery['sort'] })}
            />
            {facetOrder.map((facet) => (
              <Kind key={facet} {...{ facet, query, onChange }} values={counts[facet] ?? []} />
            ))}
          </View>
        </Disclosure>
      ) : null}
    </View>
  )
}

type KindProps = Pick<Props, 'query' | 'onChange'> & { facet: LogFacet; values: readonly Value[] }

function Kind({ facet, query, onChange, values }: KindProps) {
  const [all, setAll] = useState(false)
  const on = query.picked[facet] ?? []
  // What all of them have says nothing, but for how they came out.
  const least = facet === 'fault' || facet === 'verdict' || facet === 'washed' ? 1 : 2
  if (values.length < least && on.length === 0) return null
  const shown = all ? values : values.slice(0, FIRST)
  return (
    <View role="group" aria-label={facetNames[facet]} style={{ gap: 6 }}>
      <Text soft aria-hidden>
        {facetNames[facet]}
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {shown.map((value) => (
          <Tag
            key={value.id}
            on={on.includes(value.id)}
            says={nameOf(facet, value)}
            end={String(value.count)}
            onPress={() => onChange(pickValue(query, facet, value.id))}
          />
        ))}
        {values.length > shown.length ? (
          <Tag on={false} says={t('more', { values: values.length - shown.length })} onPress={() => setAll(true)} />
        ) : null}
      </View>
    </View>
  )
}

type TagProps = { on: boolean; says: string; end?: string; label?: string; onPress: () => void }

function Tag({ on, says, end, label, onPress }: TagProps) {
  const p = usePalette()
  return (
    <Pressable
      role="button"
      aria-pressed={on}
      aria-label={label}
      onPress={onPress}
      style={{
        minHeight: 44,
        maxWidth: '100%',
        flexDirection: 'row',
        alignItems: 'center',
        gap: 8,
        paddingHorizontal: 12,
        borderRadius: 4,
        borderWidth: on ? 2 : 1,
        borderColor: on ? p.indigo : p.edge,
        backgroundColor: p.paper,
      }}
    >
      <Text bold={on} tone={on ? 'indigo' : undefined} style={{ fontSize: 16, flexShrink: 1 }}>
        {says}
      </Text>
      {end ? <Text soft>{end}</Text> : null}
    </Pressable>
  )
}
