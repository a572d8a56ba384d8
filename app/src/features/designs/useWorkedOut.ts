import { problemText } from '@thimble/language'
import { useEffect, useRef, useState } from 'react'

type WorkedOut<Found> = { found: Found | null; problem: string | null }
/** `also`: what the work rests on beside its request. */
type How = { pauseMs?: number; also?: string }

/** What a request comes to, worked out when it changes; the last stays while the next is made, and says what is wrong. */
export function useWorkedOut<Request, Found>(
  request: Request | null,
  work: (request: Request) => Promise<Found>,
  { pauseMs = 0, also = '' }: How = {},
): WorkedOut<Found> {
  const [state, setState] = useState<WorkedOut<Found>>({ found: null, problem: null })
  const key = JSON.stringify(request)
  const latest = useRef(work)
  useEffect(() => {
    latest.current = work
  })
  useEffect(() => {
    if (key === 'null') return
    let gone = false
    const timer = setTimeout(() => {
      latest.current(JSON.parse(key) as Request).then(
        (found) => gone || setState({ found, problem: null }),
        (error: Error) => gone || setState((last) => ({ ...last, problem: problemText(error) })),
      )
    }, pauseMs)
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [key, also, pauseMs])
  return state
}
