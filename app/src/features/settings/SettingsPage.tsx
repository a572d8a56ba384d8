import { useDocuments } from '@/state/store'
import { Page } from '@/ui/Page'
import { LinkLine } from '@/ui/LinkLine'
import { units } from './units'

/** The settings, a page a subject, each with its answer. */
export function SettingsPage() {
  const { name, unit, currency, workday } = useDocuments((s) => s.shop)
  const unitName = units.find(({ id }) => id === unit)?.name.toLowerCase()
  return (
    <Page title="Settings" back>
      <LinkLine href="/settings/shop" title="Shop" answer={`${name}, ${unitName}, ${currency}`} />
      <LinkLine href="/settings/preferences" title="Preferences" answer="how your shop does it" />
      <LinkLine href="/settings/days" title="Working days" answer={`${workday.hours} hours a day`} />
      <LinkLine href="/settings/costs" title="Costs" answer="hours, margin, rejects" />
      <LinkLine href="/phones" title="Phones" answer="by the machine" />
      <LinkLine href="/settings/backups" title="Backups" answer="save, import" />
      <LinkLine href="/settings/device" title="This device" answer="appearance, keyboard" />
      <LinkLine href="/removed" title="Removed things" answer="bring back" />
      <LinkLine href="/help" title="Help" answer="stages, words, keys" />
    </Page>
  )
}
