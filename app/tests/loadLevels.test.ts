import { levelOf, loadLevels } from '@/shared/loadLevels'
import { loadClassOf } from '@thimble/core/design'

describe('the levels of the load map', () => {
  it('go by the bounds of the craft: 15, 45, 100 and 150', () => {
    const names = [0, 14.9, 15, 44.9, 45, 99.9, 100, 149, 150, 400].map((load) => loadLevels[levelOf(load)]!.name)
    expect(names).toEqual([
      ...['open', 'open', 'light', 'light', 'medium', 'medium', 'dense', 'dense'],
      ...['very dense', 'very dense'],
    ])
  })

  it('never say otherwise than the design’s own load', () => {
    const words = { outline: ['open'], light: ['light'], medium: ['medium'], dense: ['dense', 'very dense'] }
    for (let load = 0; load < 200; load += 0.5)
      expect(words[loadClassOf(load)]).toContain(loadLevels[levelOf(load)]!.name)
  })
})
