import { DesignFile } from '@thimble/contract'
import type { CoreError } from '@thimble/core/errors'
import { asStitched, readStitchCsv } from '@thimble/core/design/work'
import { readDesignFile } from '@/workers/readDesignFile'
import { TextDecoder as Decoder } from 'node:util'

// The test environment brings a decoder of its own that knows UTF-8 alone; the browser's knows them all.
globalThis.TextDecoder = Decoder as typeof TextDecoder

const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="20mm"><rect width="60" height="40"/></svg>'
const csv = 'x_mm,y_mm,command,colour\n0,0,stitch,#111111\n10,0,stitch,\n30,0,stitch,#222222\n30,8,stitch,\n30,8,end,\n'
const bytes = (text: string): Uint8Array => new TextEncoder().encode(text)
const utf16 = (text: string, little: boolean): Uint8Array => {
  const codes = [0xfeff, ...text].map((c) => (typeof c === 'number' ? c : c.charCodeAt(0)))
  return Uint8Array.from(codes.flatMap((c) => (little ? [c & 255, c >> 8] : [c >> 8, c & 255])))
}
const refusal = (name: string, content: Uint8Array): Pick<CoreError, 'code' | 'message' | 'said'> => {
  try {
    readDesignFile(name, content)
  } catch (error) {
    const { code, message, said } = error as CoreError
    return { code, message, said }
  }
  throw new Error('taken')
}

describe('a file on its way onto the shelf', () => {
  it('is named after its name, and told by what it is', () => {
    expect(readDesignFile('marram_row  2.SVG', bytes(svg))).toMatchObject({ name: 'marram row 2', source: 'artwork' })
    expect(readDesignFile('rows.csv', bytes(csv))).toMatchObject({ name: 'rows', source: 'stitches', stitches: 4 })
  })

  it('is told by its content when its name says nothing', () => {
    expect(readDesignFile('leaf', bytes(svg)).source).toBe('artwork')
    expect(readDesignFile('rows.txt', bytes(csv)).source).toBe('stitches')
  })

  it('is told by its content when its name says something else', () => {
    expect(readDesignFile('leaf.csv', bytes(svg)).source).toBe('artwork')
    expect(readDesignFile('rows.svg', bytes(csv)).source).toBe('stitches')
    // Its own file, whatever its texts say, is no list of stitches.
    expect(refusal('plan', bytes('{"name":"x_mm and y_mm"}')).code).toBe('bad-file')
    expect(refusal('notes.txt', bytes('buy thread')).code).toBe('unknown-file')
  })

  it('is read in the encoding it is written in', () => {
    for (const little of [true, false])
      expect(readDesignFile('rows.csv', utf16(csv, little)).colours).toEqual(['#111111', '#222222'])
    const latin = '<?xml version="1.0" encoding="iso-8859-1"?><!-- gr\u00fcn -->' + svg
    expect(readDesignFile('leaf.svg', Uint8Array.from([...latin].map((c) => c.charCodeAt(0)))).source).toBe('artwork')
  })

  it('is refused in words when it is too large, cut short, or not what its name says', () => {
    expect(refusal('large.csv', new Uint8Array(10_000_001))).toMatchObject({ code: 'too-large' })
    expect(refusal('half.json', bytes('{"format":"zealous-thim')).message).toMatch(/cut short/)
    expect(refusal('leaf.svg', bytes('leaf')).code).toBe('bad-svg')
    expect(refusal('leaf.jpg', bytes('leaf')).code).toBe('unknown-file')
    expect(refusal('nothing.svg', bytes('')).code).toBe('empty')
  })

  it('may not have more blocks than a design can keep', () => {
    const rows = Array.from({ length: 2001 }, (_, i) => `${i % 50},${i % 40},stitch,#${i % 2 ? '111111' : '222222'}`)
    expect(refusal('many.csv', bytes(`x_mm,y_mm,command,colour\n${rows.join('\n')}\n0,0,end,\n`)).message).toMatch(
      /2,000 colour blocks/,
    )
  })
})

describe('the program’s own file', () => {
  const named = { ...readDesignFile('rows.csv', bytes(csv)) }
  const { packed, summary, ...said } = named
  const file = (over: object = {}): Uint8Array =>
    bytes(JSON.stringify({ format: 'zealous-thimble-design', version: 2, design: { ...said, ...over }, packed }))

  it('is what the contract says it is', () => {
    expect(DesignFile.safeParse(JSON.parse(new TextDecoder().decode(file()))).success).toBe(true)
  })

  it('comes back as it stands: its order and its change beside the design as it was read', () => {
    const change = { scale: 1.1, rotate: 90, mirror: 'none' as const }
    const again = readDesignFile('x.json', file({ change, order: [1, 0], colours: ['#222222', '#333333'] }))
    expect(again).toMatchObject({ name: 'rows', change, order: [1, 0], colours: ['#222222', '#333333'] })
    expect([again.width, again.height]).toEqual([expect.closeTo(8 * 1.1, 6), expect.closeTo(30 * 1.1, 6)])
    expect(again.packed).toEqual(packed)
  })

  it('is read as the first version wrote it', () => {
    const design = { ...said, change: { scale: 1.1, rotate: 0, mirror: 'none' } }
    const old = { format: 'zealous-thimble-design', version: 1, design, drawing: packed }
    const again = readDesignFile('x.json', bytes(JSON.stringify(old)))
    expect([again.packed, again.change.scale]).toEqual([packed, 1.1])
  })

  it('names the place where it is wrong', () => {
    expect(refusal('x.json', file({ kind: 'knitting' })).message).toMatch(/^At “design.kind”/)
    expect(refusal('x.json', file({ order: [0, 0] })).said).toEqual(['problem.an-order-names-every-block'])
    expect(refusal('x.json', bytes('{"format":"other"}')).message).toMatch(/not a design file/)
  })
})

describe('a design as it is stitched', () => {
  it('is put in its order and its colours before it is turned', () => {
    const design = readStitchCsv(csv)
    const change = { scale: 1, rotate: 180, mirror: 'none' as const }
    const now = asStitched(design, { change, order: [1, 0], colours: ['#aaaaaa', '#bbbbbb'] })
    expect(now.blocks.map((b) => b.colour)).toEqual(['#aaaaaa', '#bbbbbb'])
    // The second block of the list, at its right end, is first now and lies at the left end.
    expect(now.blocks[0]!.stitches![0]!.x).toBeCloseTo(-15, 9)
  })
})
