import type { ItemGroup } from '@thimble/core/placement'

export const itemGroupNames: Record<ItemGroup, string> = {
  tops: 'Tops',
  worn: 'Dresses and trousers',
  infant: 'Infants and toys',
  towels: 'Towels',
  table: 'Table',
  bed: 'Bed and cushions',
  bags: 'Bags and workwear',
  other: 'Anything flat',
}
