import { FormChoices } from '@/forms/FormField'
import { Choices } from '@/ui/Choices'
import { FileLink } from '@/ui/FileLink'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useFoldsOpen } from '@/ui/foldsOpen'
import { useSettingsForm } from './useSettingsForm'

const themes = [
  { id: 'auto', name: 'As the device' },
  { id: 'light', name: 'Light' },
  { id: 'dark', name: 'Dark' },
]
const folds = [
  { id: 'closed', name: 'Closed' },
  { id: 'open', name: 'Open' },
] as const
const keySwitch = [
  { id: 'on', name: 'Yes' },
  { id: 'off', name: 'No' },
]

/** How it looks, what keys do, and what it is made with. */
export function DevicePage() {
  const { control } = useSettingsForm()
  const [open, setOpen] = useFoldsOpen()
  return (
    <Page title="This device" back>
      <Section>
        <FormChoices control={control} name="theme" label="Appearance" choices={themes} />
        <Choices
          label="Folded lines"
          choices={folds}
          value={open ? 'open' : 'closed'}
          onChange={(id) => setOpen(id === 'open')}
        />
      </Section>
      <Section title="Keyboard" says="Single keys work when you aren’t typing. Press ? for the list.">
        <FormChoices control={control} name="keys" label="Use single keys" choices={keySwitch} />
      </Section>
      <Section title="Made with" says="Open-source packages and typefaces.">
        <FileLink href="/notices.txt" says="Notices and licences" />
      </Section>
    </Page>
  )
}
