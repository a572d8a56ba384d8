import fc from 'fast-check'
import { planPlacement } from '../src'

const polo = { chestWidth: 540, shoulderToUnderarm: 210, neckWidth: 180, neckDrop: 76 }
const tern = { width: 84, height: 62 }

describe('a polo’s left chest', () => {
  const plan = planPlacement({ kind: 'polo', placement: 'left-chest', measures: polo, design: tern })

  it('puts the cross under the shoulder point, 183 down on a medium', () => {
    expect(plan.pose).toEqual({ x: 90, y: 107, rotation: 0 })
    expect(plan.summary).toBe('Cross 183 mm below the shoulder point, 90 mm from centre')
  })

  it('names the wearer’s side and the worker’s, with at most two numbers a sentence', () => {
    expect(plan.steps.map((s) => s.text)).toContain(
      'From the crease go 90 mm to the wearer’s left (your right) and draw a line straight up and down.',
    )
    for (const step of plan.steps) expect(step.text.match(/\d+/g)?.length ?? 0).toBeLessThanOrEqual(2)
  })

  it('mirrors for the right chest', () => {
    const right = planPlacement({ kind: 'polo', placement: 'right-chest', measures: polo, design: tern })
    expect(right.pose).toEqual({ x: -90, y: 107, rotation: 0 })
    expect(right.steps[1]!.text).toContain('wearer’s right (your left)')
  })

  it('speaks the worker’s inches and owns up to what rounding costs', () => {
    const inches = planPlacement({
      kind: 'polo',
      placement: 'left-chest',
      measures: polo,
      design: tern,
      style: { unit: 'in' },
    })
    // 90 mm is 3.543 in, on the tape 3 1/2: 88.9 mm, 1.1 mm short.
    expect(inches.steps[1]).toMatchObject({
      text: 'From the crease go 3 1/2" to the wearer’s left (your right) and draw a line straight up and down.',
      loss: expect.closeTo(1.1, 6),
    })
    expect(inches.steps[0]!.loss).toBeNull()
  })

  it('checks the underarm from where the cross really comes', () => {
    const at = (down: number) =>
      planPlacement({ kind: 'polo', placement: 'left-chest', measures: polo, design: tern, distances: { down } })
    // The underarm lies 210 below the shoulder point.
    expect(at(150).steps.map((s) => s.text)).toContain('Check: the cross is 60 mm above the underarm line.')
    expect(at(230).steps.map((s) => s.text)).toContain('Check: the cross is 20 mm below the underarm line.')
    expect(at(230).warnings.map((w) => w.code)).toContain('below-underarm')
    expect(at(150).warnings).toEqual([])
  })

  it('follows the preference for chests', () => {
    const level = planPlacement({
      kind: 'polo',
      placement: 'left-chest',
      measures: polo,
      design: tern,
      habits: { chestRule: 'underarm-level' },
    })
    // The design is 62 high, and its foot comes to the underarm.
    expect(level.pose.y).toBe(210 - 62 / 2 - 76)
    const neck = planPlacement({
      kind: 'polo',
      placement: 'left-chest',
      measures: polo,
      design: tern,
      habits: { chestRule: 'neck-seam' },
    })
    expect(neck.summary).toBe('Cross 107 mm below the neck seam, 90 mm from centre')
  })

  it('grows smoothly with the chest and stays between centre line and armhole', () => {
    fc.assert(
      fc.property(fc.integer({ min: 400, max: 720 }), (chestWidth) => {
        const at = (w: number) =>
          planPlacement({
            kind: 'polo',
            placement: 'left-chest',
            measures: { ...polo, shoulderToUnderarm: 300, chestWidth: w },
            design: tern,
          }).pose
        const [here, next] = [at(chestWidth), at(chestWidth + 1)]
        return (
          here.y <= next.y && next.y - here.y < 1 && here.x > tern.width / 2 && here.x + tern.width / 2 < chestWidth / 2
        )
      }),
    )
  })
})

it('puts a tea towel’s design foot 58 mm above the hem, in the middle', () => {
  const plan = planPlacement({
    kind: 'tea-towel',
    placement: 'low-centre',
    measures: { width: 480, length: 700 },
    design: { width: 118, height: 46 },
  })
  expect(plan.pose).toEqual({ x: 0, y: -(58 + 23), rotation: 0 })
  expect(plan.clearances.find((c) => c.id === 'lower')!.mm).toBeCloseTo(58 - 12, 9)
})

it('takes a flat panel’s distances from the worker', () => {
  const plan = planPlacement({
    kind: 'flat-panel',
    placement: 'from-edges',
    measures: { width: 400, height: 300, strip: 15 },
    design: tern,
    distances: { fromLeft: 100, fromTop: 60 },
  })
  expect(plan.pose).toEqual({ x: -100, y: 60, rotation: 0 })
})

describe('what does not go', () => {
  const panel = (over: object) =>
    planPlacement({
      kind: 'flat-panel',
      placement: 'from-edges',
      measures: { width: 200, height: 200, strip: 15 },
      design: tern,
      ...over,
    })
  const codes = (over: object): string[] => panel(over).warnings.map((w) => `${w.severity}:${w.code}`)

  it('is warned of by how far: past the edge, on a strip, too near one', () => {
    expect(panel({ distances: { fromLeft: 30 } }).warnings[0]!.text).toBe('The design goes 12 mm past the item’s edge.')
    expect(codes({ distances: { fromLeft: 50 } })).toContain('stop:in-zone')
    expect(codes({ distances: { fromLeft: 60 } })).toContain('caution:near-zone')
    expect(codes({})).toEqual([])
  })

  it('warns of a design over the folds of a towel', () => {
    const plan = planPlacement({
      kind: 'tea-towel',
      placement: 'low-centre',
      measures: { width: 300, length: 600 },
      design: { width: 118, height: 46 },
    })
    expect(plan.warnings.map((w) => w.code)).toContain('wider-than-fold')
  })

  it('asks whether an odd number is right, and refuses a missing, empty or contradictory one at its field', () => {
    const odd = planPlacement({
      kind: 'polo',
      placement: 'left-chest',
      measures: { ...polo, chestWidth: 900 },
      design: tern,
    })
    expect(odd.warnings.map((w) => w.code)).toContain('is-that-right:chestWidth')
    const refusal = (measures: object) => {
      try {
        planPlacement({ kind: 'polo', placement: 'left-chest', measures: measures as typeof polo, design: tern })
        return null
      } catch (e) {
        const { code, path } = e as { code: string; path: string }
        return `${code} ${path}`
      }
    }
    expect(refusal({ ...polo, neckWidth: undefined })).toBe('missing-measure measures.neckWidth')
    expect(refusal({ ...polo, chestWidth: 0 })).toBe('bad-measure measures.chestWidth')
    expect(refusal({ ...polo, neckWidth: 500 })).toBe('contradiction measures.neckWidth')
  })
})

describe('the left chest of a shirt that has a patch pocket there', () => {
  const measures = { chestWidth: 550, shoulderToUnderarm: 218, neckWidth: 160, neckDrop: 76 }
  const pocket = { pocketTop: 138, pocketAcross: 108, pocketWidth: 112 }
  const design = { width: 80, height: 60 }
  const plan = (more: object) =>
    planPlacement({ kind: 'shirt', placement: 'left-chest', measures: { ...measures, ...pocket }, design, ...more })

  it('is above it, on its middle, unless the worker says otherwise', () => {
    // The foot 16 above the pocket's top at 138: the centre 46 above it.
    expect(plan({}).pose).toEqual({ x: 108, y: 92, rotation: 0 })
    expect(plan({}).clearances.find(({ id }) => id === 'pocket')!.mm).toBeCloseTo(16, 6)
  })

  it('is where it is on any chest where there is none, or none is known', () => {
    const bare = plan({ measures }).pose
    expect(bare.y).toBeGreaterThan(100)
    expect(plan({ choices: { pocket: 'none' } }).pose).toEqual(bare)
  })

  it('is sewn shut only when that is asked for, and then it is said', () => {
    expect(plan({ choices: { pocket: 'shut' } }).warnings.map((w) => [w.severity, w.code])).toContainEqual([
      'caution',
      'sewn-shut',
    ])
    const moved = plan({ distances: { up: -20 } })
    expect(moved.warnings.map((w) => [w.severity, w.code])).toContainEqual(['stop', 'in-zone'])
  })
})
