import { Piece } from '@thimble/contract'
import { itemKinds } from '@thimble/core/placement'
import { applyPose, type Point } from '@thimble/core/plane'
import {
  decideStage,
  kindOf,
  type MeasurePlan,
  newPiece,
  type PieceStart,
  planMeasure,
  planPiece,
  stopsOf,
  waysToLineUp,
} from '@thimble/plan'
import { landingOf, landingTapes } from '@thimble/plan/record'
import { alongside, cornerPlaces, pairPlace, setOf } from '@thimble/plan/alongside'
import fc from 'fast-check'
import { at, mm, patched, polo, shelf } from './marramAndTide'

// All of them with `npm run endure`.
const ITEMS = process.env.THIMBLE_ENDURE ? 2000 : 25

type Design = { width: number; height: number }
const length = (value: number) => mm(String(value))

function place(
  id: string,
  kind: (typeof itemKinds)[number],
  placement: string,
  design: Design,
  choices: object,
): Piece {
  const fresh = newPiece({
    id,
    name: id,
    createdAt: at,
    item: { kind: kind.id, size: kind.usualSize, shared: 'it' },
    placement,
    family: kind.usualCloth as PieceStart['family'],
  })
  const ownDesign = { ...fresh.measure.ownDesign, width: length(design.width), height: length(design.height) }
  return Piece.parse({ ...fresh, measure: { ...fresh.measure, ownDesign, choices } })
}

const design = fc.record({ width: fc.integer({ min: 15, max: 190 }), height: fc.integer({ min: 15, max: 150 }) })
const one = fc.record({
  design,
  which: fc.nat({ max: 40 }),
  choices: fc.record({
    corner: fc.constantFrom('lower-right', 'lower-left', 'upper-left', 'upper-right'),
    side: fc.constantFrom('left', 'right'),
  }),
})
/** An item with two to four placements on it. */
const item = fc
  .record({
    kind: fc.constantFrom(...itemKinds.filter(({ placements }) => placements.length > 1)),
    on: fc.array(one, { minLength: 2, maxLength: 4 }),
  })
  .map(({ kind, on }) =>
    on.map(({ design, which, choices }, i) =>
      place(`p${i}`, kind, kind.placements[which % kind.placements.length]!.id, design, choices),
    ),
  )

/** Where the edges of a piece’s designs run, a point every millimetre or so. */
function edgesOf({ placement, design }: MeasurePlan): Point[] {
  const [w, h] = [design.width / 2, design.height / 2]
  const round = (n: number, of: (t: number) => Point): Point[] =>
    Array.from({ length: n }, (_, i) => of((2 * i) / n - 1))
  const [across, along] = [Math.ceil(2 * w), Math.ceil(2 * h)]
  const edge = [
    ...round(across, (t) => ({ x: t * w, y: -h })),
    ...round(across, (t) => ({ x: -t * w, y: h })),
    ...round(along, (t) => ({ x: w, y: t * h })),
    ...round(along, (t) => ({ x: -w, y: -t * h })),
  ]
  return placement!.copies.flatMap(({ pose }) => edge.map((p) => applyPose(pose, p)))
}

function gapOf(a: MeasurePlan, b: MeasurePlan): number {
  const inside = (p: Point, { placement, design }: MeasurePlan): boolean =>
    placement!.copies.some(({ pose }) => {
      const [dx, dy, turn] = [p.x - pose.x, p.y - pose.y, (pose.rotation * Math.PI) / 180]
      const [x, y] = [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)]
      return Math.abs(x) <= design.width / 2 && Math.abs(y) <= design.height / 2
    })
  const [ours, theirs] = [edgesOf(a), edgesOf(b)]
  if (ours.some((p) => inside(p, b)) || theirs.some((p) => inside(p, a))) return 0
  return Math.min(...ours.map((p) => Math.min(...theirs.map((q) => Math.hypot(p.x - q.x, p.y - q.y)))))
}

/** The same lie of the same part of the item. */
function onePart(a: Piece, b: Piece, plans: Map<Piece, MeasurePlan>): boolean {
  const [s, t] = [plans.get(a)!, plans.get(b)!]
  const sided = s.rule.choices?.some(({ id }) => id === 'side')
  const same = JSON.stringify(s.placement!.item.outline) === JSON.stringify(t.placement!.item.outline)
  return same && s.rule.side === t.rule.side && (!sided || a.measure.choices.side === b.measure.choices.side)
}

const near = ({ placement }: MeasurePlan): number =>
  placement!.warnings.filter(({ code }) => /^(runs-into|near):/.test(code)).length

it('no two designs of one item overlap or lie nearer than 10 mm unsaid', () => {
  let [close, clear] = [0, 0]
  fc.assert(
    fc.property(item, (pieces) => {
      const alone = new Map(pieces.map((piece) => [piece, planMeasure(piece, shelf)]))
      const planned = pieces.filter((piece) => alone.get(piece)!.placement)
      for (const piece of planned) {
        const others = planned.filter((other) => other !== piece)
        const gaps = others
          .filter((other) => onePart(piece, other, alone))
          .map((other) => gapOf(alone.get(piece)!, alone.get(other)!))
        // Where a tenth decides, an edge seen point by point cannot tell.
        if (gaps.some((gap) => gap > 9 && gap < 11.5)) continue
        const said = near(planMeasure(piece, { ...shelf, beside: others }))
        expect(said).toBe(gaps.filter((gap) => gap <= 9).length)
        if (said > 0) close++
        else clear++
      }
    }),
    { numRuns: ITEMS, seed: 7 },
  )
  expect(Math.min(close, clear)).toBeGreaterThan(ITEMS / 4)
})

it('a stage that is opened again says and stops what a fresh one does', () => {
  fc.assert(
    fc.property(item, fc.constantFrom(1, 3, 12), ([piece], larger) => {
      const kept = patched<Piece>(piece!, decideStage(piece!, 'measure', planPiece(piece!, shelf), at) ?? {})
      const { width, height } = piece!.measure.ownDesign
      const change = {
        measure: {
          ownDesign: { width: length(Number(width.text) * larger), height: length(Number(height.text) * larger) },
        },
      }
      const [fresh, again] = [
        patched<Piece>(piece!, change),
        patched<Piece>(patched(kept, { measure: { reopened: true } }), change),
      ]
      const [one, other] = [planMeasure(fresh, shelf), planMeasure(again, shelf)]
      expect([other.problems, other.placement?.warnings]).toEqual([one.problems, one.placement?.warnings])
      const decide = (p: Piece) => decideStage(p, 'measure', planPiece(p, shelf), at) !== null
      expect(decide(again)).toBe(decide(fresh))
      if (Object.keys(one.problems).length > 0) expect(decide(again)).toBe(false)
    }),
    { numRuns: ITEMS, seed: 8 },
  )
})

it('a corner is measured again by two tapes, each of its own', () => {
  const napkin = itemKinds.find(({ id }) => id === 'napkin')!
  const piece = place('n', napkin, 'corner', { width: 60, height: 40 }, { corner: 'upper-left' })
  const kept = patched<Piece>(piece, decideStage(piece, 'measure', planPiece(piece, shelf), at)!)
  const tapes = landingTapes(kept)
  expect(tapes.map(({ meant, level }) => [meant, level])).toEqual([
    [30, true],
    [30, false],
  ])
  const [a, b] = tapes.map(({ id }) => id)
  const typed = patched<Piece>(kept, { finish: { landedBy: 'tape', tapes: { [a!]: mm('28'), [b!]: mm('33') } } })
  // Seen from the upper left: 3 farther from the upper edge, 2 nearer to the left one.
  expect(landingOf(typed, 0)).toMatchObject({ dx: -2, dy: 3 })
})

it('a stripe found on the piece is there to line up with', () => {
  const stripe = {
    order: 0,
    kind: 'stripe' as const,
    name: 'Stripe',
    line: 'neck',
    down: mm('150'),
    height: mm(''),
    side: 'centre' as const,
    off: mm(''),
    width: mm(''),
  }
  const ownDesign = { width: mm('60'), height: mm('40') }
  const piece = polo({ measure: { ownDesign, zones: { z1: stripe } }, hoop: { hoopId: 'square' } })
  const { marked, hoop } = planPiece(piece, shelf)
  expect(waysToLineUp({ piece, marked, plan: hoop }).map(({ line }) => line)).toContain('own.z1')
})

it('a design past the edge stops the marks, and is said at every later stage', () => {
  const past = polo({
    measure: {
      ownDesign: { width: mm('80'), height: mm('60') },
      distances: { across: mm('330') },
    },
  })
  const plan = planMeasure(past, shelf)
  expect(plan.problems.placed).toMatch(/^The design goes \d+ mm past the item’s edge\.$/)
  expect(decideStage(past, 'measure', planPiece(past, shelf), at)).toBeNull()
  const before = patched<Piece>(past, { measure: { distances: { across: null } } })
  const kept = patched<Piece>(before, decideStage(before, 'measure', planPiece(before, shelf), at)!)
  const moved = patched<Piece>(kept, { measure: { distances: { across: mm('330') } } })
  expect(stopsOf(kept, planMeasure(kept, shelf))).toEqual([])
  expect(stopsOf(moved, planMeasure(moved, shelf)).map(({ code }) => code)).toContain('past-edge')
})

describe('more of the same item', () => {
  const fresh = (id: string) => ({ id, now: at })

  it('a pair lies mirrored about the middle, with what was measured once', () => {
    const left = polo({
      measure: {
        ownDesign: { width: mm('80'), height: mm('60') },
        distances: { across: mm('95') },
        measures: { chestWidth: mm('520') },
      },
    })
    const right = alongside(left, pairPlace(left)!, 'it', fresh('r'))
    const [a, b] = [planMeasure(left, shelf).placement!.pose, planMeasure(right, shelf).placement!.pose]
    expect([a.x, b.x, a.y - b.y]).toEqual([95, -95, 0])
    expect(right.measure.measures).toEqual(left.measure.measures)
    expect([right.item.shared, right.measure.kept, pairPlace(right)!.placement]).toEqual(['it', [], 'left-chest'])
  })

  it('a design in each corner is four pieces, and none for an item without one', () => {
    const blanket = itemKinds.find(({ id }) => id === 'blanket')!
    const first = place('b', blanket, 'corner', { width: 50, height: 50 }, { corner: 'upper-left', stands: 'upright' })
    const rest = cornerPlaces(first).map((to, i) => alongside(first, to, 'it', fresh(`b${i}`)))
    expect(rest.map(({ measure }) => measure.choices)).toEqual(
      ['lower-right', 'lower-left', 'upper-right'].map((corner) => ({ corner, stands: 'upright' })),
    )
    expect([cornerPlaces(polo()), pairPlace(first)]).toEqual([[], null])
  })

  it('a set is numbered, each with its own ticket', () => {
    let n = 0
    const set = setOf(polo(), 4, () => fresh(`s${n++}`))
    expect(set.map(({ id, run, item }) => [id, run, item.shared])).toEqual([
      ['s0', '2 of 4', null],
      ['s1', '3 of 4', null],
      ['s2', '4 of 4', null],
    ])
    expect(kindOf(set[0]!).id).toBe('polo')
  })
})
