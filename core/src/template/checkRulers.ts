import { MM_PER_INCH } from '../lengths/units'
import { line, type TemplateInk, text } from './templateInk'

/** Two rulers to lay a real one against: 100 mm and 4 inches, from one starting point. Takes 24 mm of height. */
export function checkRulers(x: number, y: number): TemplateInk[] {
  const ink: TemplateInk[] = [
    text({ x, y: y + 2 }, 'Print at 100 %, not “fit to page”. Lay a ruler here before you trust it:', 3),
  ]
  const ruler = (top: number, length: number, step: number, name: string, longEvery: number): void => {
    ink.push(line({ x, y: top }, { x: x + length, y: top }, 0.3))
    const ticks = Math.round(length / step)
    for (let i = 0; i <= ticks; i++) {
      const far = i % longEvery === 0 ? 3.4 : 1.8
      ink.push(
        line({ x: x + i * step, y: top }, { x: x + i * step, y: top + far }, i === 0 || i === ticks ? 0.3 : 0.15),
      )
    }
    ink.push(text({ x: x + length + 3, y: top + 3 }, name, 3.4))
  }
  ruler(y + 6, 100, 5, '100 mm', 2)
  ruler(y + 14, 4 * MM_PER_INCH, MM_PER_INCH / 4, '4 in', 4)
  return ink
}
