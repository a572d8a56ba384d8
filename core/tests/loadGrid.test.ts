import fc from 'fast-check'
import { type Design, designStats, type Point, readDesignSvg, readStitchCsv } from '../src'
import { type LoadGrid } from '../src/design'
import { eachCellCrossed } from '../src/design/cells'
import { sketchDesign } from '../src/design/sketchDesign'
import { stitchedArea } from '../src/design/stitchedArea'
import { areaOf, isInside } from '../src/plane/polygons'

const gridOf = (design: Design): LoadGrid => designStats(design).grid!
const list = (points: Point[]): Design =>
  readStitchCsv(
    `x_mm,y_mm,command,colour\n${points.map((p, i) => `${p.x.toFixed(2)},${p.y.toFixed(2)},stitch,${i === 0 ? '#111111' : ''}`).join('\n')}\n`,
  )
const art = (inner: string): Design =>
  readDesignSvg(
    `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="80mm" viewBox="0 0 100 80">${inner}</svg>`,
  )
const hundredth = fc.integer({ min: -3000, max: 3000 }).map((n) => n / 100)
const points = fc.array(fc.record({ x: hundredth, y: hundredth }), { minLength: 2, maxLength: 40 })

describe('the load grid', () => {
  it('counts every needle point once, in its own cell of the design frame', () => {
    fc.assert(
      fc.property(points, (some) => {
        const design = list(some)
        const { load, column0, row0, columns } = gridOf(design)
        // Twin: a point lies in cell floor(x / 2), floor(y / 2), and weighs 25 a cm2 there.
        const twin = new Map<number, number>()
        for (const { x, y } of design.blocks[0]!.stitches!) {
          const cell = (Math.floor(y / 2) - row0) * columns + Math.floor(x / 2) - column0
          twin.set(cell, (twin.get(cell) ?? 0) + 25)
        }
        expect(load.map((value) => Math.max(0, value))).toEqual(load.map((_, i) => twin.get(i) ?? 0))
      }),
    )
  })

  it('holds every cell a stitch runs through, and none it does not touch', () => {
    fc.assert(
      fc.property(hundredth, hundredth, hundredth, hundredth, (x1, y1, x2, y2) => {
        const seen = new Set<string>()
        eachCellCrossed({ x: x1, y: y1 }, { x: x2, y: y2 }, (c, r) => seen.add(`${c},${r}`))
        const missed: number[] = []
        for (let k = 0; k <= 2000; k++) {
          const [x, y] = [x1 + ((x2 - x1) * k) / 2000, y1 + ((y2 - y1) * k) / 2000]
          // At a cell's very edge rounding may say either.
          if ([x / 2, y / 2].some((at) => Math.abs(at - Math.round(at)) < 1e-6)) continue
          if (!seen.has(`${Math.floor(x / 2)},${Math.floor(y / 2)}`)) missed.push(k)
        }
        expect(missed).toEqual([])
        for (const cell of seen) {
          const [c, r] = cell.split(',').map(Number)
          const near = Array.from({ length: 4001 }, (_, k) => k / 4000).some((t) => {
            const [x, y] = [x1 + (x2 - x1) * t, y1 + (y2 - y1) * t]
            return x > 2 * c! - 0.05 && x < 2 * c! + 2.05 && y > 2 * r! - 0.05 && y < 2 * r! + 2.05
          })
          expect(near).toBe(true)
        }
      }),
      { numRuns: 60 },
    )
  })

  it('of artwork holds as many stitches as are worked out', () => {
    const drawn = art(
      '<rect x="5" y="5" width="31" height="17"/><circle cx="70" cy="40" r="14"/>' +
        '<path d="M10 60C30 30 50 90 90 60" fill="none" stroke="#a63a2b" stroke-width="3"/>',
    )
    const inCells = gridOf(drawn).load.reduce((sum, load) => sum + Math.max(0, load) * 0.04, 0)
    const reckoned = designStats(drawn).stitchCount
    expect(Math.abs(inCells / reckoned - 1)).toBeLessThan(0.02)
  })

  it('tells satin heavier than fill, and a plain line open', () => {
    const mean = (inner: string) => designStats(art(inner))
    // A column 2 mm wide with a crossing to every 0.4 mm: 250 stitches on 2 cm2, over cells it only half covers.
    expect(mean('<path d="M10 40H90" stroke="#111" stroke-width="2"/>').meanLoad).toBeGreaterThan(60)
    expect(mean('<path d="M10 40H90" stroke="#111" stroke-width="0.5"/>').loadClass).not.toBe('dense')
  })
})

describe('the edge of what is stitched', () => {
  const rows = (w: number, h: number): Point[] =>
    Array.from({ length: Math.round(h / 0.4) + 1 }, (_, r) =>
      Array.from({ length: Math.round(w / 3) + 1 }, (_, i) => ({ x: r % 2 ? w - i * 3 : i * 3, y: r * 0.4 })),
    ).flat()

  it('runs round a fill, and closes the gaps between its rows', () => {
    const [block] = list(rows(30, 20)).blocks
    const area = stitchedArea(block!, 0.25)
    expect(area).toHaveLength(1)
    // Half a millimetre at most beyond the needle points on every side.
    expect(areaOf(area)).toBeGreaterThan(30 * 20)
    expect(areaOf(area)).toBeLessThan(31 * 21)
  })

  it('leaves out what is not stitched: a jump, and a wide hole', () => {
    const far = readStitchCsv(
      'x_mm,y_mm,command,colour\n0,0,stitch,#111111\n10,0,stitch,\n40,0,jump,\n40,0,stitch,\n50,0,stitch,\n50,0,end,\n',
    )
    expect(stitchedArea(far.blocks[0]!, 0.25)).toHaveLength(2)
    const ring = Array.from({ length: 200 }, (_, i) => {
      const [turn, r] = [(i * Math.PI) / 50, i % 2 ? 10 : 14]
      return { x: r * Math.cos(turn), y: r * Math.sin(turn) }
    })
    const area = stitchedArea(list(ring).blocks[0]!, 0.25)
    expect([isInside(area, { x: 0, y: 0 }), isInside(area, { x: 12, y: 0.5 })]).toEqual([false, true])
  })

  it('is nothing of nothing', () => {
    const nothing = { colour: '#111111', stitches: [], stitchCount: 0, estimated: false, jumps: 0, trims: 0 }
    expect(stitchedArea(nothing, 0.5)).toEqual([])
  })
})

describe('a sketch', () => {
  const numbersIn = (design: Design): number =>
    sketchDesign(design).reduce((sum, b) => sum + b.areas.flat().length + b.lines.flat().length, 0)

  it('keeps to the design’s box within a hundredth of its size', () => {
    const drawn = art('<circle cx="40" cy="40" r="30"/><path d="M5 5L95 70" stroke="#a63a2b" stroke-width="1"/>')
    const all = sketchDesign(drawn).flatMap((b) => [...b.areas.flat(), ...b.lines.flat()])
    const xs = all.filter((_, i) => i % 2 === 0)
    expect(Math.max(...xs)).toBeCloseTo(drawn.width / 2, 0)
    expect(Math.min(...xs)).toBeCloseTo(-drawn.width / 2, 0)
  })

  it('stays small however many points the drawing has', () => {
    const wavy = (n: number) =>
      `<path d="M${Array.from({ length: n }, (_, i) => `${50 + (30 + 3 * Math.sin(i)) * Math.cos((i * 2 * Math.PI) / n)} ${40 + 30 * Math.sin((i * 2 * Math.PI) / n)}`).join('L')}Z"/>`
    expect(numbersIn(art(wavy(40)))).toBeGreaterThan(40)
    expect(numbersIn(art(wavy(20_000)))).toBeLessThan(9700)
  })

  it('draws an open line of stitches as a line, and a fill as an area', () => {
    const line = list(Array.from({ length: 30 }, (_, i) => ({ x: i * 2.5, y: 10 * Math.sin(i / 4) })))
    expect(sketchDesign(line)[0]).toMatchObject({ areas: [], lines: [expect.any(Array)] })
    const fill = list(Array.from({ length: 600 }, (_, i) => ({ x: (i % 2) * 6, y: i * 0.05 })))
    expect(sketchDesign(fill)[0]).toMatchObject({ areas: [expect.any(Array)], lines: [] })
  })
})
