import type { PhoneAccess } from '@thimble/contract/phones'
import { useCallback, useEffect, useState } from 'react'
import { ask, Refused } from '@/http/client'
import { useTask } from '@/ui/useTask'

/** While a code stands its time runs, and a phone may ask any moment; else the list alone changes. */
const SOON_MS = 1000
const LATER_MS = 3000

type Method = 'POST' | 'PUT' | 'DELETE'
export type PhoneAccessState = {
  door: PhoneAccess | null
  /** Asked from a phone: the door is at the laptop. */
  onPhone: boolean
  away: boolean
  busy: boolean
  problem: string | null
  tell: (method: Method, where: string, body?: object) => Promise<boolean>
}

/** The door for phones as the server has it, looked at again and again while it is on the screen. */
export function usePhoneAccess(): PhoneAccessState {
  const [door, setDoor] = useState<PhoneAccess | null>(null)
  const [onPhone, setOnPhone] = useState(false)
  const [away, setAway] = useState(false)
  const { busy, problem, run } = useTask()
  const look = useCallback(
    () =>
      ask<PhoneAccess>('/phones').then(
        (now) => (setDoor(now), setAway(false)),
        (error: unknown) => (error instanceof Refused ? setOnPhone(error.status === 403) : setAway(true)),
      ),
    [],
  )
  const soon = Boolean(door?.invited ?? door?.asking)
  useEffect(() => {
    void look()
    const again = setInterval(() => void look(), soon ? SOON_MS : LATER_MS)
    return () => clearInterval(again)
  }, [look, soon])
  const tell = (method: Method, where: string, body?: object) =>
    run(async () => setDoor(await ask<PhoneAccess>(`/phones${where}`, { method, ...(body ? { body } : {}) })))
  return { door, onPhone, away, busy, problem, tell }
}
