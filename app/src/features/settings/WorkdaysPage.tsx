import { settings as t } from '@thimble/language/en/settings'
import { patchShop } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { NumberField } from '@/ui/NumberField'
import { View } from 'react-native'
import { Text } from '@/ui/Text'
import { Choices } from '@/ui/Choices'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { CheckboxRow } from '@/ui/CheckboxRow'

const hours = ['2', '3', '4', '5', '6', '7', '8', '10'].map((id) => ({ id, name: id }))
const begins = ['07:00', '08:00', '09:00', '10:00', '13:00', '18:00'].map((id) => ({ id, name: id.replace(/^0/, '') }))
const days = [t('monday'), t('tuesday'), t('wednesday'), t('thursday'), t('friday'), t('saturday'), t('sunday')].map(
  (name, i) => ({
    ...{ name, day: (i + 1) % 7 },
  }),
)
const changes = [
  { id: 'hoopSeconds', name: t('hoop') },
  { id: 'needleSeconds', name: t('needle') },
  { id: 'threadSeconds', name: t('thread') },
] as const

/** When the shop works, and how long its hands change things: what is promised of an order goes by it. */
export function WorkdaysPage() {
  const { workday, hands } = useDocuments((s) => s.shop)
  const set = (day: number, works: boolean): void => {
    const off = works ? workday.off.filter((one) => one !== day) : [...workday.off, day].sort()
    if (off.length < 7) patchShop({ workday: { off } })
  }
  return (
    <Page title={t('working-days')} back>
      <Section says={t('used-to-work-out-when')}>
        <Choices
          label={t('hours-a-day-2')}
          value={String(workday.hours)}
          choices={hours}
          onChange={(id) => patchShop({ workday: { hours: Number(id) } })}
        />
        <Choices
          label={t('from')}
          value={workday.from}
          choices={begins}
          onChange={(from) => patchShop({ workday: { from } })}
        />
        {days.map(({ name, day }) => (
          <CheckboxRow key={day} title={name} done={!workday.off.includes(day)} onChange={(works) => set(day, works)} />
        ))}
        <Text soft>{t('seconds-to-change-by-hand')}</Text>
        <View style={{ flexDirection: 'row', gap: 12 }}>
          {changes.map(({ id, name }) => (
            <NumberField
              key={id}
              half
              slot={id}
              label={name}
              suffix="s"
              most={3600}
              value={hands[id]}
              onChange={(seconds) => patchShop({ hands: { [id]: seconds } })}
            />
          ))}
        </View>
      </Section>
    </Page>
  )
}
