import fc from 'fast-check'
import { type Design, readDesignSvg } from '../src'

const page = (inner: string, attributes = 'width="200mm" height="160mm" viewBox="0 0 200 160"'): Design =>
  readDesignSvg(`<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inner}</svg>`)
type Box = { left: number; top: number; right: number; bottom: number }
const boxOn = ({ pageBox, width, height }: Design): Box => ({
  left: pageBox!.x,
  top: pageBox!.y,
  right: pageBox!.x + width,
  bottom: pageBox!.y + height,
})
const same = (seen: Box, expected: Box, within: number): void => {
  for (const edge of ['left', 'top', 'right', 'bottom'] as const)
    expect(Math.abs(seen[edge] - expected[edge])).toBeLessThan(within)
}
const angle = fc.integer({ min: -180, max: 180 })
const some = (min: number, max: number) => fc.integer({ min, max })
const rad = (degrees: number): number => (degrees * Math.PI) / 180

describe('boxes worked out by hand', () => {
  it('of an ellipse turned any way: the root of the squares of its half axes as they lie', () => {
    fc.assert(
      fc.property(some(2, 40), some(2, 40), angle, some(0, 4), (rx, ry, turn, stroke) => {
        const [c, s] = [Math.cos(rad(turn)), Math.sin(rad(turn))]
        const half = { x: Math.hypot(rx * c, ry * s), y: Math.hypot(rx * s, ry * c) }
        const around = (grow: number): Box => ({
          ...{ left: 100 - half.x - grow, right: 100 + half.x + grow },
          ...{ top: 80 - half.y - grow, bottom: 80 + half.y + grow },
        })
        const ellipse = (more: string) =>
          page(`<ellipse rx="${rx}" ry="${ry}" transform="translate(100 80) rotate(${turn})" ${more}/>`)
        same(boxOn(ellipse('')), around(0), 0.02)
        // A stroke reaches half its width beyond, whichever way it lies.
        if (stroke > 0) same(boxOn(ellipse(`stroke="#111" stroke-width="${stroke}"`)), around(stroke / 2), 0.02)
      }),
      { numRuns: 60 },
    )
  })

  it('of a cubic: its ends and where it turns, from the roots of its derivative', () => {
    const coordinate = some(20, 140)
    fc.assert(
      fc.property(
        fc.tuple(coordinate, coordinate, coordinate, coordinate),
        fc.tuple(coordinate, coordinate, coordinate, coordinate),
        (xs, ys) => {
          const extent = ([a, b, c, d]: number[]): [number, number] => {
            const at = (t: number): number =>
              (1 - t) ** 3 * a! + 3 * (1 - t) ** 2 * t * b! + 3 * (1 - t) * t * t * c! + t ** 3 * d!
            const [p, q, r] = [3 * (-a! + 3 * b! - 3 * c! + d!), 6 * (a! - 2 * b! + c!), 3 * (b! - a!)]
            const roots =
              p === 0 ? [-r / q] : [-1, 1].map((sign) => (-q + sign * Math.sqrt(q * q - 4 * p * r)) / (2 * p))
            const all = [a!, d!, ...roots.filter((t) => t > 0 && t < 1).map(at)]
            return [Math.min(...all), Math.max(...all)]
          }
          const [[left, right], [top, bottom]] = [extent(xs), extent(ys)]
          fc.pre(right - left > 1 && bottom - top > 1)
          const d = `M${xs[0]} ${ys[0]}C${xs[1]} ${ys[1]} ${xs[2]} ${ys[2]} ${xs[3]} ${ys[3]}`
          // Painted with a hair of a stroke: the area that a curve with its chord encloses may be nothing.
          const drawn = page(`<path d="${d}" fill="none" stroke="#111" stroke-width="0.01" stroke-linecap="round"/>`)
          same(boxOn(drawn), { left, right, top, bottom }, 0.03)
        },
      ),
      { numRuns: 120 },
    )
  })

  it('of a rectangle under a chain of transforms: its corners, one matrix after the other', () => {
    const part = fc.oneof(
      fc.record({ kind: fc.constant('translate' as const), a: some(-20, 20), b: some(-20, 20) }),
      fc.record({ kind: fc.constant('rotate' as const), a: angle, b: fc.constant(0) }),
      fc.record({ kind: fc.constant('scale' as const), a: some(1, 3), b: some(-2, -1) }),
      fc.record({ kind: fc.constant('skewX' as const), a: some(-40, 40), b: fc.constant(0) }),
    )
    fc.assert(
      fc.property(fc.array(part, { maxLength: 4 }), fc.boolean(), (parts, nested) => {
        const map = (p: { x: number; y: number }) =>
          [...parts].reverse().reduce(({ x, y }, { kind, a, b }) => {
            if (kind === 'translate') return { x: x + a, y: y + b }
            if (kind === 'scale') return { x: x * a, y: y * b }
            if (kind === 'skewX') return { x: x + y * Math.tan(rad(a)), y }
            const [c, s] = [Math.cos(rad(a)), Math.sin(rad(a))]
            return { x: x * c - y * s, y: x * s + y * c }
          }, p)
        const corners = [
          [1, 2],
          [13, 2],
          [13, 9],
          [1, 9],
        ].map(([x, y]) => map({ x: x!, y: y! }))
        const text = parts.map(({ kind, a, b }) =>
          kind === 'translate' || kind === 'scale' ? `${kind}(${a} ${b})` : `${kind}(${a})`,
        )
        const rect = '<rect x="1" y="2" width="12" height="7"/>'
        const inner = nested
          ? text.reduceRight((inside, t) => `<g transform="${t}">${inside}</g>`, rect)
          : `<g transform="${text.join(' ')}">${rect}</g>`
        // An open page, so that nothing is cut off.
        const drawn = page(inner, 'data-open=""')
        const mm = 25.4 / 96
        const of = (pick: (...n: number[]) => number, axis: 'x' | 'y') => pick(...corners.map((p) => p[axis])) * mm
        same(
          boxOn(drawn),
          { left: of(Math.min, 'x'), right: of(Math.max, 'x'), top: of(Math.min, 'y'), bottom: of(Math.max, 'y') },
          0.005,
        )
      }),
      { numRuns: 150 },
    )
  })

  it('of a page in any unit: as many millimetres as its units are', () => {
    const units = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6, px: 25.4 / 96, '': 25.4 / 96 }
    fc.assert(
      fc.property(fc.constantFrom(...Object.keys(units)), some(5, 60), some(20, 900), (unit, size, box) => {
        const mm = size * units[unit as keyof typeof units]
        fc.pre(mm > 1)
        const drawn = page(
          `<rect x="${box / 4}" width="${box / 2}" height="${box / 2}"/>`,
          `width="${size}${unit}" height="${size}${unit}" viewBox="0 0 ${box} ${box}"`,
        )
        expect(Math.abs(drawn.width - mm / 2)).toBeLessThan(0.001)
        expect(Math.abs(drawn.pageBox!.x - mm / 4)).toBeLessThan(0.001)
      }),
    )
  })

  it('of dashes: from the first that is drawn to the last', () => {
    const line = (offset: number) =>
      boxOn(
        page(
          `<path d="M20 40H120" stroke="#111" stroke-width="2" stroke-dasharray="15 10" stroke-dashoffset="${offset}"/>`,
        ),
      )
    // 100 long: on 0-15, 25-40, 50-65, 75-90; shifted by 15 it begins with a gap of 10 and ends at 100.
    expect([line(0).left, line(0).right]).toEqual([expect.closeTo(20, 3), expect.closeTo(110, 3)])
    expect([line(15).left, line(15).right]).toEqual([expect.closeTo(30, 3), expect.closeTo(120, 3)])
  })
})
