import { useWatch } from 'react-hook-form'
import { FormChoices } from '@/forms/FormField'
import { patchShop } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { NameField } from '@/ui/NameField'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { currencies } from '@/words/moneyWords'
import { BackUps } from './BackUps'
import { HabitSection } from './HabitSection'
import { FileLink } from '@/ui/FileLink'
import { useSettingsForm } from './useSettingsForm'
import { WorkdaySection } from './WorkdaySection'

const units = [
  { id: 'mm', name: 'Millimetres' },
  { id: 'cm', name: 'Centimetres' },
  { id: 'in', name: 'Inches' },
]
const fractions = [
  { id: '8', name: '1/8' },
  { id: '16', name: '1/16' },
  { id: '32', name: '1/32' },
]
const themes = [
  { id: 'auto', name: 'As the device' },
  { id: 'light', name: 'Calico' },
  { id: 'dark', name: 'Dim workroom' },
]

const keySwitch = [
  { id: 'on', name: 'Yes' },
  { id: 'off', name: 'No' },
]
const keyMeanings = [
  ['n', 'a new piece'],
  ['/', 'into the search of the place, or to the log'],
  ['1 to 5', 'the stages of a ticket'],
  ['m', 'presses the open stage’s own button'],
  ['?', 'this list'],
] as const

/** Units, look, and the shop's own way where practitioners differ; each habit says what it leads to. */
export function SettingsPage() {
  const name = useDocuments((s) => s.shop.name)
  const { control } = useSettingsForm()
  const unit = useWatch({ control, name: 'unit' })
  return (
    <Page title="Habits and settings" back>
      <Section title="The shop">
        <NameField slot="shop" name={name} onChange={(typed) => patchShop({ name: typed })} />
        <FormChoices control={control} name="unit" label="Lengths in" choices={units} />
        {unit === 'in' ? (
          <FormChoices control={control} name="fraction" label="Finest mark of the tape" choices={fractions} />
        ) : null}
        <FormChoices control={control} name="currency" label="Money in" choices={currencies} />
        <FormChoices control={control} name="theme" label="Look" choices={themes} />
      </Section>
      <Section title="Phones" says="A phone propped by the machine works with this same shop.">
        <RowLink href="/phones" style={{ minHeight: 44, justifyContent: 'center' }}>
          <Text bold tone="indigo">
            Phones at the machine: let one in, turn one out
          </Text>
        </RowLink>
      </Section>
      <Section title="Single keys" says="With a keyboard, while nothing is being typed.">
        <FormChoices control={control} name="keys" label="A key by itself does something" choices={keySwitch} />
        {keyMeanings.map(([key, does]) => (
          <Text key={key}>
            <Text bold>{key}</Text>
            {`  ${does}`}
          </Text>
        ))}
      </Section>
      <WorkdaySection />
      <HabitSection control={control} />
      <Section title="Made with" says="Open-source packages and typefaces that ship with the program.">
        <FileLink href="/notices.txt" says="Their notices and licences" />
      </Section>
      <BackUps />
      <Section title="Your data" says="Everything the shop keeps, as one open JSON file.">
        <FileLink href="/api/v1/export" says="Save the shop as a file" download />
        <RowLink href="/removed" style={{ minHeight: 44, justifyContent: 'center' }}>
          <Text bold tone="indigo">
            Removed things: bring something back
          </Text>
        </RowLink>
      </Section>
    </Page>
  )
}
