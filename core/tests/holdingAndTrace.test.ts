import { writeMessage } from '@thimble/language'
import { holdingSteps, type HoldingTask } from '../src/holding'
import { fieldFromNotches } from '../src/hooping'
import { holdingMethods, type Layer } from '../src/recipe'
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
    .map(({ said, care }) => `${writeMessage(said)} ${care ? writeMessage(care) : ''}`)
    .join(' ')

const cloth = (grip: Layer['grip']): Layer => ({ role: 'cloth', kind: 'cloth', sheets: 1, grip })
const under = (kind: Layer['kind'], grip: Layer['grip']): Layer => ({ role: 'backing', kind, sheets: 1, grip })
const film: Layer = { role: 'topping', kind: 'wash-away-film', sheets: 1, grip: 'loose' }
const onSticky = [cloth('sticky'), under('tear-away-sticky', 'in-ring')]
const onSpray = [cloth('sprayed'), under('cut-away-medium', 'in-ring')]

describe('how a piece is held', () => {
  it('has its own words for each way and each way a hoop closes, and no other’s', () => {
    expect(words({ method: 'clamped', closes: 'magnets' })).not.toMatch(/screw|lever|past flush|inner ring/i)
    // In a magnetic hoop cloth is clamped, in a screw hoop it is hooped, whatever it was called before.
    expect(words({ method: 'hooped', closes: 'magnets' })).toBe(words({ method: 'clamped', closes: 'magnets' }))
    expect(words({ method: 'clamped', closes: 'screw' })).toBe(words({ method: 'hooped', closes: 'screw' }))
    expect(words({ method: 'backing-alone' })).not.toMatch(/cloth/)
    for (const method of holdingMethods) expect(words({ method })).not.toMatch(/magnet/i)
  })

  it('peels a sticky sheet only where there is one, and sprays only where it is sprayed', () => {
    expect(words({ method: 'floated', layers: onSticky })).toMatch(/paper side up.*Score the paper lightly.*cross-hair/)
    expect(words({ method: 'floated', layers: onSticky })).not.toMatch(/spray/i)
    expect(words({ method: 'floated', layers: onSpray })).toMatch(
      /Spray the backing, never the cloth.*away from machine, flames/,
    )
    expect(words({ method: 'floated', layers: onSpray })).not.toMatch(/paper|score/i)
    // Mesh sprayed to the back of a piece on a sticky sheet: both.
    const between = [cloth('sprayed'), under('cut-away-mesh', 'sprayed'), under('tear-away-sticky', 'in-ring')]
    expect(words({ method: 'floated', layers: between })).toMatch(/Spray the cut-away mesh.*paper side up.*Peel it/)
    expect(words({ method: 'hooped', layers: onSticky })).toMatch(/^Peel the paper/)
  })

  it('says each layer’s own step when it is due: on the back first, the topping last', () => {
    const layers = [
      film,
      cloth('in-ring'),
      under('cut-away-mesh-fusible', 'fused'),
      under('tear-away-light', 'in-ring'),
    ]
    const ids = holdingSteps(task({ layers, wet: true })).map(({ id }) => id)
    expect([ids[0], ids.at(-1)]).toEqual(['fuse.cut-away-mesh-fusible', 'top.wash-away-film'])
    expect(words({ layers, wet: true })).toMatch(/Fuse the fusible cut-away mesh.*Irons burn.*wet its corners/)
    expect(words({ layers: [film, cloth('in-ring')], holesStay: true })).toMatch(/tape its corners/)
  })

  it('neither bastes nor pins where holes stay, and puts only the cloth in the hoop with backing slid under', () => {
    expect(words({ method: 'floated', layers: onSpray, holesStay: true })).not.toMatch(/Baste|pin outside/)
    expect(words({ method: 'floated', layers: onSpray, holesStay: true })).toMatch(/Tape the edges down/)
    const loose = [cloth('in-ring'), under('cut-away-mesh', 'loose')]
    expect(words({ method: 'backing-under', layers: loose })).toMatch(
      /only the cloth over it.*slide the cut-away mesh under/,
    )
    expect(words({ method: 'floated', layers: onSpray, tube: true })).toMatch(/over the hoop, or turn it inside out/)
  })

  it('never has a knit pulled, and tells a lever from a screw', () => {
    expect(words({ knit: true })).toMatch(/never pull/)
    expect(words({ knit: true })).not.toMatch(/tugged/)
    expect(words({ closes: 'lever' })).toMatch(/Close the lever/)
    expect(words({ tube: true })).toMatch(/outer ring inside/)
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
