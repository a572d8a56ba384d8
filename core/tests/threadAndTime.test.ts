import fc from 'fast-check'
import { bobbinPlan, spoolLeft, stitchTime } from '../src'
import { needleWear } from '../src/thread'
import { shopFactor } from '../src/learning'

describe('what is left on a spool', () => {
  it('is its weight without the bare spool over the grams of a metre', () => {
    // 25 g of tex 25, which is 25 g per 1000 m; 13.5 g of tex 27 is half of that length.
    expect(spoolLeft({ grossGrams: 43, emptyGrams: 18, tex: 25 })).toBe(1000)
    expect(spoolLeft({ grossGrams: 13.5, emptyGrams: 0, tex: 27 })).toBe(500)
    expect(spoolLeft({ grossGrams: 18, emptyGrams: 18, tex: 25 })).toBe(0)
  })

  it.each([
    [{ grossGrams: 17, emptyGrams: 18, tex: 25 }, 'grossGrams'],
    [{ grossGrams: 43, emptyGrams: 18, tex: 0 }, 'tex'],
    [{ grossGrams: NaN, emptyGrams: 18, tex: 25 }, 'grossGrams'],
    [{ grossGrams: 43, emptyGrams: -1, tex: 25 }, 'emptyGrams'],
  ])('is refused for %j', (q, path) => {
    expect(() => spoolLeft(q)).toThrow(expect.objectContaining({ code: 'bad-weight', path }))
  })
})

describe('where the bobbin is changed', () => {
  it.each([
    [
      'before the block it would run out in',
      [8, 5, 9],
      20,
      10,
      { changeBefore: [1], bobbins: 1, endsWith: 6, tooLong: [] },
    ],
    ['never, where it is used up exactly', [4, 6], 20, 10, { changeBefore: [], bobbins: 0, endsWith: 0, tooLong: [] }],
    ['as late as it can be', [1, 1, 19], 20, 2, { changeBefore: [2], bobbins: 1, endsWith: 1, tooLong: [] }],
    ['inside a block longer than a bobbin', [45], 20, 5, { changeBefore: [], bobbins: 2, endsWith: 0, tooLong: [0] }],
    [
      'after such a block from what is left',
      [30, 9, 3],
      20,
      0,
      { changeBefore: [2], bobbins: 3, endsWith: 17, tooLong: [0] },
    ],
    ['not for blocks that take none', [0, 0], 20, 0, { changeBefore: [], bobbins: 0, endsWith: 0, tooLong: [] }],
  ])('%s', (_, needMetresByBlock, bobbinMetres, leftMetres, plan) => {
    expect(bobbinPlan({ needMetresByBlock, bobbinMetres, leftMetres })).toEqual(plan)
  })

  it('takes the fewest fresh bobbins of all ways to change them', () => {
    /** Tries both ways at each block. */
    const fewest = (needs: number[], full: number, left: number): number => {
      const [need, ...rest] = needs
      if (need === undefined) return 0
      const stay = left >= need ? fewest(rest, full, left - need) : Infinity
      return Math.min(stay, 1 + fewest(rest, full, full - need))
    }
    const needs = fc.array(fc.integer({ min: 0, max: 20 }), { maxLength: 9 })
    fc.assert(
      fc.property(needs, fc.integer({ min: 0, max: 20 }), (needMetresByBlock, leftMetres) => {
        const plan = bobbinPlan({ needMetresByBlock, bobbinMetres: 20, leftMetres })
        expect(plan.bobbins).toBe(fewest(needMetresByBlock, 20, leftMetres))
        expect(plan.changeBefore).toHaveLength(plan.bobbins)
      }),
    )
  })

  it.each([
    [{ needMetresByBlock: [1], bobbinMetres: 0, leftMetres: 0 }, 'bobbinMetres'],
    [{ needMetresByBlock: [1], bobbinMetres: 20, leftMetres: -1 }, 'leftMetres'],
    [{ needMetresByBlock: [1, NaN], bobbinMetres: 20, leftMetres: 0 }, 'needMetresByBlock[1]'],
  ])('is refused for %j', (q, path) => {
    expect(() => bobbinPlan(q)).toThrow(expect.objectContaining({ code: 'bad-bobbin', path }))
  })
})

it('stitching takes its stitches at 85 % of the speed, its changes, 6 s a trim, and the hooping', () => {
  const q = { stitches: 8500, changes: 2, trims: 5, speedSpm: 1000, changeSeconds: 60, hoopingMinutes: 4 }
  // 8500 / 850 is 10 minutes.
  expect(stitchTime(q)).toEqual({ seconds: 990, parts: { stitching: 600, changes: 120, trims: 30, hooping: 240 } })
  expect(() => stitchTime({ ...q, speedSpm: 0 })).toThrow(
    expect.objectContaining({ code: 'bad-time', path: 'speedSpm' }),
  )
  expect(() => stitchTime({ ...q, trims: -1 })).toThrow(expect.objectContaining({ code: 'bad-time', path: 'trims' }))
})

it.each([
  [{ minutes: 419, strikes: 0 }, 'good'],
  [{ minutes: 420, strikes: 0 }, 'soon'],
  [{ minutes: 480, strikes: 0 }, 'now'],
  [{ minutes: 3, strikes: 1 }, 'now'],
])('a needle with %j is %s', (needle, wear) => expect(needleWear(needle)).toBe(wear))

describe('what a shop’s machines take of thread', () => {
  it('is what was gone over what was forecast, with the interval of that ratio', () => {
    const weighed = [
      { reckoned: 100, gone: 110 },
      { reckoned: 200, gone: 210 },
      { reckoned: 300, gone: 345 },
    ]
    const { factor, interval, weighings } = shopFactor(weighed)!
    // 665 / 600; residuals -0.833, -11.667, 12.5; sqrt(3 x 293.056 / 2) / 600 = 0.034944; t of 2 degrees: 4.30265.
    expect([factor, ...interval!, weighings].map((x) => Math.round(x * 1e5) / 1e5)).toEqual([
      1.10833, 0.95798, 1.25868, 3,
    ])
  })

  it('is told without an interval after one weighing, not at all before, and not of thread that grew', () => {
    expect(shopFactor([])).toBeNull()
    expect(shopFactor([{ reckoned: 50, gone: 60 }])).toEqual({ factor: 1.2, interval: null, weighings: 1 })
    expect(() => shopFactor([{ reckoned: 50, gone: -1 }])).toThrow(expect.objectContaining({ code: 'bad-weight' }))
  })
})
