import { writeMessage } from '@thimble/language'
import { inWords } from './inWords'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { type CoreError, type DesignBlock, readDesignSvg, readStitchCsv } from '../src'
import { cuttingFile } from '../src/design/work'
import { fitNames, readTypeface, setLettering, type LetteringRequest } from '../src/lettering'
import { boxOf } from '../src/plane'

const fontFile = path.join(
  path.dirname(require.resolve('@expo-google-fonts/bitter/package.json')),
  '600SemiBold/Bitter_600SemiBold.ttf',
)
const bytes = readFileSync(fontFile)
const font = readTypeface(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer)
const set = (text: string, over: Partial<LetteringRequest> = {}) =>
  setLettering(font, { text, letterHeight: 20, colour: '#1f2d38', ...over })
const refusal = (work: () => unknown): string => {
  try {
    work()
  } catch (error) {
    const { code, path: where, message } = error as CoreError
    return `${code} ${where}: ${message}`
  }
  return 'taken'
}

describe('a line of wording', () => {
  it('is as high as its capitals are told to be', () => {
    expect(set('H').design.height).toBeCloseTo(20, 1)
    expect(set('HILT', { letterHeight: 8 }).design.height).toBeCloseTo(8, 1)
  })

  it('grows by the spacing between letters, and by nothing after the last', () => {
    const plain = set('HHH').design.width
    expect(set('HHH', { spacing: 3 }).design.width).toBeCloseTo(plain + 6, 6)
    expect(set('H', { spacing: 3 }).design.width).toBeCloseTo(set('H').design.width, 9)
  })

  it('draws letters with their holes: an O is a ring', () => {
    const [block] = set('O').design.blocks
    expect(block!.outlines).toHaveLength(2)
    const [outer, inner] = block!.outlines!.map(boxOf).sort((a, b) => a.left - b.left)
    expect(inner!.left).toBeGreaterThan(outer!.left)
    expect(inner!.right).toBeLessThan(outer!.right)
  })

  it('reads like artwork: an estimate, a trim between letters, one colour', () => {
    const { design } = set('Tide')
    expect(design).toMatchObject({ source: 'artwork', blocks: [{ colour: '#1f2d38', estimated: true, trims: 3 }] })
  })

  it('tells the height of its smallest letter, and what small letters want', () => {
    // An x is about half as high as a capital.
    const { smallestLetterMm } = set('Hx')
    expect(smallestLetterMm).toBeGreaterThan(20 * 0.5)
    expect(smallestLetterMm).toBeLessThan(20 * 0.85)
    const codes = (letterHeight: number) => set('HI', { letterHeight }).design.warnings.map((w) => w.code)
    expect([codes(8), codes(5), codes(3)]).toEqual([[], ['letters-fine'], ['letters-close']])
  })

  it.each([
    ['', {}, /^bad-wording text/],
    ['   ', {}, /^bad-wording text/],
    ['a'.repeat(61), {}, /60 letters/],
    ['Ti\u{1F9F5}de', {}, /has no “\u{1F9F5}”/u],
    ['Tide', { letterHeight: Number.NaN }, /^bad-request letterHeight/],
    ['Tide', { letterHeight: 1 }, /^bad-request letterHeight/],
    ['Tide', { spacing: 200 }, /^bad-request spacing/],
  ])('refuses “%s” %j in words', (text, over, words) => {
    expect(refusal(inWords(() => set(text, over)))).toMatch(words)
  })

  it('refuses a file that is no typeface', () => {
    expect(refusal(() => readTypeface(new ArrayBuffer(40)))).toMatch(/^bad-font/)
  })
})

const art = (inner: string): DesignBlock =>
  readDesignSvg(
    `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="80mm" viewBox="0 0 100 80">${inner}</svg>`,
  ).blocks[0]!
const cut = (block: DesignBlock, over: Partial<Parameters<typeof cuttingFile>[0]> = {}) =>
  cuttingFile({ block, overlap: 2, count: 1, clothWidth: 300, ...over })

describe('names of an order', () => {
  const names = ['Al', 'Wren', 'Bartholomew']
  const request = { by: 'height', size: 12, most: 60, spacing: 0, long: 'as-set' } as const
  /** As wide as it is when it is drawn. */
  const drawn = (name: string, letterHeight: number, spacing = 0): number =>
    set(name, { letterHeight, spacing }).design.width

  it('are as wide as they are drawn, and those wider than they may be are told', () => {
    const fitted = fitNames(font, names, request)
    for (const { name, width } of fitted) expect(width).toBeCloseTo(drawn(name, 12), 1)
    expect(fitted.map(({ tooLong }) => tooLong)).toEqual([false, false, true])
  })

  it('are mended all alike: those that are long, or all of them, in smaller letters, or those in closer ones', () => {
    const [al, , long] = fitNames(font, names, { ...request, long: 'smaller' })
    expect([al!.letterHeight, long!.long, long!.tooLong]).toEqual([12, true, false])
    expect(drawn('Bartholomew', long!.letterHeight)).toBeCloseTo(60, 1)
    const all = fitNames(font, names, { ...request, long: 'all-smaller' })
    expect(new Set(all.map(({ letterHeight }) => letterHeight)).size).toBe(1)
    expect(all[0]!.letterHeight).toBeCloseTo(long!.letterHeight, 9)
    const most = drawn('Bartholomew', 12) - 8
    const [, , closer] = fitNames(font, names, { ...request, most, long: 'closer' })
    expect([closer!.letterHeight, closer!.tooLong]).toEqual([12, false])
    expect(drawn('Bartholomew', 12, closer!.spacing)).toBeCloseTo(most, 1)
    // Closer than that nobody reads them: then it is still too long.
    const [, , never] = fitNames(font, names, { ...request, most: 20, long: 'closer' })
    expect([never!.tooLong, never!.spacing]).toEqual([true, -0.12 * 12])
  })

  it('are set to one width, their letters no higher than they may be', () => {
    const fitted = fitNames(font, names, { ...request, by: 'width', size: 50, most: 25 })
    expect(fitted[0]!.letterHeight).toBe(25)
    for (const { name, letterHeight } of fitted.slice(1)) expect(drawn(name, letterHeight)).toBeCloseTo(50, 1)
  })

  it('that cannot be set say why, and the others are set', () => {
    const fitted = fitNames(font, ['Ti🧵de', 'Wren', ''], request)
    expect(fitted.map(({ problem }) => problem && writeMessage(problem))).toEqual([
      'This typeface has no “🧵”.',
      null,
      'Type the words to stitch.',
    ])
  })
})

describe('a cutting file', () => {
  const square = art('<rect x="10" y="10" width="40" height="30"/>')

  it('grows the outline by the overlap on every side, corners rounded', () => {
    const { piece, svg } = cut(square)
    expect([piece.width, piece.height]).toEqual([expect.closeTo(44, 2), expect.closeTo(34, 2)])
    const again = readDesignSvg(svg)
    // Drawn with a line of 0.1 mm along the cut, of which half lies outside and is beyond the page.
    expect([again.width, again.height]).toEqual([expect.closeTo(44, 1), expect.closeTo(34, 1)])
    // A corner is a quarter of a circle of 2 mm: its cut lies nearer than the corner of the box.
    const corners = again.blocks[0]!.outlines!.flat().map((p) => Math.hypot(Math.abs(p.x) - 20, Math.abs(p.y) - 15))
    const beyond = again.blocks[0]!.outlines!.flat().filter((p) => Math.abs(p.x) > 20 && Math.abs(p.y) > 15)
    expect(corners.length).toBeGreaterThan(8)
    for (const p of beyond) expect(Math.hypot(Math.abs(p.x) - 20, Math.abs(p.y) - 15)).toBeLessThan(2.06)
  })

  it('lays pieces in rows across the cloth, 5 mm apart, and says what cloth they take', () => {
    // 44 and 5: six to a row of 300 (6 x 49 - 5 = 289), so ten make two rows.
    const { cloth, svg } = cut(square, { count: 10 })
    expect(cloth.width).toBeCloseTo(289, 1)
    expect(cloth.length).toBeCloseTo(34 * 2 + 5, 1)
    expect(svg.match(/<path /g)).toHaveLength(10)
    expect(svg).toMatch(/^<svg [^>]*width="28[89](\.\d+)?mm" height="7[23](\.\d+)?mm"/)
  })

  it('closes a hole smaller than the overlap and keeps a larger one', () => {
    const ring = (hole: number) =>
      art(
        `<path fill-rule="evenodd" d="M10 10H50V50H10ZM${30 - hole / 2} ${30 - hole / 2}h${hole}v${hole}h${-hole}Z"/>`,
      )
    const outlines = (hole: number) => cut(ring(hole)).svg.match(/M/g)!.length
    expect([outlines(3), outlines(12)]).toEqual([1, 2])
    // A hole of 7 mm is 3 by 3 when both its sides have grown by 2: too small a scrap to cut.
    expect(outlines(7)).toBe(1)
    expect(cut(ring(7)).warnings.map((w) => w.code)).toEqual(['holes-left', 'blades'])
  })

  it('cuts a stitch list by its closed line, or by the edge of what it fills', () => {
    const line = readStitchCsv(
      'x_mm,y_mm,command,colour\n0,0,stitch,#111111\n20,0,stitch,\n20,15,stitch,\n0,15,stitch,\n0,0,stitch,\n0,0,end,\n',
    ).blocks[0]!
    expect(cut(line).piece).toEqual({ width: expect.closeTo(24, 2), height: expect.closeTo(19, 2) })
    const rows = Array.from({ length: 41 }, (_, r) =>
      Array.from({ length: 6 }, (_, i) => `${(r % 2 ? 5 - i : i) * 4},${(r * 0.4).toFixed(2)},stitch,`),
    ).flat()
    rows[0] = `${rows[0]}#111111`
    const fill = readStitchCsv(`x_mm,y_mm,command,colour\n${rows.join('\n')}\n0,16,end,\n`).blocks[0]!
    const { piece } = cut(fill)
    expect(piece.width).toBeGreaterThan(23.9)
    expect(piece.width).toBeLessThan(24.8)
    expect(piece.height).toBeGreaterThan(19.9)
    expect(piece.height).toBeLessThan(20.8)
  })

  it('says when it falls into parts, when nothing is left to hold, and to mind the blade', () => {
    const codes = (block: DesignBlock, overlap: number) => cut(block, { overlap }).warnings.map((w) => w.code)
    expect(codes(art('<rect width="9" height="9"/><rect x="30" width="9" height="9"/>'), 2)).toEqual([
      'several-pieces',
      'blades',
    ])
    expect(codes(square, 0)).toEqual(['no-overlap', 'blades'])
  })

  it.each([
    [{ overlap: -1 }, /overlap/],
    [{ overlap: Number.NaN }, /overlap/],
    [{ count: 0 }, /count/],
    [{ count: 2.5 }, /count/],
    [{ clothWidth: 0 }, /clothWidth/],
    [{ clothWidth: 40 }, /no-room clothWidth: One piece is 4[45] mm wide/],
  ])('refuses %j in words', (over, words) => {
    expect(refusal(inWords(() => cut(square, over)))).toMatch(words)
  })
})
