import { type Hours, nextWorkdays } from '@thimble/plan/schedule'
import { format } from 'date-fns/format'
import { useMemo, useState } from 'react'
import { useDocuments } from '@/state/store'

/** Work begins now, or with the hours of a later day. */
export function useHours(): { hours: Hours; today: string; begin: (date: string) => void } {
  const workday = useDocuments((s) => s.shop.workday)
  const hands = useDocuments((s) => s.shop.hands)
  const [now] = useState(() => new Date())
  const today = format(now, 'yyyy-MM-dd')
  const [date, begin] = useState(() => nextWorkdays(today, 1, workday)[0]!)
  const hours = useMemo((): Hours => {
    const minute = date === today ? now.getHours() * 60 + now.getMinutes() : 0
    return { begins: { date, minute }, workday, hands }
  }, [date, today, now, workday, hands])
  return { hours, today, begin }
}
