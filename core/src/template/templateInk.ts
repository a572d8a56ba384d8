import type { Point } from '../plane/point'

/** What is printed, in mm from the paper's upper left corner, y down. */
export type TemplateInk =
  | { kind: 'line'; from: Point; to: Point; weight: number; dashed?: boolean }
  | { kind: 'filled'; points: Point[] }
  | { kind: 'text'; at: Point; text: string; size: number; anchor: 'start' | 'middle' | 'end' }

export type TemplatePage = { label: string; ink: TemplateInk[] }

export const line = (from: Point, to: Point, weight = 0.2, dashed = false): TemplateInk => ({
  kind: 'line',
  from,
  to,
  weight,
  dashed,
})
export const text = (
  at: Point,
  words: string,
  size = 3.4,
  anchor: 'start' | 'middle' | 'end' = 'start',
): TemplateInk => ({
  kind: 'text',
  at,
  text: words,
  size,
  anchor,
})

/** A closed outline as lines. */
export const outlined = (points: readonly Point[], weight = 0.35): TemplateInk[] =>
  points.map((p, i) => line(p, points[(i + 1) % points.length]!, weight))
