import { message } from '../../messages/message'
import { compose, identity, type Matrix, rotateDEG, scale, translate } from 'transformation-matrix'
import { numbersIn } from './lengths'
import { badSvg } from './parseXml'

const FUNCTION = /(matrix|translate|scale|rotate|skewX|skewY)\s*\(([^()]*)\)/g

type Numbers = readonly number[]
const tan = (degrees: number): number => Math.tan((degrees * Math.PI) / 180)
const makers: Record<string, { counts: Numbers; make: (n: Numbers) => Matrix }> = {
  matrix: { counts: [6], make: ([a, b, c, d, e, f]) => ({ a: a!, b: b!, c: c!, d: d!, e: e!, f: f! }) },
  translate: { counts: [1, 2], make: ([x, y = 0]) => translate(x!, y) },
  scale: { counts: [1, 2], make: ([x, y]) => scale(x!, y ?? x!) },
  rotate: { counts: [1, 3], make: ([angle, x = 0, y = 0]) => rotateDEG(angle!, x, y) },
  skewX: { counts: [1], make: ([angle]) => ({ ...identity(), c: tan(angle!) }) },
  skewY: { counts: [1], make: ([angle]) => ({ ...identity(), b: tan(angle!) }) },
}

/**
 * A transform attribute, or the same as a style with units, as one matrix (SVG 1.1, section 7.6).
 *
 * @throws CoreError('bad-svg')
 * @example transformOf('translate(10)rotate(90)') // first turned, then moved
 */
export function transformOf(text: string | undefined): Matrix {
  if (!text || text.trim() === '' || text.trim() === 'none') return identity()
  const refused = badSvg(message('problem.the-transform-cannot-be-read', { text: text.slice(0, 60) }))
  const plain = text.replace(/(\d|\.)(px|deg)\b/g, '$1')
  if (/[^\s,]/.test(plain.replace(FUNCTION, ' ')) || /nan|infinity/i.test(plain)) throw refused
  const parts = [...plain.matchAll(FUNCTION)].map(([, name, list]) => {
    const { counts, make } = makers[name!]!
    const numbers = numbersIn(list!)
    if (!counts.includes(numbers.length)) throw refused
    return make(numbers)
  })
  return parts.length > 0 ? compose(parts) : identity()
}
