import type { ClothTest } from '@thimble/core/recipe'
import { guessCloth } from '@thimble/core/cloth'

const likeliest = (
  stretchPercent: number,
  surface: ClothTest['surface'],
  light: ClothTest['light'],
  iron: ClothTest['iron'],
) => guessCloth({ stretchPercent, surface, light, iron })

describe('a cloth nobody named', () => {
  it.each([
    ['a towel', 8, 'loops', 'none', 'takes', 'terry'],
    ['a drape that an iron flattens', 10, 'pile', 'none', 'not', 'velvet-plush'],
    ['a sheer that an iron shrivels', 2, 'smooth', 'much', 'not', 'organza'],
    ['a gown one sees through', 1, 'smooth', 'much', 'takes', 'lawn'],
    ['a cuff', 70, 'smooth', 'some', 'takes', 'rib'],
    ['a robe of squares', 9, 'texture', 'some', 'takes', 'waffle'],
  ] as const)('%s is told by its pull, its face, the light and an iron', (_, pull, surface, light, iron, family) => {
    expect(likeliest(pull, surface, light, iron)[0]!.family).toBe(family)
  })

  it('is not surer than it may be: flat heavy wovens feel alike', () => {
    const [first, second, third, fourth] = likeliest(1, 'smooth', 'none', 'takes')
    expect([first, second, third].map((g) => g!.family).sort()).toEqual(['canvas', 'denim', 'twill'])
    expect([first!.share - third!.share < 0.01, first!.share < 0.3, fourth!.share < first!.share]).toEqual([
      true,
      true,
      true,
    ])
  })

  it('shares out all there is, and refuses what is no pull', () => {
    const all = likeliest(25, 'smooth', 'some', 'takes').reduce((sum, { share }) => sum + share, 0)
    expect(all).toBeCloseTo(1, 12)
    expect(() => likeliest(NaN, 'smooth', 'some', 'takes')).toThrow(expect.objectContaining({ code: 'bad-stretch' }))
  })
})
