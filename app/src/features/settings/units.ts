import { settings as t } from '@thimble/language/en/settings'
export const units = [
  { id: 'mm', name: t('millimetres') },
  { id: 'cm', name: t('centimetres') },
  { id: 'in', name: t('inches') },
]
