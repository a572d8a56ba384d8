import { message } from '../../messages/message'
import { compose, type Matrix, scale, translate } from 'transformation-matrix'
import { numbersIn } from './lengths'
import { badSvg } from './parseXml'

type ViewBox = { x: number; y: number; width: number; height: number }

/** @throws CoreError('bad-svg') for a viewBox that is not four numbers, or has no size */
export function readViewBox(text: string | undefined): ViewBox | null {
  if (text === undefined) return null
  const [x, y, width, height] = numbersIn(text)
  if (x === undefined || y === undefined || width === undefined || height === undefined || width < 0 || height < 0)
    throw badSvg(message('problem.is-not-a-viewbox', { text: text.slice(0, 40) }))
  return width > 0 && height > 0 ? { x, y, width, height } : null
}

const SHARE: Record<string, number> = { min: 0, mid: 0.5, max: 1 }

/** How a viewBox comes to lie in a viewport of this size: preserveAspectRatio of SVG 1.1, section 7.8. */
export function viewBoxMatrix(box: ViewBox, width: number, height: number, keep = 'xMidYMid meet'): Matrix {
  const [sx, sy] = [width / box.width, height / box.height]
  const match = /^\s*(?:defer\s+)?(none|x(Min|Mid|Max)Y(Min|Mid|Max))(?:\s+(meet|slice))?\s*$/.exec(keep)
  if (match?.[1] === 'none') return compose(scale(sx, sy), translate(-box.x, -box.y))
  const s = match?.[4] === 'slice' ? Math.max(sx, sy) : Math.min(sx, sy)
  const [ax, ay] = [SHARE[(match?.[2] ?? 'Mid').toLowerCase()]!, SHARE[(match?.[3] ?? 'Mid').toLowerCase()]!]
  return compose(
    translate((width - box.width * s) * ax, (height - box.height * s) * ay),
    scale(s, s),
    translate(-box.x, -box.y),
  )
}
