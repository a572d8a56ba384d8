import { linesOf, nounOf, pathOf } from '@/features/syncIssues/changeWords'
import type { Change } from '@/state/change'

const lines = (change: Change): string[] => linesOf({ key: 'k', reason: 'Too long', change })
const patch = (body: object): Change => ({ kind: 'patch', resource: 'pieces', id: 'p', body }) as Change

describe('a change that was not kept', () => {
  it('is told a line a field, as it was typed', () => {
    const measures = { chestWidth: { text: '21 1/4 in', unit: 'mm' } }
    expect(lines(patch({ customer: 'Ferry', measure: { measures } }))).toEqual([
      'customer: Ferry',
      'chest width: 21 1/4 in',
    ])
    expect(lines({ kind: 'shop', body: { unit: 'in' } })).toEqual(['unit: in'])
  })

  it('is told in few lines however much it changes', () => {
    const checks = Object.fromEntries(Array.from({ length: 9 }, (_, i) => [`line${i}`, true]))
    const told = lines(patch({ stitch: { checks } }))
    expect([told.length, told.at(-1)]).toEqual([7, 'and 3 more'])
  })

  it('says what was to be done where no field was changed', () => {
    const about = { resource: 'designs', id: 'tern' } as const
    expect(lines({ kind: 'delete', ...about })).toEqual(['To be removed'])
    expect(lines({ kind: 'restore', ...about })).toEqual(['To be brought back'])
    expect(lines({ kind: 'packed', ...about })).toEqual(['Its stitches and outlines'])
  })

  it('leads to where it can be mended', () => {
    const hoop: Change = { kind: 'delete', resource: 'hoops', id: 'h' }
    const shop: Change = { kind: 'shop', body: {} }
    expect([pathOf(patch({})), pathOf(hoop), pathOf(shop)]).toEqual(['/piece/p', '/stash/hoop/h', '/settings'])
    expect([nounOf(hoop), nounOf(shop)]).toEqual(['A hoop', 'The settings'])
  })
})
