import { inWords } from './inWords'
import { writeMessage } from '@thimble/language'
import { reorderDesign } from '../src/design/edit/reorderDesign'
import fc from 'fast-check'
import { type CoreError, type Design, designStats, readDesignSvg, readStitchCsv } from '../src'
import { groupDesigns, packDesign } from '../src/design/work'
import { changeDesign } from '../src/design/edit/changeDesign'
import { layGroup } from '../src/design/edit/groupDesigns'
import { unpackDesign } from '../src/design/packDesign'
import { sizeDesign } from '../src/design/sizeDesign'

const list = (...rows: string[]): Design => readStitchCsv(`x_mm,y_mm,command,colour\n${rows.join('\n')}\n`)
/** An L of stitches, 20 mm wide and 10 high; its corner is at the lower left. */
const ell = list('0,0,stitch,#a63a2b', '0,10,stitch,', '10,10,stitch,', '20,10,stitch,', '20,10,trim,', '20,10,end,')
const art = (inner: string, width = 40, height = 20): Design =>
  readDesignSvg(
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">${inner}</svg>`,
  )
const as = { scale: 1, rotate: 0, mirror: 'none' as const }
const rounded = (design: Design): [number, number][] =>
  design.blocks.flatMap((b) =>
    b.stitches!.map((p): [number, number] => [Math.round(p.x * 1e6) / 1e6 + 0, Math.round(p.y * 1e6) / 1e6 + 0]),
  )
const refusal = (work: () => unknown): Pick<CoreError, 'code' | 'path' | 'message'> => {
  try {
    work()
  } catch (error) {
    const { code, path, message } = error as CoreError
    return { code, path, message }
  }
  throw new Error('taken')
}

describe('changing a design for its place', () => {
  it('turns clockwise as seen, about its middle', () => {
    // The foot of the L runs to the right along the bottom; turned a quarter clockwise it runs down the left side.
    const turned = changeDesign(ell, { ...as, rotate: 90 })
    expect([turned.width, turned.height]).toEqual([expect.closeTo(10, 9), expect.closeTo(20, 9)])
    expect(rounded(turned)).toEqual([
      [5, -10],
      [-5, -10],
      [-5, 0],
      [-5, 10],
    ])
  })

  it('mirrors before it turns', () => {
    expect(rounded(changeDesign(ell, { ...as, mirror: 'left-right' }))[0]).toEqual([10, -5])
    expect(rounded(changeDesign(ell, { ...as, mirror: 'top-bottom' }))[0]).toEqual([-10, 5])
    expect(rounded(changeDesign(ell, { ...as, mirror: 'left-right', rotate: 90 }))[0]).toEqual([5, 10])
  })

  it('keeps the number of stitches of a list, so that its load goes by the square of the scale', () => {
    const rows = Array.from({ length: 61 }, (_, r) =>
      Array.from({ length: 11 }, (_, i) => `${(r % 2 ? 10 - i : i) * 3},${(r * 0.5).toFixed(2)},stitch,`),
    ).flat()
    rows[0] = `${rows[0]}#111111`
    const fill = list(...rows, '0,30,end,')
    const smaller = changeDesign(fill, { ...as, scale: 0.8 })
    expect(designStats(smaller).stitchCount).toBe(designStats(fill).stitchCount)
    expect(designStats(smaller).meanLoad / designStats(fill).meanLoad).toBeCloseTo(1 / 0.64, 0)
    expect(designStats(smaller).longest).toBeCloseTo(0.8 * designStats(fill).longest!, 9)
  })

  it.each([
    [1.1, null],
    [1.11, /fewer stitches per cm²/],
    [0.89, /26 % more stitches per cm²/],
    [0.8, /56 % more stitches per cm²/],
  ])('at scale %d says: %s', (scale, words) => {
    const cautions = changeDesign(ell, { ...as, scale }).warnings.filter((w) => w.code === 'scaled')
    if (words) expect(writeMessage(cautions[0]!.said)).toMatch(words)
    else expect(cautions).toEqual([])
  })

  it('refuses to scale a stitch list beyond 20 %, either way, and what is no scale', () => {
    for (const scale of [0.79, 1.21, 3])
      expect(refusal(() => changeDesign(ell, { ...as, scale }))).toMatchObject({
        code: 'too-much-scale',
        path: 'scale',
      })
    for (const scale of [0, -1, Number.NaN, Infinity])
      expect(refusal(() => changeDesign(ell, { ...as, scale })).code).toBe('bad-request')
    expect(refusal(() => changeDesign(ell, { ...as, rotate: Number.NaN })).code).toBe('bad-request')
  })

  it('works artwork out again at any scale: at twice the size four times the area and twice the rows, and strokes as wide as they are then', () => {
    const drawn = art('<rect x="5" y="2" width="30" height="16"/>')
    // Rows 0.4 mm apart of stitches of 3.5 mm and one more a row, a fifth more beneath: 480 mm2 in 40 rows, 1920 in 80.
    expect(drawn.blocks[0]!.stitchCount).toBe(Math.round((480 / 1.4 + 40) * 1.2))
    expect(changeDesign(drawn, { ...as, scale: 2 }).blocks[0]!.stitchCount).toBe(Math.round((1920 / 1.4 + 80) * 1.2))
    // A line of 0.6 mm is running stitch, 2.5 mm each; at twice the size it is satin, 0.4 mm each and a fifth beneath.
    const line = art('<path d="M5 10H35" stroke="#000" stroke-width="0.6"/>')
    expect(line.blocks[0]!.stitchCount).toBe(12)
    expect(changeDesign(line, { ...as, scale: 2 }).blocks[0]!.stitchCount).toBe(180)
  })

  it('comes back to itself by turns that make a whole one, and never changes the size of what it only turns', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 359 }), (degrees) => {
        const back = changeDesign(changeDesign(ell, { ...as, rotate: degrees }), { ...as, rotate: 360 - degrees })
        const lengths = designStats(changeDesign(ell, { ...as, rotate: degrees })).blocks[0]!.lengthMm
        expect(lengths).toBeCloseTo(30, 9)
        // The box of what was turned has another middle than the middle it was turned about, so only sizes come back.
        expect([back.width, back.height]).toEqual([expect.closeTo(20, 9), expect.closeTo(10, 9)])
      }),
    )
  })

  it('turns a design known by its size by quarters', () => {
    const size = sizeDesign({ width: 50, height: 30, stitches: 100, colours: ['#111111'] })
    expect(changeDesign(size, { ...as, rotate: 270 })).toMatchObject({ width: 30, height: 50 })
    expect(refusal(() => changeDesign(size, { ...as, rotate: 45 }))).toMatchObject({ path: 'rotate' })
  })
})

describe('a group', () => {
  const badge = art('<rect x="0" y="0" width="40" height="20" fill="#2c4a7a"/>')
  const name = art('<rect x="5" y="5" width="30" height="10" fill="#a63a2b"/>')

  it('sets a name under a badge', () => {
    const group = groupDesigns(layGroup([badge, name], 'below', 6))
    expect([group.width, group.height]).toEqual([expect.closeTo(40, 6), expect.closeTo(20 + 6 + 10, 6)])
    expect(group.blocks.map((b) => b.colour)).toEqual(['#2c4a7a', '#a63a2b'])
    expect(group.blocks.reduce((sum, b) => sum + b.stitchCount, 0)).toBe(
      badge.blocks[0]!.stitchCount + name.blocks[0]!.stitchCount,
    )
  })

  it('sets three side by side, overlapping where the gap is less than nothing', () => {
    expect(groupDesigns(layGroup([name, badge, name], 'beside', 5)).width).toBeCloseTo(30 + 40 + 30 + 10, 6)
    expect(groupDesigns(layGroup([badge, badge], 'beside', -4)).width).toBeCloseTo(76, 6)
  })

  it('mirrors a sprig about a name', () => {
    const group = groupDesigns(layGroup([name, ell], 'around', 4))
    expect(group.width).toBeCloseTo(20 + 4 + 30 + 4 + 20, 6)
    const [left, , right] = group.blocks
    const rightOf = left!.stitches!.map((p) => ({ x: -p.x, y: p.y }))
    right!.stitches!.forEach((p, i) => {
      expect(p.x).toBeCloseTo(rightOf[i]!.x, 9)
      expect(p.y).toBeCloseTo(rightOf[i]!.y, 9)
    })
    expect(group.source).toBe('artwork')
  })

  it('moves a part by what it is told, and a mirrored one the other way', () => {
    const shifted = layGroup([badge, name], 'below', 6, [
      { x: 0, y: 0 },
      { x: 12, y: -3 },
    ])
    expect(shifted[1]!.pose).toMatchObject({ x: 12, y: 10 + 6 + 5 - 3 })
    const [left, , right] = layGroup([name, ell], 'around', 4, [
      { x: 0, y: 0 },
      { x: -2, y: 5 },
    ])
    expect([left!.pose, right!.pose]).toMatchObject([
      { x: expect.closeTo(-15 - 4 - 10 - 2, 9), y: 5 },
      { x: expect.closeTo(15 + 4 + 10 + 2, 9), y: 5 },
    ])
  })

  it('stays real stitches when all of it is', () => {
    const two = groupDesigns(layGroup([ell, ell], 'below', 0))
    expect(two).toMatchObject({ source: 'stitches', width: 20, height: 20 })
    expect(designStats(two)).toMatchObject({ stitchCount: 8, trims: 2, estimated: false })
  })

  it('says why it cannot be', () => {
    const size = sizeDesign({ width: 50, height: 30, stitches: 100, colours: ['#111111'] })
    expect(refusal(() => layGroup([badge], 'below', 5)).code).toBe('bad-request')
    expect(refusal(() => layGroup([badge, name], 'below', Number.NaN)).path).toBe('gap')
    expect(refusal(inWords(() => groupDesigns(layGroup([badge, size], 'below', 5)))).message).toMatch(
      /only know by its size/,
    )
    expect(refusal(() => groupDesigns(layGroup([badge, name], 'beside', 2000))).code).toBe('too-large')
  })
})

describe('an order', () => {
  const three = list('0,0,stitch,#111111', '1,0,stitch,', '2,0,stitch,#222222', '3,0,stitch,#333333', '3,0,end,')

  it('stitches the blocks as told', () => {
    expect(reorderDesign(three, [2, 0, 1]).blocks.map((b) => b.colour)).toEqual(['#333333', '#111111', '#222222'])
  })

  it.each([[[0, 1]], [[0, 1, 1]], [[0, 1, 3]], [[0, 1, 2, 2]]])('refuses %j', (order) => {
    expect(refusal(() => reorderDesign(three, order)).path).toBe('order')
  })
})

describe('the program’s own packing', () => {
  it('keeps points to a thousandth, and moves where they are', () => {
    const design = list(
      '0,0,stitch,#111111',
      '12.34,5.67,stitch,',
      '12.34,5.67,trim,',
      '20,9,jump,',
      '20,9,stitch,',
      '20,9,end,',
    )
    const again = unpackDesign(JSON.parse(JSON.stringify(packDesign(design))))
    expect(again.blocks[0]!.moves!.map(({ before, kind }) => [before, kind])).toEqual([
      [2, 'trim'],
      [2, 'jump'],
    ])
    again.blocks[0]!.stitches!.forEach((p, i) => {
      expect(Math.abs(p.x - design.blocks[0]!.stitches![i]!.x)).toBeLessThan(0.00051)
      expect(Math.abs(p.y - design.blocks[0]!.stitches![i]!.y)).toBeLessThan(0.00051)
    })
    expect(again).toMatchObject({ width: 20, height: 9, pageBox: { x: 0, y: 0 } })
  })

  it('keeps artwork’s shapes, strokes and estimate', () => {
    const drawn = art(
      '<rect x="5" y="2" width="30" height="10"/><path d="M5 18H35" stroke="#a63a2b" stroke-width="2"/>',
    )
    const again = unpackDesign(JSON.parse(JSON.stringify(packDesign(drawn))))
    expect(designStats(again)).toMatchObject({ stitchCount: designStats(drawn).stitchCount, estimated: true })
    expect(again.blocks.map((b) => b.lines!.map((l) => l.width))).toEqual([[], [expect.closeTo(2, 9)]])
  })

  it('believes the points and not what the file claims of them', () => {
    const packed = packDesign(ell)
    const lying = {
      ...packed,
      width: 900,
      blocks: packed.blocks.map((b) => ({ ...b, stitchCount: 499_999, estimated: true, trims: 70 })),
    }
    expect(designStats(unpackDesign(lying))).toMatchObject({ width: 20, stitchCount: 4, trims: 1, estimated: false })
  })
})
