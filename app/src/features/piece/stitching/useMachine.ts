import { stitch as t } from '@thimble/language/en/stitch'
import type { MachineCommandInput, MachineNow, SewingJob } from '@thimble/contract/sewingMachine'
import { useCallback, useEffect, useRef, useState } from 'react'
import { ask } from '@/http/client'

/** A machine as it last told of itself, and when that was by this device's clock. */
export type MachineReport = { now: MachineNow; at: number }

type Linked = {
  told: MachineReport | null
  /** Why it cannot be heard; null while it can. */
  away: string | null
  load: (job: SewingJob) => Promise<void>
  press: (order: MachineCommandInput) => Promise<void>
}

const AGAIN_MS = 2000

/** The machine stand-in as it tells of itself; while nobody listens, no connection is open. */
export function useMachine(id: string, listens: boolean): Linked {
  const [told, setTold] = useState<MachineReport | null>(null)
  const [away, setAway] = useState<string | null>(null)
  const hear = useCallback((now: MachineNow) => {
    setAway(null)
    // An answer may come after what was told later: a machine is never as it was before.
    setTold((last) => (last && last.now.at > now.at ? last : { now, at: performance.now() }))
  }, [])
  const again = useRef<ReturnType<typeof setTimeout>>(undefined)
  useEffect(() => {
    if (!listens) return
    let events: EventSource | null = null
    const listen = (): void => {
      events = new EventSource(`/api/v1/devices/machines/${id}/events`)
      events.addEventListener('now', ({ data }: MessageEvent<string>) => hear(JSON.parse(data) as MachineNow))
      events.addEventListener('error', () => {
        setAway(t('cant-reach-the-practice-machine'))
        // A browser gives up for good where it was answered that there is no such thing.
        if (events?.readyState === EventSource.CLOSED) again.current = setTimeout(listen, AGAIN_MS)
      })
    }
    listen()
    return () => {
      clearTimeout(again.current)
      events?.close()
    }
  }, [id, listens, hear])
  const load = useCallback(
    async (job: SewingJob) => hear(await ask<MachineNow>(`/devices/machines/${id}/job`, { method: 'PUT', body: job })),
    [id, hear],
  )
  const press = useCallback(
    async (order: MachineCommandInput) =>
      hear(await ask<MachineNow>(`/devices/machines/${id}/press`, { method: 'POST', body: order })),
    [id, hear],
  )
  return { told, away, load, press }
}
