import { writeMessage } from '@thimble/language'
import { type Design, designStats, readDesignSvg, readStitchCsv, writeStitchCsv } from '../src'
import { summariseDesign } from '../src/design/work'
import { sizeDesign } from '../src/design/sizeDesign'
import { writeDesignSvg } from '../src/design/writeDesignSvg'
import { areaOf } from '../src/plane/polygons'
import { guessKind } from '../src/design/guessKind'
import { smallLetterAdvice } from '../src/design/smallLetterAdvice'

const art = (inner: string): Design =>
  readDesignSvg(
    `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="80mm" viewBox="0 0 100 80">${inner}</svg>`,
  )
const list = (...rows: string[]): Design => readStitchCsv(`x_mm,y_mm,command,colour\n${rows.join('\n')}\n`)

describe('artwork written out', () => {
  const drawn = art(
    '<path fill="#3e6b4c" fill-rule="evenodd" d="M10 10H50V50H10ZM20 20V40H40V20Z"/>' +
      '<circle cx="70" cy="40" r="12" fill="#a63a2b"/><path d="M5 70H95" stroke="#1f2d38" stroke-width="3"/>',
  )
  const again = readDesignSvg(writeDesignSvg(drawn))

  it('covers the same areas in the same colours and order, holes and all', () => {
    expect(again.blocks.map((b) => b.colour)).toEqual(drawn.blocks.map((b) => b.colour))
    again.blocks.forEach((block, i) =>
      expect(areaOf(block.outlines!)).toBeCloseTo(areaOf(drawn.blocks[i]!.outlines!), 0),
    )
    // 40 by 40 less 20 by 20; a circle of 12; 90 by 3.
    expect(again.blocks.map((b) => Math.round(areaOf(b.outlines!)))).toEqual([1200, Math.round(Math.PI * 144), 270])
  })

  it('is a page of its own size in millimetres', () => {
    const text = writeDesignSvg(drawn)
    expect(text).toMatch(
      /^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" width="90mm" height="61.5mm" viewBox="-45 -30.75 90 61.5">/,
    )
    expect(again.warnings).toEqual([])
  })

  it('says nothing but shapes and colours', () => {
    expect(writeDesignSvg(drawn).replace(/<\/?svg[^>]*>|<path [^>]*\/>|\s/g, '')).toBe('')
  })
})

describe('a stitch list written out', () => {
  it('has two decimals, no minus nought, the colour once a block, and an end', () => {
    const text = writeStitchCsv(
      list('-0.001,0,stitch,#111111', '1.005,2,stitch,', '3,2,stop,', '4,-0.004,stitch,#222222', '4,0,end,'),
    )
    expect(text.split('\n')).toEqual([
      'x_mm,y_mm,command,colour',
      '0.00,0.00,stitch,#111111',
      expect.stringMatching(/^1\.0[01],2\.00,stitch,$/),
      '3.00,2.00,stop,',
      '4.00,0.00,stitch,#222222',
      '4.00,0.00,end,',
      '',
    ])
  })
})

describe('what a card says of a design', () => {
  it('is what was measured, without the points', () => {
    const design = list(
      '0,0,stitch,#111111',
      '10,0,stitch,',
      '10,5,stitch,#222222',
      '0,5,stitch,',
      '0,5,trim,',
      '0,5,end,',
    )
    const { width, height, stitches, colours, summary } = summariseDesign(design)
    expect([width, height, stitches, colours]).toEqual([10, 5, 4, ['#111111', '#222222']])
    expect(summary).toMatchObject({ colourChanges: 1, trims: 1, jumps: 0, longest: 10, shortest: 10, estimated: false })
    expect(summary.blocks.map((b) => b.lengthMm)).toEqual([10, 10])
    // A box of four corners, x and y in turn.
    expect(summary.hull).toHaveLength(8)
    expect(JSON.stringify(summary)).not.toContain('"stitches":[')
  })

  it('of one known by size has no hull to go by but its box', () => {
    const { summary } = summariseDesign(sizeDesign({ width: 30, height: 20, stitches: 600, colours: ['#111111'] }))
    expect([Math.max(...summary.hull), summary.sketch[0]]).toEqual([15, { areas: [], lines: [] }])
  })
})

describe('the first guess at what a drawing is', () => {
  const guess = (design: Design) => guessKind(design, designStats(design))

  it('goes by what most of its stitches go into', () => {
    expect(guess(art('<rect width="60" height="60"/><path d="M0 70H90" stroke="#111"/>'))).toBe('fill')
    expect(guess(art('<path d="M0 70H90" stroke="#111" stroke-width="4"/>'))).toBe('satin')
    expect(guess(art('<path d="M0 70H90" stroke="#111" stroke-width="0.6" fill="none"/>'))).toBe('line')
  })

  it('of a stitch list goes by its load', () => {
    expect(guess(list(...Array.from({ length: 30 }, (_, i) => `${i * 3},0,stitch,${i ? '' : '#111111'}`)))).toBe('line')
    expect(
      guess(
        list(
          ...Array.from(
            { length: 900 },
            (_, i) => `${(i % 30) * 0.7},${Math.floor(i / 30) * 0.7},stitch,${i ? '' : '#111111'}`,
          ),
        ),
      ),
    ).toBe('fill')
  })
})

describe('small letters', () => {
  it('want finer thread under 6 mm and close up under 4', () => {
    const codes = [8, 6, 5.99, 4, 3.99, 1].map(
      (mm) => smallLetterAdvice(mm).map((a) => a.code)[0] ?? 'fine as they are',
    )
    expect(codes).toEqual([
      'fine as they are',
      'fine as they are',
      'letters-fine',
      'letters-fine',
      'letters-close',
      'letters-close',
    ])
    expect(writeMessage(smallLetterAdvice(3.99)[0]!.said)).toMatch(/3\.9 mm high/)
  })
})
