import { settings as t } from '@thimble/language/en/settings'
import { LOCALE_KEY } from '@thimble/language'
import { deviceStorage } from '@/state/deviceStorage'

/** Whose dates and numbers a device may read. */
export const readings = [
  { id: 'browser', name: t('as-the-browser') },
  { id: 'en-GB', name: t('british') },
  { id: 'en-US', name: t('american') },
] as const
type Reading = (typeof readings)[number]['id']

export const chosenReading = (): Reading =>
  readings.find(({ id }) => id === deviceStorage.getItem(LOCALE_KEY))?.id ?? 'browser'

/** Texts are settled when a page is loaded, so it is loaded again; what was typed is kept by itself. */
export function readAs(id: Reading): void {
  if (id === 'browser') deviceStorage.removeItem(LOCALE_KEY)
  else deviceStorage.setItem(LOCALE_KEY, id)
  location.reload()
}
