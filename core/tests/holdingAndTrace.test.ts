import { holdingSteps, type HoldingTask } from '../src/holding'
import { fieldFromNotches } from '../src/hooping'
import { holdingMethods } from '../src/recipe'
import { rectangle } from '../src'
import { traceOutline } from '../src/trace'

const task = (over: Partial<HoldingTask>): HoldingTask => ({
  method: 'hooped',
  closes: 'screw',
  knit: false,
  tube: false,
  ...over,
})
const words = (over: Partial<HoldingTask>): string =>
  holdingSteps(task(over))
    .map((s) => `${s.text} ${s.care ?? ''}`)
    .join(' ')

describe('how a piece is held', () => {
  it('has its own words for each way, and no other way’s', () => {
    expect(words({ method: 'clamped', closes: 'magnets' })).not.toMatch(/screw|lever|past flush|inner ring/i)
    expect(words({ method: 'floated', grip: 'sticky' })).toMatch(/paper side up.*Score the paper lightly.*cross-hair/)
    expect(words({ method: 'floated', grip: 'sprayed' })).toMatch(
      /Spray the backing, never the cloth.*away from the machine, flames/,
    )
    expect(words({ method: 'floated', grip: 'sprayed' })).not.toMatch(/paper|score/i)
    expect(words({ method: 'backing-alone' })).not.toMatch(/cloth/)
    for (const method of holdingMethods.filter((m) => m !== 'clamped')) expect(words({ method })).not.toMatch(/magnet/i)
  })

  it('never has a knit pulled, and tells a lever from a screw', () => {
    expect(words({ knit: true })).toMatch(/never pull/)
    expect(words({ knit: true })).not.toMatch(/tugged/)
    expect(words({ closes: 'lever' })).toMatch(/Close the lever/)
    expect(words({ tube: true })).toMatch(/lower ring inside/)
  })
})

describe('a trace', () => {
  it('says how near the needle comes to the field’s edge and to a zone, and where', () => {
    const found = traceOutline({
      hull: rectangle(84, 62),
      pose: { x: 5, y: 0, rotation: 0 },
      field: { shape: 'rect', width: 100, height: 100, cornerRadius: 0 },
      way: 'box',
      zones: [{ name: 'zip', outline: rectangle(6, 80, { x: -60, y: 0 }) }],
    })
    // Its right edge stands at 47 of 50; its left at -37, the zip's right edge at -57.
    expect(found.field).toMatchObject({ mm: expect.closeTo(3, 6), at: { x: 47 } })
    expect(found.zones).toEqual([{ name: 'zip', mm: expect.closeTo(20, 6), at: { x: -37, y: expect.any(Number) } }])
    expect(found.lengthMm).toBeCloseTo(292, 6)
  })

  it('is negative where the needle would leave the field', () => {
    const round = {
      hull: rectangle(60, 60),
      field: { shape: 'oval' as const, width: 80, height: 80 },
      pose: { x: 0, y: 0, rotation: 0 },
    }
    expect(traceOutline({ ...round, way: 'contour' }).field.mm).toBeCloseTo(40 - 30 * Math.SQRT2, 6)
  })
})

it('works a field out from four distances to its notches', () => {
  expect(fieldFromNotches({ left: 52, right: 48, away: 60, toward: 40 })).toEqual({
    width: 100,
    height: 100,
    notchOffset: { x: 2, y: 10 },
  })
  expect(() => fieldFromNotches({ left: Number.NaN, right: 48, away: 60, toward: 40 })).toThrow(
    expect.objectContaining({ code: 'bad-field' }),
  )
})
