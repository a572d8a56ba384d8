import { writeMessage } from '@thimble/language'
import fc from 'fast-check'
import { planPlacement } from '../src'
import { markingMeans } from '../src/marking'
import { customItem, walkOutline } from '../src/placement'
import { clothFamilies } from '../src/recipe'

const edges = (...lengths: number[]) => lengths.map((length) => ({ length, turn: null as number | null }))
const round = (points: { x: number; y: number }[]) =>
  points.map((p) => [Math.round(p.x * 100) / 100 || 0, Math.round(p.y * 100) / 100 || 0])
const code = (run: () => unknown): string => {
  try {
    run()
    return 'fine'
  } catch (error) {
    return (error as { code: string }).code
  }
}

describe('an outline by its edge lengths', () => {
  it.each([
    [
      'rectangle',
      edges(300, 400, 300, 400),
      [
        [0, 0],
        [300, 0],
        [300, 400],
        [0, 400],
      ],
    ],
    // 3-4-5: the right angle where the edges of 300 and 400 meet.
    [
      'triangle',
      edges(300, 400, 500),
      [
        [0, 0],
        [300, 0],
        [300, 400],
      ],
    ],
    [
      'pennant',
      edges(200, 250, 250),
      [
        [0, 0],
        [200, 0],
        [100, 229.13],
      ],
    ],
    // Legs of 50 over a difference of 60: 40 high.
    [
      'tapered panel',
      edges(100, 50, 160, 50),
      [
        [0, 0],
        [100, 0],
        [130, 40],
        [-30, 40],
      ],
    ],
    [
      'L',
      [100, 60, 40, 60, 60, 120].map((length, i) => ({ length, turn: [90, 90, -90, 90, 90, 90][i]! })),
      [
        [0, 0],
        [100, 0],
        [100, 60],
        [60, 60],
        [60, 120],
        [0, 120],
      ],
    ],
  ] as const)('walks a %s', (_, given, corners) => expect(round(walkOutline(given))).toEqual(corners))

  it.each([
    [edges(100, 50, 30), 'open-outline'],
    [edges(100, 50, 100, 90), 'open-outline'],
    [edges(100, 50), 'bad-edge'],
    [edges(100, 0, 100, 50), 'bad-edge'],
    [[100, 60, 40, 60, 60, 90].map((length, i) => ({ length, turn: [90, 90, -90, 90, 90, 90][i]! })), 'open-outline'],
  ])('%j is %s', (given, expected) => expect(code(() => walkOutline(given))).toBe(expected))

  it('keeps the lengths it was given, whatever their turns close to', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 400 }),
        fc.integer({ min: 50, max: 400 }),
        fc.integer({ min: 20, max: 300 }),
        fc.integer({ min: 0, max: 200 }),
        (top, side, more, slide) => {
          const bottom = top + more
          const other = Math.hypot(bottom - top + slide, Math.sqrt(Math.max(1, side * side - slide * slide)))
          fc.pre(slide < side)
          const corners = walkOutline(edges(top, other, bottom, side))
          return [top, other, bottom, side].every((length, i) => {
            const [a, b] = [corners[i]!, corners[(i + 1) % 4]!]
            return Math.abs(Math.hypot(a.x - b.x, a.y - b.y) - length) < 1e-6
          })
        },
      ),
    )
  })
})

it('is planned like any other item: lines to count from, strips kept free', () => {
  const kind = customItem({
    name: 'Apron pocket',
    edges: edges(200, 160, 200, 160),
    lines: [{ name: 'Dart', axis: 'upright', at: 60 }],
    strips: [{ edge: 1, depth: 15 }],
  })
  const measures = { edge1: 200, edge2: 160, edge3: 200, edge4: 160 }
  const plan = (more: object) =>
    planPlacement({ kind, placement: 'centred', measures, design: { width: 60, height: 40 }, ...more })
  expect(plan({}).pose).toEqual({ x: 0, y: 80, rotation: 0 })
  expect(
    plan({ anchors: { across: { line: 'line1', edge: 'start' } }, distances: { 'middle@line1.start': 10 } }).pose.x,
  ).toBe(-100 + 60 + 10 + 30)
  const high = plan({ distances: { 'middleDown@top.start': 10 }, anchors: { down: { line: 'top', edge: 'start' } } })
  expect(high.warnings.map((w) => w.text)).toContain('The design lies on the strip along edge 1.')
})

describe('marking means', () => {
  const first = (family: (typeof clothFamilies)[number], dark: boolean) => markingMeans({ family, dark })[0]!.id
  it.each([
    ['terry', false, 'tape-arrow'],
    ['velvet-plush', true, 'tape-arrow'],
    ['pique', true, 'chalk'],
    ['linen', false, 'wash-out-pen'],
    ['coated', true, 'sticker'],
    ['performance', false, 'sticker'],
  ] as const)('for %s, dark %s: %s', (family, dark, id) => expect(first(family, dark)).toBe(id))

  it('never offers what harms the cloth, and gives every way its remover and caution', () => {
    for (const family of clothFamilies)
      for (const dark of [true, false]) {
        const all = markingMeans({ family, dark })
        expect(all).toHaveLength(9)
        expect(all[0]!.suits).toBe(true)
        for (const way of all)
          expect([way.why, way.removedBy, way.caution].every((t) => /\.$/.test(writeMessage(t)))).toBe(true)
        const suits = all.filter((w) => w.suits).map((w) => w.id)
        if (family === 'coated') expect(suits).not.toEqual(expect.arrayContaining(['pin-through']))
        if (family === 'velvet-plush')
          for (const bad of ['crease', 'chalk', 'wash-out-pen']) expect(suits).not.toContain(bad)
        if (dark) expect(suits).not.toContain('wash-out-pen')
      }
  })
})
