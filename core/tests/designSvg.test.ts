import fc from 'fast-check'
import { type CoreError, type Design, readDesignSvg } from '../src'
import { boxOf } from '../src/plane'

const page = (inner: string, attributes = 'width="100mm" height="80mm" viewBox="0 0 100 80"'): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${attributes}>${inner}</svg>`
const read = (inner: string, attributes?: string): Design => readDesignSvg(page(inner, attributes))
/** Left, top, width and height on the page, to a hundredth. */
const boxed = ({ pageBox, width, height }: Design): number[] =>
  [pageBox!.x, pageBox!.y, width, height].map((mm) => Math.round(mm * 100) / 100 + 0)
const colours = (design: Design): string[] => design.blocks.map((b) => b.colour)
const codes = (design: Design): string[] => design.warnings.map((w) => w.code)
const refusal = (text: string): string => {
  try {
    readDesignSvg(text)
  } catch (error) {
    return `${(error as CoreError).code}: ${(error as CoreError).message}`
  }
  return 'taken'
}

describe('the size of artwork', () => {
  it('is the painted box, in the design frame about its middle', () => {
    const design = read('<rect x="5" y="10" width="30" height="20"/>')
    expect(boxed(design)).toEqual([5, 10, 30, 20])
    expect(boxOf(design.blocks[0]!.outlines![0]!)).toEqual({ left: -15, right: 15, top: -10, bottom: 10 })
    expect(design.hull).toHaveLength(4)
  })

  it.each([
    ['width="4in" height="2in" viewBox="0 0 40 20"', 25.4],
    ['width="10cm" height="5cm" viewBox="0 0 100 50"', 10],
    ['width="72pt" height="36pt" viewBox="0 0 72 36"', (10 * 25.4) / 72],
    ['width="6pc" height="3pc" viewBox="0 0 36 18"', (10 * 25.4) / 36],
    ['width="96" height="48"', (10 * 25.4) / 96],
    ['viewBox="0 0 96 48"', (10 * 25.4) / 96],
    ['width="100mm" viewBox="0 0 50 25"', 20],
  ])('reads %s', (attributes, wide) => {
    expect(read('<rect width="10" height="5"/>', attributes).width).toBeCloseTo(wide, 3)
  })

  it('takes pixels and bare units at the size it is told, and says when a drawing has none', () => {
    const text = page('<rect width="72" height="36"/>', 'viewBox="0 0 200 100"')
    expect(readDesignSvg(text, { pixelsPerInch: 72 }).width).toBeCloseTo(25.4, 3)
    expect(codes(readDesignSvg(text))).toEqual(['no-size'])
  })

  it('measures curves, not their control points', () => {
    // A cubic with its controls at y = 0 from y = 40 has its top at 40 - 0.75 * 40 = 10.
    expect(boxed(read('<path d="M20 40C20 0 60 0 60 40"/>'))).toEqual([20, 10, 40, 30])
    // A quadratic comes half-way to its control.
    expect(boxed(read('<path d="M20 40Q40 0 60 40"/>'))).toEqual([20, 20, 40, 20])
    // The larger arc of a circle of 20: its far side is 20 beyond a centre 12 above the chord's.
    expect(boxed(read('<path d="M24 60A20 20 0 1 1 56 60"/>'))).toEqual([20, 28, 40, 32])
  })

  it('includes strokes with their joins and caps', () => {
    expect(boxed(read('<rect x="20" y="20" width="30" height="10" stroke="#000" stroke-width="4"/>'))).toEqual([
      18, 18, 34, 14,
    ])
    const line = (cap: string) =>
      boxed(read(`<path d="M20 40H60" stroke="#000" stroke-width="6" stroke-linecap="${cap}"/>`))
    expect(line('butt')).toEqual([20, 37, 40, 6])
    expect(line('square')).toEqual([17, 37, 46, 6])
    expect(line('round')).toEqual([17, 37, 46, 6])
    const corner = (join: string) =>
      boxed(read(`<path fill="none" d="M20 50V20H50" stroke="#000" stroke-width="4" stroke-linejoin="${join}"/>`))
    expect(corner('miter')).toEqual([18, 18, 32, 32])
    expect(corner('bevel')).toEqual([18, 18, 32, 32])
    // A point of 30 degrees: mitred it reaches half the width over sin 15 degrees beyond, cut off it does not.
    const spike = (limit: number) => {
      const [dx, dy] = [40 * Math.sin(Math.PI / 12), 40 * Math.cos(Math.PI / 12)]
      const d = `M${50 - dx} ${20 + dy}L50 20L${50 + dx} ${20 + dy}`
      return read(`<path fill="none" d="${d}" stroke="#000" stroke-width="4" stroke-miterlimit="${limit}"/>`).pageBox!.y
    }
    expect(spike(10)).toBeCloseTo(20 - 2 / Math.sin(Math.PI / 12), 2)
    expect(spike(2)).toBeCloseTo(20 - 2 * Math.sin(Math.PI / 12), 2)
    // A curve that turns upright only at its very end is joined by that direction: 45 degrees, a width of 4 over sin 22.5.
    const late = read(
      '<path fill="none" stroke="#000" stroke-width="4" d="M20 60L50 30M80 60L50 30L50 30"/><path fill="none" stroke="#000" stroke-width="4" d="M20 60L50 30C50 31 80 59 80 60"/>',
    )
    const tip = { x: -Math.sin(Math.PI / 8), y: -Math.cos(Math.PI / 8) }
    expect(late.pageBox!.y).toBeCloseTo(30 + (2 / Math.sin(Math.PI / 8)) * tip.y, 1)
  })

  it('follows nested transforms, uses, symbols and windows', () => {
    expect(
      boxed(read('<polygon points="0 0 10-0 10,5.5.0 5.5" transform="scale(-1 1)translate(-30+2)rotate(90)"/>')),
    ).toEqual([30, 2, 5.5, 10])
    // Slanted by 45 degrees, the foot of 10 moves 10 along.
    expect(boxed(read('<rect width="10" height="10" transform="skewX(45)"/>'))).toEqual([0, 0, 20, 10])
    expect(boxed(read('<rect width="10" height="10" transform="skewY(45)"/>'))).toEqual([0, 0, 10, 20])
    expect(
      boxed(read('<g transform="translate(10 5)"><g transform="scale(2)"><rect width="10" height="5"/></g></g>')),
    ).toEqual([10, 5, 20, 10])
    expect(boxed(read('<rect x="-5" y="-5" width="10" height="10" transform="translate(40 40) rotate(45)"/>'))).toEqual(
      [32.93, 32.93, 14.14, 14.14],
    )
    expect(
      boxed(
        read(
          '<defs><rect id="r" width="8" height="4"/></defs><use href="#r" x="10" y="20"/><use xlink:href="#r" x="50" y="30"/>',
        ),
      ),
    ).toEqual([10, 20, 48, 14])
    expect(
      boxed(
        read(
          '<symbol id="s" viewBox="0 0 10 10"><rect width="10" height="10"/></symbol><use href="#s" x="20" y="10" width="40" height="20"/>',
        ),
      ),
    ).toEqual([30, 10, 20, 20])
    expect(boxed(read('<svg x="10" y="10" width="20" height="20"><rect x="-5" width="50" height="5"/></svg>'))).toEqual(
      [10, 10, 20, 5],
    )
  })

  it('turns and moves with the drawing, whatever the matrix', () => {
    fc.assert(
      fc.property(fc.integer({ min: -180, max: 180 }), fc.integer({ min: 40, max: 60 }), (turn, x) => {
        const d = `<path d="M-12 -8H12V8H-12Z" transform="translate(${x} 40) rotate(${turn})"/>`
        const [c, s] = [Math.abs(Math.cos((turn * Math.PI) / 180)), Math.abs(Math.sin((turn * Math.PI) / 180))]
        const design = read(d)
        expect(design.width).toBeCloseTo(24 * c + 16 * s, 3)
        expect(design.height).toBeCloseTo(24 * s + 16 * c, 3)
        expect(design.pageBox!.x + design.width / 2).toBeCloseTo(x, 3)
      }),
      { numRuns: 40 },
    )
  })

  it('ends at the page and at clip paths', () => {
    const over = read('<circle cx="0" cy="40" r="10"/>')
    expect(boxed(over)).toEqual([0, 30, 10, 20])
    expect(codes(over)).toEqual(['beyond-page'])
    const clip = '<clipPath id="c"><rect x="20" y="20" width="10" height="10"/></clipPath>'
    expect(boxed(read(`${clip}<g clip-path="url(#c)"><circle cx="20" cy="20" r="15"/></g>`))).toEqual([20, 20, 10, 10])
  })
})

describe('what artwork paints', () => {
  it('leaves out what is not to be seen', () => {
    const hidden = [
      '<rect width="90" height="70" display="none"/>',
      '<g visibility="hidden"><rect width="90" height="70"/></g>',
      '<g opacity="0"><rect width="90" height="70"/></g>',
      '<rect width="90" height="70" fill="none"/>',
      '<rect width="90" height="70" fill-opacity="0"/>',
      '<rect width="90" height="70" style="fill:rgba(0,0,0,0)"/>',
      '<defs><rect width="90" height="70"/></defs>',
    ]
    const seen = '<g visibility="hidden"><rect x="40" y="40" width="10" height="10" visibility="visible"/></g>'
    expect(boxed(read(hidden.join('') + seen))).toEqual([40, 40, 10, 10])
    for (const one of hidden) expect(refusal(page(one))).toMatch(/^empty: /)
  })

  it('weighs attributes under rules under inline style, and important above all', () => {
    const css = '<style>.a,.b{fill:#00ff00} #x{fill:#0000ff} rect{fill:#111111} g > .c{fill:#222222 !important}</style>'
    const rect = (more: string) => `<rect ${more} width="9" height="9"/>`
    const painted = (more: string) => colours(read(css + rect(more)))[0]
    expect(painted('fill="#ff0000"')).toBe('#111111')
    expect(painted('class="q b"')).toBe('#00ff00')
    expect(painted('class="a" id="x"')).toBe('#0000ff')
    expect(painted('class="a" id="x" style="fill: #ff0000"')).toBe('#ff0000')
    expect(colours(read(`${css}<g>${rect('class="c" style="fill:#ff0000"')}</g>`))[0]).toBe('#222222')
    expect(colours(read(`<g color="#123456" fill="currentColor">${rect('')}</g>`))[0]).toBe('#123456')
    expect(colours(read(rect('fill="rebeccapurple"')))[0]).toBe('#663399')
  })

  it('makes one block of neighbours of one colour, fill before stroke', () => {
    const r = (x: number, more: string) => `<rect x="${x}" y="9" width="9" height="9" ${more}/>`
    const red = 'fill="#ff0000"'
    expect(colours(read(r(5, red) + r(20, red) + r(35, 'fill="#0000ff"') + r(50, red)))).toEqual([
      '#ff0000',
      '#0000ff',
      '#ff0000',
    ])
    expect(colours(read(r(5, `${red} stroke="#0000ff"`)))).toEqual(['#ff0000', '#0000ff'])
  })

  it('estimates stitches: shapes and strokes by their width, and says that it does', () => {
    const count = (inner: string) => read(inner).blocks[0]!
    // 20 x 16 mm in 40 rows 0.40 mm apart of stitches of 3.5 mm, one more a row, and a fifth more beneath.
    const rect = count('<rect x="9" y="9" width="20" height="16"/>')
    expect(rect).toMatchObject({ stitchCount: Math.round((320 / 1.4 + 40) * 1.2), estimated: true })
    // A ring 5 mm wide is a column: 120 mm of edge, half of it with a crossing every 0.40 mm.
    expect(count('<path fill-rule="evenodd" d="M10 10h20v20h-20zM15 15h10v10h-10z"/>').stitchCount).toBe(
      Math.round((60 / 0.4) * 1.2),
    )
    const line = (width: number) => count(`<path d="M10 40H60" stroke="#000" stroke-width="${width}"/>`).stitchCount
    expect(line(0.8)).toBe(20)
    expect(line(4)).toBe(150)
    expect(line(10)).toBe(Math.round((500 / 1.4) * 1.2))
    // A bar under 1 mm wide is one running line: half its 41.2 mm of edge at 2.5 mm a stitch.
    expect(count('<rect x="9" y="9" width="20" height="0.6"/>').stitchCount).toBe(Math.round(20.6 / 2.5))
  })

  it('takes a gradient as its first stop and warns of what it cannot read', () => {
    const gradient =
      '<linearGradient id="a"><stop stop-color="#ff8800"/></linearGradient><linearGradient id="b" href="#a"/>'
    const design = read(`${gradient}<rect fill="url(#b)" width="9" height="9"/>`)
    expect([colours(design), codes(design)]).toEqual([['#ff8800'], ['gradient-flattened']])
    const fading =
      '<radialGradient id="f"><stop stop-opacity="0"/><stop offset="1" stop-color="#3e6b4c"/></radialGradient>'
    expect(colours(read(`${fading}<rect fill="url(#f)" width="9" height="9"/>`))).toEqual(['#3e6b4c'])
    const odd = read(
      '<rect width="9" height="9" filter="url(#f)" mask="url(#m)"/><text>Tide</text><image href="x.png"/>' +
        '<script>alert(1)</script><use href="http://example.org/a.svg#b"/>',
    )
    expect(codes(odd).sort()).toEqual([
      'external-dropped',
      'filter-not-applied',
      'mask-not-applied',
      'picture-left-out',
      'script-dropped',
      'text-left-out',
    ])
  })

  it('tells of a white page and leaves it out when asked', () => {
    const text = page('<rect width="100" height="80" fill="white"/><circle cx="50" cy="40" r="10"/>')
    expect([readDesignSvg(text).width, codes(readDesignSvg(text))]).toEqual([100, ['white-page']])
    expect(boxed(readDesignSvg(text, { dropBackground: true }))).toEqual([40, 30, 20, 20])
  })
})

describe('hostile drawings', () => {
  const bomb = (inner: string) =>
    page(
      `<defs><g id="a0">${inner}</g>${Array.from({ length: 12 }, (_, i) => `<g id="a${i + 1}">${`<use href="#a${i}"/>`.repeat(10)}</g>`).join('')}</defs><use href="#a12"/>`,
    )
  it.each([
    ['10 000 nested groups', page('<g>'.repeat(10_000) + '</g>'.repeat(10_000)), /nested more than 200 deep/],
    [
      'a billion laughs',
      `<!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "&a;&a;">]>${page('<text>&b;</text>')}`,
      /entities/,
    ],
    ['an entity never declared', page('<text>&lol;</text>'), /not well-formed/],
    ['a point at 1e9', page('<path d="M0 0L1e9 5L5 5Z"/>'), /farther out/],
    ['a circle of 1e9', page('<circle r="1e9"/>'), /farther out/],
    ['NaN in a path', page('<path d="M NaN 0L5 5"/>'), /breaks off at character/],
    ['NaN as a width', page('<rect width="NaN" height="5"/>'), /not a length/],
    ['NaN in a transform', page('<rect width="5" height="5" transform="translate(NaN)"/>'), /transform/],
    [
      'a page of 200 km',
      page('<rect width="5" height="5"/>', 'width="200000000mm" height="5mm"'),
      /larger than 2000 mm/,
    ],
    ['a PNG under another name', '\u0089PNG\r\n\u001a\n\u0000\u0000', /This is a PNG picture/],
    ['web pages', '<html><body/></html>', /not an SVG/],
    ['a file cut short', '<svg xmlns="http://www.w3.org/2000/svg"><g>', /not well-formed/],
    ['nothing', ' ', /empty/],
    ['a drawing of drawings of drawings', bomb('<rect width="1" height="1"/>'), /repeats itself/],
    ['shapes without number', page('<rect width="1" height="1"/>'.repeat(10_001)), /over 10,000 shapes/],
    [
      'rules without end',
      page(
        `<style>${'.a .b .c g g g{fill:red}'.repeat(900)}</style>${'<g>'.repeat(150)}<rect width="5" height="5"/>${'</g>'.repeat(150)}`,
      ),
      /style rules/,
    ],
    ['a page of no size in huge units', page('<rect width="5" height="5"/>', 'viewBox="0 0 51500 51500"'), /how large/],
    ['the same of nothing', bomb(''), /repeats itself/],
  ])('are refused in words: %s', (_, text, words) => {
    const said = refusal(text)
    expect(said).toMatch(/^(bad-svg|empty): /)
    expect(said).toMatch(words)
  })

  it('repeat themselves no further than once', () => {
    const design = read('<g id="x"><rect width="9" height="9"/><use href="#x"/></g>')
    expect([design.width, codes(design)]).toEqual([9, ['loop-dropped']])
  })

  it('says what to do when there is only text', () => {
    expect(refusal(page('<text>Tide</text>'))).toMatch(/Convert the text to outlines/)
  })
})
