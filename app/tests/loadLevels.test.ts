import { levelOf, loadLevels } from '@/desk/loadLevels'
import { loadClassOf } from '@thimble/core/design'

describe('the levels of the load map', () => {
  it('go by the bounds of the craft: 15, 40 and 70, and one beyond dense', () => {
    const names = [0, 14.9, 15, 39.9, 40, 69.9, 70, 109, 110, 400].map((load) => loadLevels[levelOf(load)]!.name)
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
