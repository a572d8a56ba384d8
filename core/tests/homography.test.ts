import fc from 'fast-check'
import { applyHomography, homographyFrom, type Point, rectangle } from '../src'

const corners = rectangle(640, 480, { x: 320, y: 240 })

describe('homographyFrom', () => {
  it('sees a plane from aslant: four corners fix it, and the crossing of the diagonals is the crossing', () => {
    const seen = [
      { x: 10, y: 20 },
      { x: 90, y: 5 },
      { x: 110, y: 95 },
      { x: -5, y: 80 },
    ]
    const view = homographyFrom(corners.map((from, i) => ({ from, to: seen[i]! })))
    corners.forEach((p, i) => {
      expect(applyHomography(view, p).x).toBeCloseTo(seen[i]!.x, 8)
      expect(applyHomography(view, p).y).toBeCloseTo(seen[i]!.y, 8)
    })
    // Straight lines stay straight: the middle of the picture lies where the quadrilateral's diagonals cross.
    const [a, c, b, d] = [seen[0]!, seen[2]!, seen[1]!, seen[3]!]
    const t =
      ((b.x - a.x) * (d.y - b.y) - (b.y - a.y) * (d.x - b.x)) / ((c.x - a.x) * (d.y - b.y) - (c.y - a.y) * (d.x - b.x))
    const middle = applyHomography(view, { x: 320, y: 240 })
    expect(middle.x).toBeCloseTo(a.x + t * (c.x - a.x), 8)
    expect(middle.y).toBeCloseTo(a.y + t * (c.y - a.y), 8)
  })

  it('takes the least squares of the distances themselves: no view near it does better', () => {
    const number = fc.double({ min: -3, max: 3, noNaN: true })
    fc.assert(
      fc.property(fc.array(fc.tuple(number, number), { minLength: 7, maxLength: 7 }), (noise) => {
        const places = [...corners, { x: 320, y: 100 }, { x: 150, y: 300 }, { x: 500, y: 220 }]
        const pairs = places.map((from, i) => ({
          from,
          to: { x: from.x * 0.2 + noise[i]![0], y: from.y * 0.2 + noise[i]![1] },
        }))
        const view = homographyFrom(pairs)
        const squares = (h: readonly number[]): number =>
          pairs.reduce((sum, { from, to }) => {
            const at = applyHomography(h as never, from)
            return sum + (at.x - to.x) ** 2 + (at.y - to.y) ** 2
          }, 0)
        const least = squares(view)
        view.forEach((value, k) => {
          for (const step of [1e-4, -1e-4])
            expect(
              squares(view.map((v, j) => (j === k ? v + step * Math.max(Math.abs(value), 1e-6) : v))),
            ).toBeGreaterThanOrEqual(least - 1e-9)
        })
      }),
      { numRuns: 30 },
    )
  })

  it.each([
    ['three places', corners.slice(0, 3)],
    ['three of four in one line', [corners[0]!, { x: 320, y: 0 }, corners[1]!, corners[2]!]],
    ['all in one line', [0, 1, 2, 3, 4].map((x): Point => ({ x, y: x }))],
    ['all on one spot', [0, 1, 2, 3].map((): Point => ({ x: 1, y: 1 }))],
  ])('refuses what leaves more than one view open: %s', (_, places) => {
    const pairs = places.map((from, i) => ({ from, to: { x: from.x + (i % 2), y: from.y } }))
    expect(() => homographyFrom(pairs)).toThrow(expect.objectContaining({ code: 'degenerate' }))
  })
})
