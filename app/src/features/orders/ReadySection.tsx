import { orders as t } from '@thimble/language/en/orders'
import { hoursToMend, type Hours, nextWorkdays, type WorkSequence } from '@thimble/plan/schedule'
import { RowLink } from '@/ui/RowLink'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { dayText, lateCountText, lateText, mendText, partsText, whenText } from '@/words/workWords'

const DAYS = 5

type Props = { order: WorkSequence; machines: number; hours: Hours; today: string; onBegin: (date: string) => void }

/** When the run is ready, begun on a day, at the shop's own hours; what is late, and what would mend it. */
export function ReadySection({ order, machines, hours, today, onBegin }: Props) {
  const { steps, machine } = order
  const last = steps.at(-1)
  if (!last) return null
  const late = steps.filter((step) => step.late)
  const days = nextWorkdays(today, DAYS, hours.workday)
  return (
    <Section title={machines > 1 ? t('ready-at', { machine }) : t('ready')}>
      <Text bold style={{ fontSize: 28, lineHeight: 36 }}>
        {whenText(last.ends, today)}
      </Text>
      <Text>{partsText(order)}</Text>
      <Choices
        label={t('begun')}
        value={hours.begins.date}
        choices={days.map((date) => ({ id: date, name: dayText(date, today) }))}
        onChange={onBegin}
      />
      <RowLink href="/settings/days" style={{ minHeight: 44, justifyContent: 'center' }}>
        <Text bold tone="indigo">
          {t('hours-a-day-change', { hours: hours.workday.hours })}
        </Text>
      </RowLink>
      {late.length > 0 ? (
        <>
          <AdviceBar advice={{ code: 'late', text: lateCountText(late.length), severity: 'caution' }} />
          {late.map((step) => (
            <Text key={step.work.id}>{lateText(step, today)}</Text>
          ))}
          <Text bold>{mendText(hoursToMend(steps, hours))}</Text>
        </>
      ) : null}
    </Section>
  )
}
