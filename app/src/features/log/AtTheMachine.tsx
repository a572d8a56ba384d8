import type { RunEvent } from '@thimble/contract'
import { useEffect, useState } from 'react'
import { RunStory } from '@/shared/inRecords'
import { ask } from '@/http/client'

/** What happened while a piece of the log was sewn; it lies on the server alone. */
export function AtTheMachine({ id, finished }: { id: string; finished: string }) {
  const [events, setEvents] = useState<RunEvent[]>([])
  useEffect(() => {
    let gone = false
    ask<RunEvent[]>(`/pieces/${id}/run`).then(
      (all) => gone || setEvents(all),
      () => undefined,
    )
    return () => {
      gone = true
    }
  }, [id, finished])
  return <RunStory events={events} />
}
