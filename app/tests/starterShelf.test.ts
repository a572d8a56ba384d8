import {
  fields,
  needleCounts,
  usualBackings,
  usualColours,
  usualHoops,
  usualMachine,
  usualNeedles,
  usualToppings,
  docOf,
} from '@/features/stash/starterShelf'
import { TYPICAL } from '@/words/typical'

const things = [...usualHoops, ...usualBackings, ...usualToppings, ...usualNeedles, ...usualColours]

it('is a shelf whose things can all be kept, each marked as typical', () => {
  const machines = fields.map(({ id }) => usualMachine('flat', needleCounts.at(-1)!.id, id))
  const docs = [...things, ...machines].map((one, i) => docOf(one, `usual-${i}`, new Date('2026-11-20T10:00:00Z')))
  expect(docs.every((doc) => (doc as { note?: string }).note === TYPICAL)).toBe(true)
})

it('has two dozen colours, and a hoop’s outside is larger than its field', () => {
  expect(new Set(usualColours.map(({ swatch }) => swatch)).size).toBe(24)
  for (const { doc } of usualHoops) {
    const { field, outside } = doc as { field: { width: number }; outside: { width: number } }
    expect(outside.width).toBeGreaterThan(field.width)
  }
})
