import { log as t } from '@thimble/language/en/log'
import type { LogFound } from '@thimble/contract/log'
import { WASHED_AFTER_DAYS } from '@thimble/core/outcomes'
import { subDays } from 'date-fns/subDays'
import { useEffect, useState } from 'react'
import { ask } from '@/http/client'
import { useLog } from '@/shared/useLog'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { dayText } from '@/words/dates'

/** Asked about at once, the longest finished first. */
const FEW = 3

/** Pieces that may have been washed by now, and whose verdict waits for it. */
export function WashedSince() {
  const [found, setFound] = useState<Pick<LogFound, 'rows' | 'total'> | null>(null)
  const log = useLog()
  useEffect(() => {
    let stale = false
    const until = subDays(new Date(), WASHED_AFTER_DAYS).toISOString()
    ask<LogFound>(`/log/found?limit=${FEW}&washed=open&sort=oldest&until=${until}`).then(
      (told) => stale || setFound(told),
      // The list says already that the server is away.
      () => undefined,
    )
    return () => {
      stale = true
    }
  }, [log])
  if (!found || found.total === 0) return null
  return (
    <Section
      title={t('washed-since')}
      says={found.total > FEW ? t('of-how-do-they-look', { one: FEW, total: found.total }) : t('how-does-it-look')}
    >
      {found.rows.map(({ pieceId, name, finishedAt }) => (
        <RowLink
          key={pieceId}
          href={`/log/${pieceId}`}
          style={{ minHeight: 44, flexDirection: 'row', alignItems: 'center', gap: 12 }}
        >
          <Text bold tone="indigo" style={{ flex: 1, minWidth: 0 }}>
            {name}
          </Text>
          <Text soft>{dayText(finishedAt)}</Text>
        </RowLink>
      ))}
    </Section>
  )
}
