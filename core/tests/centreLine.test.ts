import fc from 'fast-check'
import { fitCentreLine, planPlacement } from '../src'

const polo = { chestWidth: 520, shoulderToUnderarm: 210, neckWidth: 176, neckDrop: 76 }
const tern = { width: 84, height: 62 }
const plan = (measures: object, more: object = {}) =>
  planPlacement({
    kind: 'polo',
    placement: 'left-chest',
    measures: { ...polo, ...measures },
    design: tern,
    distances: { down: 190 },
    ...more,
  })

describe('fitCentreLine', () => {
  it('runs through two middles; a foot that lies to the left leans clockwise', () => {
    // Middles 0 and -10, 500 apart: atan(10 / 500) = 1.1458 degrees.
    const line = fitCentreLine([
      { y: 0, left: -90, right: 90 },
      { y: 500, left: -270, right: 250 },
    ])
    expect(line.xAt0).toBeCloseTo(0, 9)
    expect(line.leanDeg).toBeCloseTo(1.14576, 4)
    expect(line.spread).toBeCloseTo(10, 9)
  })

  it('goes by least squares through three', () => {
    // Middles 0, 6, 6 at 0, 100, 200: slope 3/100, mean 4 at 100, so 1 at 0.
    const line = fitCentreLine([0, 6, 6].map((x, i) => ({ y: i * 100, left: x - 50, right: x + 50 })))
    expect(line.xAt0).toBeCloseTo(1, 9)
    expect(line.leanDeg).toBeCloseTo(-1.71836, 4)
    expect(line.spread).toBe(6)
  })

  it('is degenerate with one level, one height, or what is no number', () => {
    const level = { y: 10, left: -1, right: 1 }
    for (const levels of [[], [level], [level, level], [level, { ...level, y: NaN }]])
      expect(() => fitCentreLine(levels)).toThrow(expect.objectContaining({ code: 'degenerate' }))
  })

  it('finds any line again, moved and leaning as it was made', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -40, max: 40 }),
        fc.integer({ min: -20, max: 20 }),
        fc.array(fc.integer({ min: -300, max: 900 }), { minLength: 2, maxLength: 6 }),
        (x0, lean, heights) => {
          const ys = [...new Set(heights)]
          fc.pre(ys.length >= 2)
          const slope = -Math.tan((lean * Math.PI) / 180)
          const line = fitCentreLine(ys.map((y) => ({ y, left: x0 + slope * y - 40, right: x0 + slope * y + 40 })))
          return Math.abs(line.xAt0 - x0) < 1e-6 && Math.abs(line.leanDeg - lean) < 1e-6
        },
      ),
    )
  })
})

describe('halves of 255 and 265 on a width of 520', () => {
  const halves = { underarmLeft: 255, underarmRight: 265 }
  const told = (p: ReturnType<typeof plan>) => p.warnings.find((w) => ['uneven', 'skewed'].includes(w.code))

  it('are noticed, and it is said what is done and what the other way would do', () => {
    // The underarm's middle lies 5 to the right, 210 below the neck's: atan(5 / 210) = 1.36 degrees.
    const told255 = told(plan(halves))!
    expect(told255.text).toBe(
      'The halves differ by 10 mm, the centre line leans 1.4°. The cross stays true to the neck; true to the body would move it 5 mm to your right (the wearer’s left).',
    )
    expect(told255.severity).toBe('caution')
    expect(plan(halves).pose.x).toBe(88)
    expect(plan(halves).trueTo).toBe('start')
  })

  it('move the cross by 5 when it is to be true to the body, and the marks with it', () => {
    const body = plan(halves, { choices: { trueTo: 'body' } })
    expect(body.pose).toEqual({ x: 93, y: 114, rotation: 0 })
    expect(told(body)!.text).toContain('true to the neck would move it 5 mm to your left (the wearer’s right)')
    expect(body.steps[0]!.text).toMatch(/the body’s centre line/)
  })

  it('turn the design with a body that leans, by the middles of underarm and hem', () => {
    const lean = { ...halves, bodyLength: 710, hemWidth: 520, hemLeft: 240, hemRight: 280 }
    // Middles 5 and 20, 500 apart: atan(15 / 500) = 1.718 degrees, foot to the right: anticlockwise.
    const body = plan(lean, { choices: { trueTo: 'body' } })
    expect(body.pose.rotation).toBeCloseTo(-1.71836, 4)
    expect(body.pose.x).toBeCloseTo(88 + 5 - 0.6, 6)
  })

  it('are not needed: one half gives the other, and even halves say nothing', () => {
    expect(plan({ underarmLeft: 255 }).warnings).toEqual(plan(halves).warnings)
    expect(told(plan({ underarmLeft: 260, underarmRight: 260 }))).toBeUndefined()
    expect(plan({}).trueTo).toBeNull()
  })

  it('are refused at their field when they do not add up to the width', () => {
    expect(() => plan({ underarmLeft: 255, underarmRight: 255 })).toThrow(
      expect.objectContaining({ code: 'contradiction', path: 'measures.underarmRight' }),
    )
    expect(() => plan({ underarmLeft: 530 })).toThrow(expect.objectContaining({ path: 'measures.underarmLeft' }))
  })

  it('on a towel keep the cross true to the edges, not to the line that was drawn', () => {
    const towel = planPlacement({
      kind: 'tea-towel',
      placement: 'low-centre',
      measures: { width: 520, length: 700, widthLeft: 255, widthRight: 265 },
      design: tern,
    })
    expect(towel.pose.x).toBe(5)
    expect(told(towel)!.text).toBe(
      'The halves differ by 10 mm. The cross stays true to the edges; true to your line would move it 5 mm to your left.',
    )
  })
})
