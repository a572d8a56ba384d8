import { partHulls } from '../src/design/work'
import { type HoopField, movePartIn } from '../src/hooping'
import { partHoopings } from '../src/hooping/partHoopings'
import { type Point, rectangle } from '../src'

const square: HoopField = { shape: 'rect', width: 100, height: 100, cornerRadius: 0 }
const turns = [0, 90, 180, 270]
const boxes = (hulls: readonly (readonly Point[])[]) =>
  hulls.map((hull) => [
    Math.min(...hull.map((p) => p.x)),
    Math.max(...hull.map((p) => p.x)),
    Math.min(...hull.map((p) => p.y)),
    Math.max(...hull.map((p) => p.y)),
  ])

describe('the outlines of a group’s parts', () => {
  it('count from the middle of all of them, turned and mirrored as each is laid', () => {
    const sprig = {
      hull: [
        { x: -10, y: -5 },
        { x: 30, y: -5 },
        { x: 30, y: 5 },
        { x: -10, y: 5 },
      ],
    } as never
    const laid = partHulls([
      { design: sprig, pose: { x: 0, y: 0, rotation: 0 } },
      { design: sprig, pose: { x: 100, y: 0, rotation: 0 }, mirror: true },
      { design: sprig, pose: { x: 50, y: 20, rotation: 90 } },
    ])
    // As laid -10..30, 70..110 and 45..55 across, -5..5 and 10..50 down: the middle of all is (50, 22.5).
    expect(boxes(laid)).toEqual([
      [-60, -20, -27.5, -17.5],
      [20, 60, -27.5, -17.5],
      [-5, 5, -12.5, 27.5].map((mm) => expect.closeTo(mm, 6)),
    ])
  })
})

describe('a long design by its own parts', () => {
  const at = (x: number, width = 60) => rectangle(width, 40, { x, y: 0 })

  it('takes along its length as many at once as go in, whatever their order', () => {
    // Centres 0, 35, 150: the first two span 95 of 100; with the third, 210.
    expect(partHoopings([at(150), at(0), at(35)], square, turns, 0)).toEqual([[1, 2], [0]])
    // With 3 mm kept off the edge all round 95 is too much.
    expect(partHoopings([at(150), at(0), at(35)], square, turns, 3)).toEqual([[1], [2], [0]])
  })

  it('turns a part that goes in only so, and gives up where one goes in no way', () => {
    const long: HoopField = { ...square, height: 180 }
    expect(partHoopings([at(0, 150), at(200, 150)], long, turns, 0)).toEqual([[0], [1]])
    expect(partHoopings([at(0, 150), at(200, 150)], long, [0, 180], 0)).toBeNull()
    expect(partHoopings([at(0)], square, turns, 0)).toBeNull()
  })
})

describe('a part that is moved so that a field takes the whole', () => {
  const named = (name: string, y: number, height: number) => ({
    id: name,
    name,
    hull: rectangle(60, height, { x: 0, y }),
  })

  it('is the one that hangs over, by the least', () => {
    // A badge of 60 with a name of 20 whose foot is 110 below the badge’s head: 10 too long for 100.
    const parts = [named('the badge', 0, 60), named('the name', 70, 20)]
    const found = movePartIn({ field: square, parts, rotation: 0 })!
    // Whichever of them: by 10 toward the other.
    expect([found.dx, Math.abs(found.dy)]).toEqual([expect.closeTo(0, 6), expect.closeTo(10, 2)])
    expect(found.dy > 0).toBe(found.part === 'the badge')
  })

  it('is none where no one part would do', () => {
    const far = [named('a', 0, 90), named('b', 100, 90), named('c', 200, 90)]
    expect(movePartIn({ field: square, parts: far, rotation: 0 })).toBeNull()
  })
})
