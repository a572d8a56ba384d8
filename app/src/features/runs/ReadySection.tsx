import { hoursToMend, type Hours, nextWorkdays, type OrderOfWork } from '@thimble/plan/work'
import { RowLink } from '@/ui/RowLink'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { dayText, lateCountText, lateText, mendText, partsText, whenText } from '@/words/workWords'

const DAYS = 5

type Props = { order: OrderOfWork; machines: number; hours: Hours; today: string; onBegin: (date: string) => void }

/** When the run is ready, begun on a day, at the shop's own hours; what is late, and what would mend it. */
export function ReadySection({ order, machines, hours, today, onBegin }: Props) {
  const { steps, machine } = order
  const last = steps.at(-1)
  if (!last) return null
  const late = steps.filter((step) => step.late)
  const days = nextWorkdays(today, DAYS, hours.workday)
  return (
    <Section title={machines > 1 ? `Ready at ${machine}` : 'Ready'}>
      <Words bold style={{ fontSize: 28, lineHeight: 36 }}>
        {whenText(last.ends, today)}
      </Words>
      <Words>{partsText(order)}</Words>
      <Choices
        label="Begun"
        value={hours.begins.date}
        choices={days.map((date) => ({ id: date, name: dayText(date, today) }))}
        onChange={onBegin}
      />
      <RowLink href="/settings" style={{ minHeight: 44, justifyContent: 'center' }}>
        <Words bold tone="indigo">{`At ${hours.workday.hours} hours a day: change`}</Words>
      </RowLink>
      {late.length > 0 ? (
        <>
          <AdviceBar advice={{ code: 'late', text: lateCountText(late.length), severity: 'caution' }} />
          {late.map((step) => (
            <Words key={step.work.id}>{lateText(step, today)}</Words>
          ))}
          <Words bold>{mendText(hoursToMend(steps, hours))}</Words>
        </>
      ) : null}
    </Section>
  )
}
