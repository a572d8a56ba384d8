import { inWords } from './inWords'
import fc from 'fast-check'
import { type CoreError, type Design, readStitchCsv, readDesignSvg, writeStitchCsv } from '../src'
import { sizeDesign } from '../src/design/sizeDesign'
import { writeDesignSvg } from '../src/design/writeDesignSvg'

const HEAD = 'x_mm,y_mm,command,colour\n'
const list = (...rows: string[]): string => `${HEAD}${rows.join('\n')}\n`
const refusal = (text: string): Pick<CoreError, 'code' | 'path' | 'message'> => {
  try {
    readStitchCsv(text)
  } catch (error) {
    const { code, path, message } = error as CoreError
    return { code, path, message }
  }
  throw new Error('taken')
}

describe('reading a stitch list', () => {
  const design = readStitchCsv(
    list(
      '10,20,stitch,#A63A2B',
      '14,20,stitch,',
      '14,26,jump,',
      '14,26,stitch,',
      ',,trim,',
      '20,26,stitch,#1f2d38',
      '22,26,end,',
    ),
  )

  it('gives blocks by colour, with jumps and trims where they happen', () => {
    expect(design.blocks.map(({ colour, stitchCount, jumps, trims }) => [colour, stitchCount, jumps, trims])).toEqual([
      ['#a63a2b', 3, 1, 1],
      ['#1f2d38', 1, 0, 0],
    ])
    expect(design.blocks[0]!.moves).toMatchObject([
      { before: 2, kind: 'jump' },
      { before: 3, kind: 'trim' },
    ])
  })

  it('lays the origin in the middle of the stitches and remembers where they lay', () => {
    expect([design.width, design.height, design.pageBox]).toEqual([10, 6, { x: 10, y: 20 }])
    expect(design.blocks[0]!.stitches![0]).toEqual({ x: -5, y: -3 })
    expect(design.blocks[0]!.estimated).toBe(false)
  })

  it('goes on with a block when every row names its colour, and begins one when it is named again', () => {
    const each = readStitchCsv(
      list('0,0,stitch,#111111', '1,0,stitch,#111111', '2,0,stitch,#222222', '2,0,end,#222222'),
    )
    expect(each.blocks.map((b) => b.stitchCount)).toEqual([2, 1])
    const anew = readStitchCsv(list('0,0,stitch,#111111', '1,0,stitch,', '2,0,stitch,#111111', '2,0,end,'))
    expect(anew.blocks.map((b) => b.stitchCount)).toEqual([2, 1])
  })

  it('takes other column orders, quotes, line ends, a byte order mark, and comma decimals between semicolons', () => {
    const odd =
      '\uFEFF"command";note;"Colour";y_mm;x_mm\r\nstitch;a;#111111;"1,5";0\r\nstitch;;;1,5;2,25\r\nend;;;1,5;2,25\r\n'
    const { width, blocks } = readStitchCsv(odd)
    expect([width, blocks[0]!.stitchCount]).toEqual([2.25, 2])
  })

  it('tells when a list has no end', () => {
    expect(readStitchCsv(list('0,0,stitch,#111111', '3,0,stitch,')).warnings.map((w) => w.code)).toEqual(['no-end'])
  })

  it.each([
    [['0,0,stitch,'], 2, /name its colour/],
    [['0,0,stitch,#111111', '1,NaN,stitch,'], 3, /y_mm “NaN” is not a number/],
    [['0,0,stitch,#111111', '1e9,0,stitch,'], 3, /farther out than 2000 mm/],
    [['0,0,stitch,#111111', '1,0,sew,'], 3, /“sew” is not a command/],
    [['0,0,stitch,#111111', '', '1,0'], 4, /is not a command/],
    [['0,0,stitch,red'], 2, /“red” is not a colour/],
    [['0,0,stitch,#111111', '0,0,end,', '1,1,stitch,'], 4, /may follow/],
    [['0,0,stitch,#111111', ',,stitch,'], 3, /x_mm “” is not a number/],
  ])('names the line of %j', (rows, line, words) => {
    const { code, path, message } = refusal(list(...rows))
    expect([code, path]).toEqual(['bad-row', `line ${line}`])
    expect(message).toMatch(new RegExp(`^Line ${line}: `))
    expect(message).toMatch(words)
  })

  it('refuses what is no list at all', () => {
    expect(refusal('')).toMatchObject({ code: 'empty' })
    expect(refusal(HEAD)).toMatchObject({ code: 'empty' })
    expect(refusal('a,b\n1,2\n')).toMatchObject({ code: 'bad-row', path: 'line 1' })
    expect(refusal('\uFFFDPNG\r\n')).toMatchObject({
      code: 'not-a-list',
      message: 'This is a PNG picture, not a stitch list.',
    })
    const many = `${HEAD}0,0,stitch,#111111\n${'1,1,stitch,\n'.repeat(500_000)}`
    expect(refusal(many)).toMatchObject({ code: 'too-large', path: 'line 500002' })
  })
})

describe('writing a stitch list', () => {
  const hundredth = fc.integer({ min: -20_000, max: 20_000 }).map((n) => n / 100)
  const row = fc.record({
    x: hundredth,
    y: hundredth,
    command: fc.constantFrom('stitch', 'stitch', 'jump', 'trim', 'stop'),
  })
  const block = fc.record({
    colour: fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`),
    rows: fc.array(row, { minLength: 1, maxLength: 30 }),
  })

  it('gives back the very rows that were read, to a hundredth', () => {
    fc.assert(
      fc.property(fc.array(block, { minLength: 1, maxLength: 6 }), (blocks) => {
        const rows = blocks.flatMap(({ colour, rows: own }) =>
          own.map(({ x, y, command }, i) => `${x.toFixed(2)},${y.toFixed(2)},${command},${i === 0 ? colour : ''}`),
        )
        // A list in which every stitch names its colour is read another way, and has a test of its own.
        fc.pre(rows.some((text) => /stitch,$/.test(text)))
        const [x, y] = rows.at(-1)!.split(',')
        const text = list(...rows, `${x},${y},end,`).replace(/-0\.00/g, '0.00')
        expect(writeStitchCsv(readStitchCsv(text))).toBe(text)
      }),
      { numRuns: 60 },
    )
  })

  it('keeps the count of jumps and trims of a list that does not say where they were', () => {
    const design: Design = {
      source: 'stitches',
      width: 4,
      height: 0,
      hull: [],
      warnings: [],
      blocks: [
        {
          colour: '#111111',
          stitches: [
            { x: -2, y: 0 },
            { x: 2, y: 0 },
          ],
          stitchCount: 2,
          estimated: false,
          jumps: 2,
          trims: 1,
        },
      ],
    }
    expect(readStitchCsv(writeStitchCsv(design)).blocks[0]).toMatchObject({ stitchCount: 2, jumps: 2, trims: 1 })
  })

  it('is for real stitches only', () => {
    const size = sizeDesign({ width: 10, height: 10, stitches: 100, colours: ['#111111'] })
    expect(inWords(() => writeStitchCsv(size))).toThrow('Only a design with real stitches')
    expect(inWords(() => writeDesignSvg(size))).toThrow('no drawing')
  })
})

describe('writing artwork', () => {
  it('has the size it had when it is read again', () => {
    const text =
      '<svg xmlns="http://www.w3.org/2000/svg" width="90mm" height="70mm" viewBox="0 0 90 70"><path d="M9 9h40l-9 33z" fill="#3e6b4c"/><circle cx="60" cy="40" r="9" fill="none" stroke="#a63a2b" stroke-width="3"/></svg>'
    const first = readDesignSvg(text)
    const again = readDesignSvg(writeDesignSvg(first))
    expect(again.width).toBeCloseTo(first.width, 2)
    expect(again.height).toBeCloseTo(first.height, 2)
    expect(again.blocks.map((b) => b.colour)).toEqual(['#3e6b4c', '#a63a2b'])
  })

  it('draws stitches as lines 0.4 mm wide', () => {
    const svg = writeDesignSvg(readStitchCsv(list('0,0,stitch,#111111', '40,0,stitch,', '40,20,stitch,', '40,20,end,')))
    const drawn = readDesignSvg(svg)
    expect([drawn.width, drawn.height].map((mm) => Math.round(mm * 100) / 100)).toEqual([40.4, 20.4])
  })
})
