import fc from 'fast-check'
import {
  CoreError,
  cornerFromEdges,
  correctHooping,
  type CorrectionQuery,
  type HoopField,
  placeInHoop,
  type Point,
  type Pose,
  rectangle,
  type Remedy,
} from '../src'
import { applyPose, inversePose, rotatePoint } from '../src/plane'

const machine = { angleStep: 0.5, moveStep: 0.5, maxAngle: 45 }
const square: HoopField = { shape: 'rect', width: 100, height: 100, cornerRadius: 4 }
const target: Pose = { x: 95, y: 120, rotation: 0 }
/** Cross, dots left and right, a dot below: as a hand draws them about the design. */
const planned: Point[] = [
  { x: 95, y: 120 },
  { x: 40, y: 120 },
  { x: 150, y: 120 },
  { x: 95, y: 165 },
]
/** Where the marks come to lie when the item is hooped so that the design comes to lie at `exact`. */
const landed = (exact: Pose, at = target, marks = planned): Point[] =>
  marks.map((p) => applyPose(exact, applyPose(inversePose(at), p)))
const ask = (exact: Pose, more: Partial<CorrectionQuery> = {}): CorrectionQuery => ({
  ...{ planned, measured: landed(exact), target, hull: rectangle(84, 62), field: square, machine },
  ...more,
})
const angle = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180
const remedy = <Kind extends Remedy['kind']>(remedies: Remedy[], kind: Kind) =>
  remedies.find((r): r is Extract<Remedy, { kind: Kind }> => r.kind === kind)

describe('correctHooping', () => {
  it('finds turn and move of a cloth hooped 3.2 degrees crooked, 6 left and 9 low, and what the steps leave', () => {
    const found = correctHooping(ask({ x: -6, y: 9, rotation: 3.2 }, { hull: rectangle(40, 30) }))
    expect(found.exact.x).toBeCloseTo(-6, 9)
    expect(found.exact.y).toBeCloseTo(9, 9)
    expect(found.exact.rotation).toBeCloseTo(3.2, 9)
    expect(found.dialled).toEqual({ x: -6, y: 9, rotation: 3 })
    // A corner 25 mm from the middle swings by 2 x 25 x sin(0.1 degrees).
    expect(found.edgeError).toBeCloseTo(50 * Math.sin((0.1 * Math.PI) / 180), 9)
    expect([found.fitsExact, found.fitsDialled, found.warnings, found.remedies]).toEqual([true, true, [], []])
  })

  it('brings every design to its mark within the machine’s steps, at all four turns and mirrored', () => {
    const shift = fc.double({ min: -8, max: 8, noNaN: true })
    const input = fc.tuple(
      shift,
      shift,
      fc.double({ min: -12, max: 12, noNaN: true }),
      fc.constantFrom(0, 90, 180, 270),
      fc.boolean(),
    )
    fc.assert(
      fc.property(input, ([x, y, askew, quarter, mirrored]) => {
        const hull = rectangle(30, 20).map((p) => ({ x: (mirrored ? -1 : 1) * p.x + 2, y: p.y }))
        const truth: Pose = { x, y, rotation: quarter + askew }
        const { dialled, edgeError } = correctHooping(ask(truth, { hull }))
        // Dialled so, each point of the design lies on the item where it was to lie, but for half a step.
        const onItem = (p: Point): Point => applyPose(inversePose(truth), applyPose(dialled, p))
        const off = Math.max(...hull.map((p) => Math.hypot(onItem(p).x - p.x, onItem(p).y - p.y)))
        expect(off).toBeCloseTo(edgeError, 6)
        const farthest = Math.hypot(17, 10)
        expect(edgeError).toBeLessThanOrEqual(Math.hypot(0.25, 0.25) + (farthest * 0.25 * Math.PI) / 180 + 1e-6)
        expect(Math.abs(angle(dialled.rotation - truth.rotation))).toBeLessThanOrEqual(0.25 + 1e-9)
      }),
    )
  })

  it('turns no farther than the machine does, and says how far crooked it stays', () => {
    const stiff = { ...machine, angleStep: 1, maxAngle: 5 }
    const found = correctHooping(ask({ x: 0, y: 0, rotation: 97.4 }, { hull: rectangle(40, 30), machine: stiff }))
    expect(found.dialled.rotation).toBe(95)
    expect(found.warnings.map((w) => w.code)).toEqual(['past-its-turn'])
    const quarters = { angleStep: 90, moveStep: 0.1, maxAngle: 0 }
    expect(correctHooping(ask({ x: 0, y: 0, rotation: 3 }, { machine: quarters })).dialled.rotation).toBe(0)
  })

  it('offers ways out that work and are the least of their kind, least trouble first', () => {
    const fields: HoopField[] = [
      { shape: 'rect', width: 100, height: 90, cornerRadius: 12 },
      { shape: 'oval', width: 120, height: 96 },
      {
        shape: 'polygon',
        points: [
          { x: -50, y: -45 },
          { x: 50, y: -40 },
          { x: 45, y: 45 },
          { x: -45, y: 42 },
        ],
      },
    ]
    const hull = rectangle(76, 52)
    const shelf = [
      {
        id: 'large',
        name: 'Large',
        field: { ...square, width: 200, height: 200 },
        outside: { width: 240, height: 240 },
      },
    ]
    const input = fc.tuple(
      fc.constantFrom(...fields),
      fc.double({ min: -18, max: 18, noNaN: true }),
      fc.double({ min: -18, max: 18, noNaN: true }),
      fc.double({ min: -30, max: 30, noNaN: true }),
    )
    fc.assert(
      fc.property(input, ([field, x, y, rotation]) => {
        const exact = { x, y, rotation }
        const { fitsExact, remedies } = correctHooping(ask(exact, { hull, field, shelf }))
        const fits = (pose: Pose, scale = 1, within: HoopField = field): boolean =>
          placeInHoop({ hull: hull.map((p) => ({ x: p.x * scale, y: p.y * scale })), field: within, pose }).fits
        expect(fitsExact).toBe(fits(exact))
        if (fitsExact) return expect(remedies).toEqual([])
        const [moved, turned, scaled] = [
          remedy(remedies, 'move-cloth'),
          remedy(remedies, 'turn-cloth'),
          remedy(remedies, 'scale'),
        ]
        if (moved) {
          expect(fits({ ...exact, x: x + moved.dx, y: y + moved.dy })).toBe(true)
          // All round at a hair less than that distance, nothing fits.
          const far = Math.hypot(moved.dx, moved.dy) - 0.02
          for (let i = 0; i < 60 && far > 0; i++) {
            const [dx, dy] = [far * Math.cos((i * Math.PI) / 30), far * Math.sin((i * Math.PI) / 30)]
            expect(fits({ ...exact, x: x + dx, y: y + dy })).toBe(false)
          }
        }
        if (turned) {
          expect(fits({ ...exact, rotation: rotation + turned.degrees })).toBe(true)
          for (let d = 0; d < Math.abs(turned.degrees) - 0.02; d += 0.5)
            expect([fits({ ...exact, rotation: rotation + d }), fits({ ...exact, rotation: rotation - d })]).toEqual([
              false,
              false,
            ])
        }
        if (scaled) {
          expect(fits(exact, scaled.factor)).toBe(true)
          expect(fits(exact, scaled.factor + 0.001)).toBe(false)
        } else expect(fits(exact, 0.8)).toBe(false)
        const rank = remedies.map((r) =>
          r.kind === 'scale'
            ? r.factor >= 0.95
              ? 0
              : 9
            : ['move-part', 'move-cloth', 'turn-cloth', 'other-hoop'].indexOf(r.kind) + 1,
        )
        expect(rank).toEqual([...rank].sort((a, b) => a - b))
        expect(remedy(remedies, 'other-hoop')?.hoop).toBe(fits(exact, 1, shelf[0]!.field) ? 'large' : undefined)
      }),
      { numRuns: 150 },
    )
  })

  it('moves the one part of a grouped design that hangs over, by the least', () => {
    const parts = [
      { id: 'tern', name: 'the tern', hull: rectangle(40, 40, { x: -20, y: 0 }) },
      { id: 'name', name: 'the name', hull: rectangle(40, 10, { x: 34, y: 20 }) },
    ]
    const found = correctHooping(ask({ x: 0, y: 0, rotation: 0 }, { hull: parts.flatMap((p) => p.hull), parts }))
    // The name reaches 54, the field 50.
    expect(remedy(found.remedies, 'move-part')).toMatchObject({
      part: 'name',
      dx: expect.closeTo(-4, 5),
      dy: expect.closeTo(0, 5),
    })
  })

  it('says what hands have to do, rounded up to the tape', () => {
    const { remedies } = correctHooping(
      ask({ x: -13.3, y: -21, rotation: 0 }, { field: { ...square, cornerRadius: 0 } }),
    )
    // 84 x 62 in 100 x 100 leaves 8 and 19.
    expect(remedy(remedies, 'move-cloth')!.text).toBe(
      'Loosen, move the cloth 6 mm to the right and 2 mm toward you, and close it again.',
    )
  })

  it.each([
    ['two on one spot', 'one-spot', [0, 1, 1, 3]],
    ['two changed over', 'swapped', [0, 2, 1, 3]],
  ])('names marks that cannot be right: %s', (_, code, order) => {
    const at = landed({ x: 0, y: 0, rotation: 4 })
    const found = correctHooping(ask({ x: 0, y: 0, rotation: 4 }, { measured: order.map((i) => at[i]!) }))
    expect(found.warnings.map((w) => w.code)).toEqual([code])
  })

  it('names a mark far off the others, one outside the hoop, and a stretch no cloth has', () => {
    const at = landed({ x: 0, y: 0, rotation: 2 })
    const names = ['the cross', 'the left dot', 'the right dot', 'the foot']
    const off = [at[0]!, at[1]!, { x: at[2]!.x, y: at[2]!.y + 14 }, at[3]!]
    const texts = (measured: Point[]): string[] =>
      correctHooping({ ...ask({ x: 0, y: 0, rotation: 2 }), measured, names }).warnings.map((w) => w.text)
    expect(texts(off)).toEqual(['The right dot lies 14 mm off from where the others put it. Check it.'])
    expect(texts([at[0]!, { x: -140, y: 0 }, at[2]!, at[3]!])[0]).toBe(
      'The left dot would lie 90 mm past the field, outside the hoop. Check it.',
    )
    const wide = landed({ x: 0, y: 0, rotation: 0 })
      .slice(0, 3)
      .map((p) => ({ x: p.x * 1.12, y: p.y }))
    expect(correctHooping({ ...ask(target), planned: planned.slice(0, 3), measured: wide }).warnings[0]!.code).toBe(
      'stretch-unlikely',
    )
  })

  it('warns of a knit stretched over 2 %, and of no woven', () => {
    const stretched = landed({ x: 0, y: 0, rotation: 0 }).map((p) => ({ x: p.x * 1.026, y: p.y }))
    const asked = { ...ask(target), measured: stretched }
    expect(correctHooping({ ...asked, stretchy: true }).warnings.map((w) => w.code)).toEqual(['stretched'])
    expect(correctHooping(asked).warnings).toEqual([])
    expect(correctHooping(asked).stretch.along).toBeCloseTo(0.026, 9)
  })

  it('refuses marks that fix nothing', () => {
    const code = (work: () => unknown): string => {
      try {
        work()
      } catch (error) {
        return error instanceof CoreError ? error.code : 'other'
      }
      return 'none'
    }
    expect(
      code(() => correctHooping({ ...ask(target), planned: planned.slice(0, 1), measured: planned.slice(0, 1) })),
    ).toBe('degenerate')
    expect(code(() => correctHooping({ ...ask(target), measured: planned.slice(1) }))).toBe('bad-request')
    expect(code(() => correctHooping({ ...ask(target), machine: { ...machine, moveStep: -1 } }))).toBe('bad-machine')
  })
})

describe('cornerFromEdges', () => {
  it('finds a corner that was turned, however its points were taken', () => {
    const turned = fc.tuple(
      fc.double({ min: -179, max: 179, noNaN: true }),
      fc.double({ min: 5, max: 90, noNaN: true }),
    )
    fc.assert(
      fc.property(turned, ([turn, far]) => {
        const at = (x: number, y: number): Point => {
          const p = rotatePoint({ x, y }, turn)
          return { x: p.x + 20, y: p.y - 10 }
        }
        const found = cornerFromEdges({ a: [at(-far - 40, 0), at(-far, 0)], b: [at(0, -far), at(0, -far - 30)] })
        expect([found.corner.x, found.corner.y, found.square]).toEqual([
          expect.closeTo(20, 6),
          expect.closeTo(-10, 6),
          expect.closeTo(0, 4),
        ])
        expect(angle(found.turn - turn)).toBeCloseTo(0, 6)
      }),
    )
  })

  it('says how far it is from square, and refuses edges that run alike', () => {
    const a: [Point, Point] = [
      { x: 0, y: 0 },
      { x: 50, y: 0 },
    ]
    const edge = (degrees: number): [Point, Point] => [
      { x: 60, y: 5 },
      { x: 60 + Math.cos((degrees * Math.PI) / 180), y: 5 + Math.sin((degrees * Math.PI) / 180) },
    ]
    expect(cornerFromEdges({ a, b: edge(87) }).square).toBeCloseTo(3, 6)
    expect(cornerFromEdges({ a, b: edge(93) }).square).toBeCloseTo(3, 6)
    expect(() => cornerFromEdges({ a, b: edge(4) })).toThrow(expect.objectContaining({ code: 'degenerate' }))
    expect(() => cornerFromEdges({ a: [a[0], a[0]], b: edge(90) })).toThrow(
      expect.objectContaining({ code: 'degenerate' }),
    )
  })
})
