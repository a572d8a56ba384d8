import { things as t } from '@thimble/language/en/things'
import type { LoadGrid } from '@thimble/core/design'
import type { Palette } from '@/theme/palette'
import type { View } from '@/drawing/scale'

/** Levels of the load map in words, with the stitches per cm2 from which each begins (craft.md section 5). */
export const loadLevels = [
  { from: 0, name: t('open'), colour: 'chalk' },
  { from: 15, name: t('light'), colour: 'chalk' },
  { from: 45, name: t('medium'), colour: 'weld' },
  { from: 100, name: t('dense'), colour: 'madder' },
  { from: 150, name: t('very-dense'), colour: 'ink' },
] as const satisfies readonly { from: number; name: string; colour: keyof Palette }[]

export const levelOf = (load: number): number => loadLevels.findLastIndex((level) => load >= level.from)

/**
 * One cell of the map in its level's pattern, told apart without colour: a dot, a stroke, a cross, a full square, a
 * full square with a white cross.
 */
export function paintLevel(
  pen: CanvasRenderingContext2D,
  level: number,
  x: number,
  y: number,
  size: number,
  p: Palette,
): void {
  pen.strokeStyle = pen.fillStyle = p[loadLevels[level]!.colour]
  pen.lineWidth = Math.max(1, size / 7)
  const [a, b] = [size * 0.12, size * 0.88]
  if (level >= 3) pen.fillRect(x + size * 0.04, y + size * 0.04, size * 0.92, size * 0.92)
  if (level === 0) pen.fillRect(x + size * 0.36, y + size * 0.36, size * 0.28, size * 0.28)
  if (level === 4) pen.strokeStyle = p.paper
  pen.beginPath()
  if (level > 0 && level !== 3) {
    pen.moveTo(x + a, y + b)
    pen.lineTo(x + b, y + a)
  }
  if (level === 2 || level === 4) {
    pen.moveTo(x + a, y + a)
    pen.lineTo(x + b, y + b)
  }
  pen.stroke()
}

const LEAST_PX = 9

/** The whole map over a drawing, which is veiled so that the patterns can be read. */
export function paintLoad(pen: CanvasRenderingContext2D, grid: LoadGrid, view: View, p: Palette): void {
  pen.globalAlpha = 0.72
  pen.fillStyle = p.paper
  pen.fillRect(0, 0, view.width, view.height)
  pen.globalAlpha = 1
  const { cellMm, column0, row0, columns, rows, load } = grid
  // Patterns need room to be told apart, so a design drawn small is shown by the mean of several cells.
  const span = Math.max(1, Math.ceil(LEAST_PX / (cellMm * view.k)))
  const size = span * cellMm * view.k
  for (let row = 0; row < rows; row += span)
    for (let column = 0; column < columns; column += span) {
      let [sum, stitched] = [0, 0]
      for (let r = row; r < Math.min(rows, row + span); r++)
        for (let c = column; c < Math.min(columns, column + span); c++) {
          const value = load[r * columns + c]!
          if (value < 0) continue
          sum += value
          stitched++
        }
      if (stitched === 0) continue
      const x = ((column0 + column) * cellMm - view.left) * view.k
      const y = ((row0 + row) * cellMm - view.top) * view.k
      paintLevel(pen, levelOf(sum / stitched), x, y, size, p)
    }
}
