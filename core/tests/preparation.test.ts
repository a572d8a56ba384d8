import { writeMessage } from '@thimble/language'
import { clothFamilies } from '@thimble/core/recipe'
import { markingMeans, markRemoval, preparation, preparationStep } from '../src/marking'

const flat = { tubeWidth: null, bulk: 'roll-and-tape' } as const

describe('before the tape goes on', () => {
  it('a piece that will be washed is washed first, and one that never is not', () => {
    expect(preparation({ family: 'linen', laundering: 'sometimes', ...flat })).toEqual(['prep.wash', 'prep.press'])
    expect(preparation({ family: 'linen', laundering: 'never', ...flat })).toEqual(['prep.press'])
  })

  it('fleece is rolled for lint, and what takes no iron is smoothed by hand', () => {
    expect(preparation({ family: 'polar-fleece', laundering: 'daily', ...flat })).toEqual([
      'prep.wash',
      'prep.lint',
      'prep.smooth',
    ])
    expect(preparation({ family: 'sweatshirt', ...flat })).toContain('prep.lint')
    expect(preparation({ family: 'terry', ...flat })).not.toContain('prep.lint')
    expect(preparation({ family: 'coated', laundering: 'daily', ...flat })).toEqual(['prep.smooth'])
    expect(preparation({ family: 'linen', heat: 'no', laundering: 'never', ...flat })).toEqual(['prep.smooth'])
  })

  it('a narrow tube has a seam unpicked where the house does so, and a wide one not', () => {
    const house = { family: 'jersey', bulk: 'unpick-seam' } as const
    expect(preparation({ ...house, tubeWidth: 215 })).toContain('prep.unpick')
    expect(preparation({ ...house, tubeWidth: 540 })).not.toContain('prep.unpick')
    expect(preparation({ ...house, bulk: 'clip', tubeWidth: 215 })).not.toContain('prep.unpick')
  })

  it('knows the words of every step', () => {
    for (const family of clothFamilies)
      for (const id of preparation({ family, tubeWidth: 200, bulk: 'unpick-seam' }))
        expect(writeMessage(preparationStep(id)!)).toMatch(/^[A-Z].*\.$/)
  })
})

describe('taking the marks out', () => {
  it('is told of marks that stay, and of no others', () => {
    expect(writeMessage(markRemoval('wash-out-pen')!)).toBe('Remove pen marks: cold water, before any iron or dryer.')
    const stay = markingMeans({ family: 'linen', dark: false }).filter(({ id }) => markRemoval(id) !== null)
    expect(stay.map(({ id }) => id).sort()).toEqual(['chalk', 'crease', 'wash-out-pen'])
  })
})
