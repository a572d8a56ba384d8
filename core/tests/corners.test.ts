import { planPlacement } from '../src'

const napkin = { width: 400, length: 400, hem: 10 }
const sprig = { width: 50, height: 30 }
const corner = (placement: string, more: object = {}) =>
  planPlacement({ kind: 'napkin', placement, measures: napkin, design: sprig, ...more })
const round = (n: number): number => Math.round(n * 1000) / 1000 || 0

it('puts the nearest edges 30 from both edges of the corner', () => {
  // Lower right corner at (200, 400): centre 30 + 25 in and 30 + 15 up.
  expect(corner('corner').pose).toEqual({ x: 145, y: 355, rotation: 0 })
  expect(
    corner('corner')
      .steps.map((s) => s.text)
      .slice(0, 2),
  ).toEqual([
    'At your lower right corner go 55 mm in from the right edge and draw a line along that edge.',
    'Go 45 mm in from the lower edge on that line: mark the cross.',
  ])
})

it('takes the distance to the centre instead', () => {
  const plan = corner('corner', { choices: { counted: 'centre' }, distances: { 'fromEdges@centre': 60 } })
  expect(plan.pose).toEqual({ x: 140, y: 340, rotation: 0 })
})

it('turns each of four corners a quarter on, the same way in from its edges', () => {
  const poses = corner('four-corners').copies.map(({ pose, name }) => [
    name,
    round(pose.x),
    round(pose.y),
    pose.rotation,
  ])
  expect(poses).toEqual([
    ['corner.lower-right', 145, 355, 0],
    ['corner.lower-left', -155, 345, 90],
    ['corner.upper-left', -145, 45, 180],
    ['corner.upper-right', 155, 55, -90],
  ])
  expect(corner('four-corners').steps.some((s) => s.text.includes('a quarter anticlockwise'))).toBe(true)
})

it('points the foot at the corner on the diagonal', () => {
  const plan = corner('corner-diagonal', { distances: { fromPoint: 60 } })
  // Centre 60 + 15 from the point along the diagonal.
  expect(plan.pose.rotation).toBe(-45)
  expect(round(plan.pose.x)).toBe(round(200 - 75 / Math.SQRT2))
  expect(round(plan.pose.y)).toBe(round(400 - 75 / Math.SQRT2))
  const upper = corner('corner-diagonal', { distances: { fromPoint: 60 }, choices: { corner: 'upper-left' } }).pose
  expect([round(upper.x), round(upper.y), upper.rotation]).toEqual([
    round(-200 + 75 / Math.SQRT2),
    round(75 / Math.SQRT2),
    135,
  ])
})

it('says when designs of four corners run into each other', () => {
  const plan = planPlacement({
    kind: 'napkin',
    placement: 'four-corners',
    measures: { width: 150, length: 150, hem: 6 },
    design: { width: 70, height: 60 },
  })
  expect(plan.warnings.map((w) => w.code)).toContain('designs-touch')
})

describe('rows on things', () => {
  const runner = { width: 350, length: 1400, hem: 12 }
  it('runs along the long edge with the feet toward it, whole groups to a hooping', () => {
    const plan = planPlacement({
      kind: 'table-runner',
      placement: 'border-row',
      measures: runner,
      design: { width: 100, height: 40 },
      row: { count: 8, fieldLength: 500 },
    })
    // 1376 between the hems: gap (1376 - 800) / 8 = 72, crosses 172 apart; three motifs are 444 long, four 616.
    expect(plan.row).toMatchObject({ count: 8, gap: 72 })
    expect(plan.row!.hoopings!.map((h) => h.to - h.from + 1)).toEqual([3, 3, 2])
    const [first] = plan.copies
    expect(first!.pose.rotation).toBe(-90)
    expect(round(first!.pose.x)).toBe(175 - 35 - 20)
    expect(round(first!.pose.y)).toBe(700 + 3.5 * 172)
  })

  it('goes round a hem with one motif at centre front, and says where each cross lies', () => {
    const plan = planPlacement({
      kind: 'skirt',
      placement: 'border-row',
      measures: { hemRound: 1600, hem: 30 },
      design: { width: 60, height: 40 },
      row: { count: 4 },
    })
    expect(plan.copies.map((c) => c.pose.x)).toEqual([-400, 0, 400, 800])
    expect(plan.steps.map((s) => s.text)).toContain('Mark the last cross at centre back, 800 mm from centre front.')
  })

  it('refuses a count that has no room, at its field', () => {
    const asked = (row: object) => () =>
      planPlacement({
        kind: 'table-runner',
        placement: 'end-row',
        measures: runner,
        design: { width: 100, height: 40 },
        row,
      })
    expect(asked({ count: 4 })).toThrow(expect.objectContaining({ code: 'no-room', path: 'row.count' }))
    expect(asked({ gap: 300 })().row!.count).toBe(1)
    expect(asked({})().row!.count).toBe(2)
  })
})

it('works out the finished face of a drawstring bag from its cut panel', () => {
  // 320 - 2 * 10 - 80 = 220 wide; 420 - 65 - 10 - 40 = 305 high, its middle 65 + 152.5 down.
  const plan = planPlacement({
    kind: 'drawstring-bag',
    placement: 'low-centre',
    measures: { width: 320, length: 420, seam: 10, base: 80, casing: 65 },
    design: { width: 100, height: 100 },
  })
  expect(plan.pose).toEqual({ x: 0, y: 217.5, rotation: 0 })
  expect(plan.steps[0]!.text).toBe('The finished face is 220 mm × 305 mm. Chalk it on the panel.')
})

it('adds what is folded back and one seam to a band that is sewn on after, or two seams', () => {
  const plan = planPlacement({
    kind: 'sewn-on-band',
    placement: 'visible-centre',
    measures: { width: 400, depth: 60, fold: 60, seam: 10 },
    design: { width: 80, height: 30 },
  })
  expect(plan.steps[0]!.text).toContain('420 mm × 130 mm')
  expect(plan.pose).toEqual({ x: 0, y: 40, rotation: 0 })
  // Its centre is told from the cut edge.
  expect(plan.distances[0]).toMatchObject({ id: 'downCut', mm: 40 })
})

describe('what the worker finds on the item', () => {
  const tee = { chestWidth: 530, shoulderToUnderarm: 210, neckWidth: 178, neckDrop: 84 }
  const zone = {
    id: 'z1',
    kind: 'pocket' as const,
    name: 'Pocket',
    line: 'neck',
    down: 90,
    height: 120,
    off: 110,
    width: 100,
  }
  const front = (more: object) =>
    planPlacement({ kind: 'tee', placement: 'left-chest', measures: tee, design: { width: 60, height: 40 }, ...more })

  it('is kept clear of, and can be measured from', () => {
    const plan = front({ zones: [zone] })
    expect(plan.warnings.map((w) => w.text)).toContain('The design lies on the pocket.')
    const above = front({
      zones: [zone],
      anchors: { down: { line: 'own.z1.top', edge: 'end' }, across: { line: 'own.z1.middle', edge: 'centre' } },
      distances: { 'down@own.z1.top.end': 25, 'across@own.z1.middle.centre': 0 },
    })
    // The pocket's top is 90 below the neck seam: the foot 25 above it.
    expect(above.pose).toEqual({ x: 110, y: 90 - 25 - 20, rotation: 0 })
    expect(above.clearances.find((c) => c.id === 'own.z1')!.mm).toBe(25)
    // Nothing typed yet: as clear of the pocket as a pocket wants.
    const usual = front({ zones: [zone], anchors: { down: { line: 'own.z1.top', edge: 'end' } } })
    expect(usual.distances[0]).toMatchObject({ mm: 20, name: 'Bottom of the design above the top of the pocket' })
  })

  it('may be a stripe at 62 mm to align with, which keeps nothing clear', () => {
    const stripe = { ...zone, kind: 'stripe' as const, name: 'Stripe', down: 62, height: null, width: null }
    const plan = front({
      zones: [stripe],
      anchors: { down: { line: 'own.z1', edge: 'centre' } },
      distances: { 'down@own.z1.centre': 0 },
    })
    expect(plan.pose.y).toBe(62)
    expect(plan.clearances.some((c) => c.id.startsWith('own'))).toBe(false)
  })

  it('is refused when it lies beyond the item or has no size', () => {
    expect(() => front({ zones: [{ ...zone, down: 3000 }] })).toThrow(
      expect.objectContaining({ code: 'off-item', path: 'zones.z1' }),
    )
    expect(() => front({ zones: [{ ...zone, width: 0 }] })).toThrow(expect.objectContaining({ code: 'bad-zone' }))
  })
})

it('names both sides of a back that lies up, and asks to read the design once', () => {
  const measures = { chestWidth: 530, shoulderToUnderarm: 210, neckWidth: 178 }
  const plan = planPlacement({
    kind: 'tee',
    placement: 'back-yoke',
    measures,
    design: { width: 90, height: 40 },
    distances: { middle: 40 },
  })
  expect(plan.warnings.map((w) => w.code)).toContain('mirror')
  expect(plan.steps.map((s) => s.text).join(' ')).toContain('to the wearer’s right (your right)')
})
