import { defaultHabits } from '@thimble/core/habits'
import type { Shop } from './shop'

/** A shop nothing was said of: what the schema's defaults make, without the schema, as a start has to be quick. */
export const blankShop = (): Shop => ({
  name: 'My workshop',
  unit: 'mm',
  fraction: 8,
  singleKeys: true,
  theme: 'auto',
  habits: { ...defaultHabits },
  currency: 'GBP',
  workday: { hours: 6, from: '09:00', off: [0, 6] },
  rates: {
    ...{ machinePerHour: null, labourPerHour: null, spoilagePercent: 2, needleHours: 8, breaks: [] },
    pricing: { by: 'mark-up', percent: 0 },
  },
  hands: { hoopSeconds: 120, needleSeconds: 90, threadSeconds: 75, finishMinutes: 4 },
  threadFactor: 1,
  revision: 0,
})
