import { settings as t } from '@thimble/language/en/settings'
import { FormChoices } from '@/forms/FormField'
import { chosenReading, readAs, readings } from './readings'
import { Choices } from '@/ui/Choices'
import { FileLink } from '@/ui/FileLink'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useFoldsOpen } from '@/ui/foldsOpen'
import { useSettingsForm } from './useSettingsForm'

const themes = [
  { id: 'auto', name: t('as-the-device') },
  { id: 'light', name: t('light') },
  { id: 'dark', name: t('dark') },
]
const folds = [
  { id: 'closed', name: t('closed') },
  { id: 'open', name: t('open') },
] as const
const keySwitch = [
  { id: 'on', name: t('yes') },
  { id: 'off', name: t('no') },
]

/** How it looks, what keys do, and what it is made with. */
export function DevicePage() {
  const { control } = useSettingsForm()
  const [open, setOpen] = useFoldsOpen()
  return (
    <Page title={t('this-device')} back>
      <Section>
        <FormChoices control={control} name="theme" label={t('appearance')} choices={themes} />
        <Choices
          label={t('folded-lines')}
          choices={folds}
          value={open ? 'open' : 'closed'}
          onChange={(id) => setOpen(id === 'open')}
        />
        <Choices label={t('dates-and-numbers')} choices={readings} value={chosenReading()} onChange={readAs} />
      </Section>
      <Section title={t('keyboard')} says={t('single-keys-work-when-you')}>
        <FormChoices control={control} name="keys" label={t('use-single-keys')} choices={keySwitch} />
      </Section>
      <Section title={t('made-with')} says={t('open-source-packages-and-typefaces')}>
        <FileLink href="/notices.txt" says={t('notices-and-licences')} />
      </Section>
    </Page>
  )
}
