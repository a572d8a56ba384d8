import { things as t } from '@thimble/language/en/things'
import type { ItemGroup } from '@thimble/core/placement'

export const itemGroupNames: Record<ItemGroup, string> = {
  tops: t('tops'),
  worn: t('dresses-and-trousers'),
  infant: t('infants-and-toys'),
  towels: t('towels'),
  table: t('table'),
  bed: t('bed-and-cushions'),
  bags: t('bags-and-workwear'),
  other: t('anything-flat'),
}
