import { settings as t } from '@thimble/language/en/settings'
import { useDocuments } from '@/state/store'
import { Page } from '@/ui/Page'
import { LinkLine } from '@/ui/LinkLine'
import { units } from './units'

/** The settings, a page a subject, each with its answer. */
export function SettingsPage() {
  const { name, unit, currency, workday } = useDocuments((s) => s.shop)
  const unitName = units.find(({ id }) => id === unit)?.name.toLowerCase()
  return (
    <Page title={t('settings')} back>
      <LinkLine href="/settings/shop" title={t('shop')} answer={`${name}, ${unitName}, ${currency}`} />
      <LinkLine href="/settings/preferences" title={t('preferences')} answer={t('how-your-shop-does-it')} />
      <LinkLine href="/settings/days" title={t('working-days')} answer={t('hours-a-day', { hours: workday.hours })} />
      <LinkLine href="/settings/costs" title={t('costs')} answer={t('hours-margin-rejects')} />
      <LinkLine href="/phones" title={t('phones')} answer={t('by-the-machine')} />
      <LinkLine href="/settings/backups" title={t('backups')} answer={t('save-import')} />
      <LinkLine href="/settings/device" title={t('this-device')} answer={t('appearance-keyboard')} />
      <LinkLine href="/removed" title={t('removed-things')} answer={t('bring-back')} />
      <LinkLine href="/help" title={t('help')} answer={t('stages-words-keys')} />
    </Page>
  )
}
