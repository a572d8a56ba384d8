import { inWords } from './inWords'
import fc from 'fast-check'
import { applyToPoint, compose } from 'transformation-matrix'
import { flatten } from '../src/design/svg/flatten'
import { numbersIn, userUnits } from '../src/design/svg/lengths'
import { parseXml } from '../src/design/svg/parseXml'
import { Cascade, firstStyle } from '../src/design/svg/style'
import { transformOf } from '../src/design/svg/transformOf'
import { readViewBox, viewBoxMatrix } from '../src/design/svg/viewport'

const rounded = ({ x, y }: { x: number; y: number }): number[] => [x, y].map((n) => Math.round(n * 1e6) / 1e6 + 0)
const moved = (text: string, x: number, y: number): number[] => rounded(applyToPoint(transformOf(text), { x, y }))

describe('a transform', () => {
  it.each([
    ['translate(10)', [11, 2]],
    ['translate(10,-5)', [11, -3]],
    ['translate(10-5)', [11, -3]],
    ['scale(3)', [3, 6]],
    ['scale(3 -1)', [3, -2]],
    ['rotate(90)', [-2, 1]],
    ['rotate(90 1 1)', [0, 1]],
    ['skewX(45)', [3, 2]],
    ['skewY(45)', [1, 3]],
    ['matrix(1 2 3 4 5 6)', [1 + 6 + 5, 2 + 8 + 6]],
    ['matrix(1,0,0,1,1e1,-.5)', [11, 1.5]],
    ['translate(10)scale(2)', [12, 4]],
    ['scale(2) , translate(10)', [22, 4]],
    ['translate(10px, 2px) rotate(90deg)', [8, 3]],
    ['none', [1, 2]],
    ['', [1, 2]],
  ])('“%s” moves (1, 2) to %j', (text, [x, y]) => {
    expect(moved(text, 1, 2)).toEqual([x, y])
  })

  it.each(['rotate(1 2)', 'translate()', 'matrix(1 2 3)', 'turn(90)', 'scale(2', 'scale(a)', 'scale(1e999)'])(
    'refuses “%s”',
    (text) => expect(inWords(() => transformOf(text))).toThrow(/cannot be read|not a list of numbers/),
  )

  it('of several is the last first, as matrices go', () => {
    const part = fc.constantFrom('translate(3 4)', 'rotate(30)', 'scale(2 .5)', 'skewX(20)')
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 5 }), (parts) => {
        const one = applyToPoint(transformOf(parts.join(' ')), { x: 5, y: 7 })
        const steps = [...parts].reverse().reduce((p, text) => applyToPoint(transformOf(text), p), { x: 5, y: 7 })
        expect(rounded(one)).toEqual(rounded(steps))
        expect(rounded(one)).toEqual(rounded(applyToPoint(compose(parts.map(transformOf)), { x: 5, y: 7 })))
      }),
    )
  })
})

describe('numbers and lengths', () => {
  it('are parted by spaces, commas, signs or points', () => {
    expect(numbersIn('1-2.5.5,3e1 -4')).toEqual([1, -2.5, 0.5, 30, -4])
    expect(numbersIn(' ')).toEqual([])
    for (const wrong of ['1 a', 'NaN', '1e999', '1 2px'])
      expect(inWords(() => numbersIn(wrong))).toThrow('not a list of numbers')
  })

  it('have their units, at 96 to the inch or another', () => {
    const frame = { width: 300, height: 400, perInch: 96 }
    const of = (text: string, along: 'width' | 'height' | 'diagonal' = 'width') => userUnits(text, frame, along)
    expect([of('5'), of('5px'), of(' 1in '), of('25.4mm'), of('2.54cm'), of('72pt'), of('6pc'), of('101.6Q')]).toEqual([
      5,
      5,
      ...[96, 96, 96, 96, 96, 96].map((n) => expect.closeTo(n, 9)),
    ])
    expect([of('10%'), of('10%', 'height')]).toEqual([30, 40])
    // The diagonal of 300 by 400 is 500, and over the root of two it stands for both.
    expect(of('10%', 'diagonal')).toBeCloseTo(50 / Math.SQRT2, 9)
    expect(userUnits('1in', { ...frame, perInch: 72 }, 'width')).toBe(72)
    for (const wrong of ['', 'wide', '5 mm mm', 'NaN', '1 2']) expect(inWords(() => of(wrong))).toThrow('not a length')
  })
})

describe('a viewBox in its viewport', () => {
  const box = { x: 10, y: 20, width: 100, height: 50 }
  const corners = (keep?: string, w = 200, h = 200) =>
    [
      [10, 20],
      [110, 70],
    ].map(([x, y]) => rounded(applyToPoint(viewBoxMatrix(box, w, h, keep), { x: x!, y: y! })))

  it('meets it in the middle unless it is told otherwise', () => {
    expect(corners()).toEqual([
      [0, 50],
      [200, 150],
    ])
    expect(corners('xMinYMin meet')).toEqual([
      [0, 0],
      [200, 100],
    ])
    expect(corners('xMaxYMax')).toEqual([
      [0, 100],
      [200, 200],
    ])
    expect(corners('xMidYMid slice')).toEqual([
      [-100, 0],
      [300, 200],
    ])
    expect(corners('none')).toEqual([
      [0, 0],
      [200, 200],
    ])
  })

  it('is four numbers with a size, or none', () => {
    expect(readViewBox('0,0 10 , 20')).toEqual({ x: 0, y: 0, width: 10, height: 20 })
    expect([readViewBox(undefined), readViewBox('0 0 0 5')]).toEqual([null, null])
    for (const wrong of ['0 0 5', '0 0 -5 5', 'a b c d'])
      expect(inWords(() => readViewBox(wrong))).toThrow(/viewBox|numbers/)
  })
})

describe('styles', () => {
  const styled = (css: string, xml: string) => {
    const root = parseXml(`<svg xmlns="http://www.w3.org/2000/svg">${xml}</svg>`)
    const path = [root]
    while (path.at(-1)!.children.length > 0) path.push(path.at(-1)!.children.at(-1)!)
    const cascade = new Cascade([css])
    return path.reduce((style, _, i) => cascade.styleOf(path.slice(0, i + 1), style), firstStyle)
  }

  it.each([
    ['g rect{fill:#111}', '<g><rect/></g>', '#111'],
    ['g > rect{fill:#111}', '<g><a><rect/></a></g>', '#000000'],
    ['svg > g > a rect{fill:#111}', '<g><a><rect/></a></g>', '#111'],
    ['rect.a.b{fill:#111} .a{fill:#222}', '<rect class="b a"/>', '#111'],
    ['.a{fill:#111} .a{fill:#222}', '<rect class="a"/>', '#222'],
    ['#x{fill:#111} rect.a{fill:#222}', '<rect id="x" class="a"/>', '#111'],
    ['*{fill:#111}', '<rect fill="#222"/>', '#111'],
    ['[width="5"]{fill:#111}', '<rect width="5"/>', '#111'],
    ['rect:hover{fill:#111}', '<rect/>', '#000000'],
    ['@media print{rect{fill:#111}}', '<rect/>', '#000000'],
    ['g{fill:#222}', '<g fill="#333"><rect fill="inherit"/></g>', '#222'],
  ])('of “%s” give %s the fill %s', (css, xml, fill) => {
    expect(styled(css, xml).fill).toBe(fill)
  })

  it('pass on what is inherited and keep the rest to themselves', () => {
    const inner = styled('', '<g stroke="#123456" opacity="0.5" clip-path="url(#c)"><rect/></g>')
    expect([inner.stroke, inner.opacity, inner['clip-path']]).toEqual(['#123456', undefined, undefined])
  })
})

describe('XML', () => {
  const read = (text: string) => () => parseXml(text)

  it('is read with its prefixes, CDATA and character references', () => {
    const root = parseXml(
      '<s:svg xmlns:s="http://www.w3.org/2000/svg"><s:style><![CDATA[a>b]]></s:style><s:g id="a&#38;b"/></s:svg>',
    )
    expect([root.name, ...root.children.map((c) => c.name)]).toEqual(['svg', 'style', 'g'])
    expect([root.children[0]!.text, root.children[1]!.attributes.id]).toEqual(['a>b', 'a&b'])
  })

  it.each([
    ['<!DOCTYPE a [<!ENTITY b "c">]><a/>', /entities/],
    ['<!DOCTYPE a [<!entity % b SYSTEM "file:///etc/passwd">]><a/>', /entities/],
    ['<a><b></a>', /not well-formed XML \(line 1/],
    ['<a b="1" b="2"/>', /not well-formed/],
    ['plain', /not well-formed|not an SVG/],
  ])('refuses %s', (text, words) => expect(inWords(read(text))).toThrow(words))
})

describe('path data', () => {
  it('may end with a command that draws nothing, and with nothing else that is no number', () => {
    expect(flatten('M0 0L5 5l', 0.1, 1)[0]!.points).toHaveLength(2)
    for (const wrong of ['M0 0L5', 'M0 0LNaN 5', 'L5 5', 'M0 0L5 5 x'])
      expect(() => flatten(wrong, 0.1, 1)).toThrow(/breaks off at character \d+/)
  })
})
