import type { Hours, WorkStep } from './workSequence'
import { workedUntil } from './workTime'

const MOST_HOURS = 12
const HALF = 0.5

/** At how many hours a day nothing of an order is late any more, in halves; null where no day is long enough. */
export function hoursToMend(steps: readonly WorkStep[], { begins, workday }: Hours): number | null {
  for (let hours = workday.hours + HALF; hours <= MOST_HOURS; hours += HALF) {
    let minutes = 0
    const late = steps.some(({ work, before }) => {
      minutes += before.seconds / 60 + work.minutes
      return work.due !== null && workedUntil(begins, minutes, { ...workday, hours }).date > work.due
    })
    if (!late) return hours
  }
  return null
}
