import { designStats, readDesignSvg, readStitchCsv, threadUse } from '../src'
import { sizeDesign } from '../src/design/sizeDesign'

const list = (...rows: string[]) => readStitchCsv(`x_mm,y_mm,command,colour\n${rows.join('\n')}\n`)

describe('measuring a stitch list', () => {
  const design = list(
    '0,0,stitch,#a63a2b',
    '3,4,stitch,',
    '3,4.3,stitch,',
    '20,4.3,stitch,',
    ',,trim,',
    '40,4.3,jump,',
    '40,4.3,stitch,',
    '42,4.3,stitch,',
    '42,4.3,stitch,#1f2d38',
    '42,6.3,stitch,',
    '42,6.3,stitch,#1f2d38',
    '42,9.3,stitch,',
    '42,9.3,end,',
  )
  const stats = designStats(design)

  it('counts stitches, jumps, trims and changes; two blocks of one colour are no change', () => {
    expect(stats).toMatchObject({ stitchCount: 10, jumps: 1, trims: 1, colourChanges: 1, estimated: false })
  })

  it('adds lengths from needle point to needle point, not across what was cut off', () => {
    // 5 + 0.3 + 17, then 2 after the trim; the 20 mm between were never sewn.
    expect(stats.blocks[0]!.lengthMm).toBeCloseTo(24.3, 9)
    expect(stats.blocks.slice(1).map((b) => b.lengthMm)).toEqual([expect.closeTo(2, 9), expect.closeTo(3, 9)])
  })

  it('finds the shortest and longest, and those a machine does not like', () => {
    expect(stats.longest).toBeCloseTo(17, 9)
    expect(stats.shortest).toBeCloseTo(0.3, 9)
    expect([stats.short, stats.long]).toEqual([1, 1])
  })

  it('works out the load over the cells that are stitched', () => {
    // Along one row of cells: 21 needle points 1 mm apart on 20 mm. The ends are the middle of the design frame's
    // cells from -10 to 10: ten cells of two points, and the last point in an eleventh.
    const row = list('0,0,stitch,#111111', ...Array.from({ length: 20 }, (_, i) => `${i + 1},0,stitch,`), '20,0,end,')
    const { grid, meanLoad, load95 } = designStats(row)
    expect(grid!.load.filter((load) => load >= 0)).toEqual([...Array.from({ length: 10 }, () => 50), 25])
    expect(meanLoad).toBeCloseTo((10 * 50 + 25) / 11, 9)
    expect(load95).toBe(50)
  })

  it('counts a cell that is only crossed as stitched, so that a single line is open work', () => {
    const { meanLoad, loadClass } = designStats(list('0,0,stitch,#111111', '10,0,stitch,', '20,0,stitch,', '20,0,end,'))
    // Three points on eleven cells of 2 mm.
    expect(meanLoad).toBeCloseTo((3 * 25) / 11, 9)
    expect(loadClass).toBe('outline')
  })

  it('calls a fill of rows 0.4 mm apart with stitches of 4 mm medium, at 62.5 a cm²', () => {
    const rows = Array.from({ length: 101 }, (_, r) =>
      Array.from({ length: 11 }, (_, i) => `${(r % 2 ? 10 - i : i) * 4},${(r * 0.4).toFixed(2)},stitch,`),
    ).flat()
    rows[0] = `${rows[0]}#111111`
    const { meanLoad, loadClass } = designStats(list(...rows, '0,40,end,'))
    expect(meanLoad).toBeGreaterThan(58)
    expect(meanLoad).toBeLessThan(68)
    expect(loadClass).toBe('medium')
  })
})

describe('measuring artwork and sizes', () => {
  it('works out the load of artwork from its areas: a plain fill is 75 to 95 a cm²', () => {
    const stats = designStats(
      readDesignSvg(
        '<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="40mm" viewBox="0 0 60 40"><rect x="10" y="8" width="40" height="24"/></svg>',
      ),
    )
    expect(stats).toMatchObject({ stitchCount: 895, estimated: true, loadClass: 'medium', longest: null })
    // 960 mm2 in 60 rows: (960 / 1.4 + 60) x 1.2 stitches on 9.6 cm2.
    expect(stats.meanLoad).toBeCloseTo(((960 / 1.4 + 60) * 1.2) / 9.6, 6)
    // Rows 0.4 mm apart laid end to end with the step between them, a fifth more beneath.
    expect(stats.blocks[0]!.lengthMm).toBeCloseTo((960 / 0.4 + 60 * 0.4) * 1.2, 3)
  })

  it('takes a block of which only outlines are known to be filled', () => {
    const square = [0, 1, 2, 3].map((i) => ({ x: i === 1 || i === 2 ? 10 : -10, y: i > 1 ? 10 : -10 }))
    const block = { colour: '#111111', outlines: [square], stitchCount: 250, estimated: true, jumps: 0, trims: 0 }
    const stats = designStats({
      ...{ source: 'artwork' as const, width: 20, height: 20, hull: square, warnings: [] },
      blocks: [block],
    })
    // 400 mm2 in 50 rows of 0.4 mm.
    expect(stats).toMatchObject({ stitchCount: 250, loadClass: 'dense' })
    expect(stats.meanLoad).toBeCloseTo(((400 / 1.4 + 50) * 1.2) / 4, 6)
    expect(stats.blocks[0]!.lengthMm).toBeCloseTo((1000 + 20) * 1.2, 3)
  })

  it('takes a size at its word and shares its stitches among its colours', () => {
    const stats = designStats(
      sizeDesign({ width: 50, height: 40, stitches: 1001, colours: ['#111111', '#222222', '#111111'] }),
    )
    expect(stats.blocks.map((b) => b.stitches)).toEqual([335, 333, 333])
    expect(stats).toMatchObject({ stitchCount: 1001, estimated: true, colourChanges: 2, grid: null, meanLoad: 71.5 })
  })
})

describe('thread', () => {
  const block = (colour: string, stitches: number, lengthMm: number, trims = 0, estimated = false) => ({
    colour,
    stitches,
    lengthMm,
    trims,
    jumps: 0,
    estimated,
  })

  it('is worked out from real stitches, with trims and changes on the colour threaded', () => {
    const use = threadUse({
      design: { blocks: [block('#111111', 1000, 3000), block('#222222', 500, 2000, 2), block('#111111', 100, 200)] },
      stackThickness: 1.5,
    })
    // 1.05 x length + 1.4 x 1.5 a stitch, in metres; then 0.1 a trim and 0.3 a change.
    expect(use.byBlock.map((b) => b.topMetres)).toEqual([
      expect.closeTo(3.15 + 2.1, 9),
      expect.closeTo(2.1 + 1.05 + 0.2 + 0.3, 9),
      expect.closeTo(0.21 + 0.21 + 0.3, 9),
    ])
    expect(use.bobbinMetres).toBeCloseTo(0.55 * 5.2 + 1600 * 0.6 * 1.5 * 0.001, 9)
    expect(use.byColour).toEqual([
      { colour: '#111111', topMetres: expect.closeTo(5.25 + 0.72, 9) },
      { colour: '#222222', topMetres: expect.closeTo(3.65, 9) },
    ])
  })

  it('is 5.2 and 3.0 m a thousand from a count alone, and the shop’s factor multiplies all', () => {
    const design = { blocks: [block('#111111', 8000, 0, 3, true), block('#222222', 2000, 0, 1, true)] }
    expect(threadUse({ design, stackThickness: 1 })).toMatchObject({ topMetres: 52, bobbinMetres: 30 })
    expect(threadUse({ design, stackThickness: 1, shopFactor: 1.1 }).topMetres).toBeCloseTo(57.2, 9)
    // A length that was worked out goes before the figures by count.
    const drawn = { blocks: [block('#111111', 1000, 3000, 0, true)] }
    expect(threadUse({ design: drawn, stackThickness: 1 }).topMetres).toBeCloseTo(3.15 + 1.4, 9)
  })

  it('refuses a stack or a factor that cannot be', () => {
    const design = { blocks: [block('#111111', 10, 30)] }
    expect(() => threadUse({ design, stackThickness: Number.NaN })).toThrow('thickness')
    expect(() => threadUse({ design, stackThickness: 1, shopFactor: 0 })).toThrow('factor')
  })
})
