import type { CameraRequest } from '@thimble/contract/devices'
import { type Point, rectangle } from '@thimble/core/plane'

type Shot = { ask: CameraRequest; view: (p: Point) => Point; lying: readonly Point[]; width: number; height: number }

const WALL = 10

/** The hooped cloth as the camera sees it: ring, cloth and chalk marks, as an SVG drawing. */
export function drawPicture({ ask, view, lying, width, height }: Shot): string {
  const { outside, cloth } = ask
  const at = ask.notchOffset ?? { x: 0, y: 0 }
  const path = (points: readonly Point[]): string =>
    `M${points
      .map(view)
      .map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`)
      .join('L')}Z`
  const ring = path(rectangle(outside.width, outside.height, at))
  const inner = path(rectangle(outside.width - 2 * WALL, outside.height - 2 * WALL, at))
  const chalk = isDark(cloth) ? '#ffffff' : '#2c4a7a'
  const crosses = lying.map(
    ({ x, y }) => `<path d="M${(x - 7).toFixed(1)} ${y.toFixed(1)}h14M${x.toFixed(1)} ${(y - 7).toFixed(1)}v14"/>`,
  )
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">`,
    `<rect width="${width}" height="${height}" fill="#55626c"/>`,
    `<path d="${ring}" fill="#9ba3a8"/>`,
    `<path d="${inner}" fill="${cloth}"/>`,
    `<g stroke="${chalk}" stroke-width="2.2" fill="none">${crosses.join('')}</g>`,
    '</svg>',
  ].join('')
}

function isDark(colour: string): boolean {
  const [r, g, b] = [1, 3, 5].map((i) => Number.parseInt(colour.slice(i, i + 2), 16))
  return 0.3 * r! + 0.59 * g! + 0.11 * b! < 128
}
