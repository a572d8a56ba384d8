import { type ClothFamily, CoreError, outcomeRates, placementBias, recommendRecipe, type RecipeQuery } from '../src'
import { defaultHabits } from '../src/habits'
import { clothFamilies, stackSign } from '../src/recipe'
import { correctionFrom, trendOf, wilsonInterval } from '../src/learning'

describe('landings', () => {
  it('drift by their mean with Student’s interval, and scatter by the radii that hold half and 19 of 20', () => {
    const dy = [2, 3, 2, 3, 2.5]
    const report = placementBias(dy.map((far, i) => ({ dx: 0, dy: far, ...(i < 2 ? { rotation: i + 1 } : {}) })))
    // Mean 2.5, standard deviation 0.5, t of four degrees of freedom 2.7764.
    expect(report.mean).toEqual({ dx: 0, dy: 2.5, rotation: 1.5 })
    expect(report.interval.dy![0]).toBeCloseTo(2.5 - (2.7764 * 0.5) / Math.sqrt(5), 3)
    expect(report.interval.dy![1]).toBeCloseTo(2.5 + (2.7764 * 0.5) / Math.sqrt(5), 3)
    // Sorted 2, 2, 2.5, 3, 3: the middle one, and all but a fifth of the last step.
    expect([report.r50, report.r95]).toEqual([2.5, 3])
    expect(report.worthCorrecting).toEqual({ dx: false, dy: true })
    // Two angles, 1 and 2: t of one degree of freedom is 12.706.
    expect(report.interval.rotation![1]).toBeCloseTo(1.5 + 12.706 * 0.5, 2)
  })

  it('are worth nothing under five, where they may as well lie on the mark, or where the drift is under a millimetre', () => {
    expect(placementBias([1, 2, 3, 4].map((dy) => ({ dx: 9, dy }))).worthCorrecting).toEqual({ dx: false, dy: false })
    expect(placementBias([-4, 6, -5, 7, 3].map((dx) => ({ dx, dy: 0.9 }))).worthCorrecting).toEqual({
      dx: false,
      dy: false,
    })
    expect(placementBias([])).toMatchObject({ n: 0, enough: false, r50: 0, r95: 0, interval: { dx: null, dy: null } })
    expect(() => placementBias([{ dx: 0, dy: Number.NaN }])).toThrow(CoreError)
  })
})

it('what is added goes against the drift, in half millimetres, on the axes that carry it alone', () => {
  const mean = { dx: 0.2, dy: 1.9, rotation: 0 }
  expect(correctionFrom({ mean, worthCorrecting: { dx: false, dy: true } })).toEqual({ right: 0, down: -2 })
  expect(correctionFrom({ mean, worthCorrecting: { dx: false, dy: false } })).toBeNull()
})

describe('outcomes', () => {
  const row = { cloth: 'pique', stack: 'mesh', holding: 'hooped', fault: '', success: true }

  it('are rated by any grouping, with an interval that is honest for few', () => {
    const rows = [
      ...Array.from({ length: 8 }, () => row),
      ...Array.from({ length: 2 }, () => ({ ...row, success: false })),
      { ...row, holding: 'floated' },
    ]
    const [hooped, floated] = outcomeRates(rows, ['cloth', 'holding'])
    expect(hooped).toMatchObject({ key: { cloth: 'pique', holding: 'hooped' }, tries: 10, successes: 8, rate: 0.8 })
    // Wilson's published figures for 8 of 10, and 1/(1 + z2) for one of one.
    expect(hooped!.interval[0]).toBeCloseTo(0.4902, 4)
    expect(hooped!.interval[1]).toBeCloseTo(0.9433, 4)
    expect(floated!.interval[0]).toBeCloseTo(1 / (1 + 1.959964 ** 2), 6)
    expect(outcomeRates(rows, [])).toHaveLength(1)
    expect(wilsonInterval(0, 5)[0]).toBe(0)
    expect(() => outcomeRates(rows, ['weather' as 'cloth'])).toThrow(/weather/)
  })

  it('grow or fall only where the slope’s interval says so', () => {
    const line = (values: number[]) => trendOf(values.map((value, at) => ({ at, value })))
    // Slope 0.8, residuals' squares 3.6, t of three degrees of freedom 3.1824.
    const unsure = line([1, 3, 2, 5, 4])!
    expect(unsure.slope).toBeCloseTo(0.8, 9)
    expect(unsure.interval[1]).toBeCloseTo(0.8 + 3.1824 * Math.sqrt(1.2 / 10), 3)
    expect(unsure.grows).toBe(0)
    expect(line([9, 8, 7.1, 6, 5])!.grows).toBe(-1)
    expect(line([1, 2, 3, 4])).toBeNull()
  })
})

describe('the shop’s own record', () => {
  const queryOf = (family: ClothFamily): RecipeQuery => ({
    cloth: { family, colour: '#23415f' },
    work: {
      ...{ widthMm: 80, heightMm: 60, loadClass: 'light', kind: 'fill' },
      topThread: { weight: 40, fibre: 'polyester', colours: ['#ffffff'] },
    },
    use: { laundering: 'sometimes' },
    habits: defaultHabits,
  })
  const recordOf = (family: ClothFamily, tries: number, successes: number): RecipeQuery => {
    const query = queryOf(family)
    const { holding, layers } = recommendRecipe(query).options[0]!
    const stack = stackSign(layers.map(({ kind }) => kind))
    return { ...query, record: [{ cloth: family, holding, stack, tries, successes }] }
  }
  const names = (q: RecipeQuery) => recommendRecipe(q).options.map(({ id }) => id)

  it('puts what failed behind another sound way from five pieces on, and says so with its numbers', () => {
    const [first] = names(queryOf('pique'))
    expect(names(recordOf('pique', 4, 0))[0]).toBe(first)
    const after = recommendRecipe(recordOf('pique', 6, 0)).options
    expect(after[0]!.id).not.toBe(first)
    const failed = after.find(({ id }) => id === first)
    expect(failed?.because[0]).toMatchObject({
      rule: 'own.record',
      text: expect.stringContaining('0 of 6 of your pieces'),
    })
    expect(recommendRecipe(recordOf('pique', 6, 6)).options[0]).toMatchObject({ id: first, record: { tries: 6 } })
  })

  it('lifts no refusal and offers nothing that was not sound, whatever it says', () => {
    for (const family of clothFamilies)
      for (const loadClass of ['light', 'dense'] as const) {
        const query = { ...queryOf(family), work: { ...queryOf(family).work, loadClass } }
        const plain = recommendRecipe(query)
        const glowing = (['hooped', 'floated', 'clamped', 'backing-under'] as const).flatMap((holding) =>
          ['tear-away-light', 'tear-away-sticky', 'wash-away', 'cut-away-mesh', 'tear-away-fusible'].map((stack) => ({
            ...{ cloth: family, holding, stack, tries: 40, successes: 40 },
          })),
        )
        const told = recommendRecipe({ ...query, record: glowing })
        expect(told.refused).toEqual(plain.refused)
        const offered = new Set(plain.options.map(({ holding }) => holding))
        for (const option of told.options) {
          expect(option.layers.some(({ kind }) => kind === 'cloth')).toBe(true)
          if (!offered.has(option.holding)) expect(plain.options.length).toBe(5)
        }
      }
  })
})
