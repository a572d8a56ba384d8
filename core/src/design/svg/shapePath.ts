import { message } from '../../messages/message'
import { badSvg, type XmlNode } from './parseXml'
import { type LengthFrame, numbersIn, userUnits } from './lengths'

type Measure = (name: string, along: 'width' | 'height' | 'diagonal', otherwise?: number) => number

/** The basic shapes as path data (SVG 1.1, section 9); null for an element that is no shape, '' for one without size. */
export function shapePath(node: XmlNode, frame: LengthFrame): string | null {
  const of: Measure = (name, along, otherwise = 0) => {
    const text = node.attributes[name]
    return text === undefined || text.trim() === 'auto' ? otherwise : userUnits(text, frame, along)
  }
  const make = makers[node.name]
  return make ? make(of, node) : null
}

function ellipse(cx: number, cy: number, rx: number, ry: number): string {
  if (!(rx > 0 && ry > 0)) return ''
  const half = (x: number): string => `A${rx} ${ry} 0 0 1 ${x} ${cy}`
  return `M${cx - rx} ${cy}${half(cx + rx)}${half(cx - rx)}Z`
}

function rect(of: Measure): string {
  const [x, y, w, h] = [of('x', 'width'), of('y', 'height'), of('width', 'width'), of('height', 'height')]
  if (!(w > 0 && h > 0)) return ''
  const given = { rx: of('rx', 'width', NaN), ry: of('ry', 'height', NaN) }
  const rx = Math.min(Number.isNaN(given.rx) ? given.ry || 0 : given.rx, w / 2)
  const ry = Math.min(Number.isNaN(given.ry) ? given.rx || 0 : given.ry, h / 2)
  if (!(rx > 0 && ry > 0)) return `M${x} ${y}h${w}v${h}h${-w}Z`
  const corner = (dx: number, dy: number): string => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`
  return (
    `M${x + rx} ${y}h${w - 2 * rx}${corner(rx, ry)}v${h - 2 * ry}${corner(-rx, ry)}` +
    `h${2 * rx - w}${corner(-rx, -ry)}v${2 * ry - h}${corner(rx, -ry)}Z`
  )
}

function poly(node: XmlNode, close: string): string {
  const numbers = numbersIn(node.attributes.points ?? '')
  if (numbers.length < 4) return ''
  const points = Array.from(
    { length: Math.floor(numbers.length / 2) },
    (_, i) => `${numbers[2 * i]} ${numbers[2 * i + 1]}`,
  )
  return `M${points.join('L')}${close}`
}

const makers: Record<string, (of: Measure, node: XmlNode) => string> = {
  path: (_, node) => node.attributes.d ?? '',
  rect,
  circle: (of) => {
    const r = of('r', 'diagonal')
    return ellipse(of('cx', 'width'), of('cy', 'height'), r, r)
  },
  ellipse: (of) => {
    const [rx, ry] = [of('rx', 'width', NaN), of('ry', 'height', NaN)]
    return ellipse(of('cx', 'width'), of('cy', 'height'), Number.isNaN(rx) ? ry : rx, Number.isNaN(ry) ? rx : ry)
  },
  line: (of) => `M${of('x1', 'width')} ${of('y1', 'height')}L${of('x2', 'width')} ${of('y2', 'height')}`,
  polyline: (_, node) => poly(node, ''),
  polygon: (_, node) => poly(node, 'Z'),
}

/** @throws CoreError('bad-svg') naming the element when its path cannot be read */
export const refusePath = (node: XmlNode, what: string): never => {
  const named = node.attributes.id ? `“${node.attributes.id}”` : `<${node.name}>`
  throw badSvg(message('problem.the-outline-of-cannot-be', { named, what }))
}
