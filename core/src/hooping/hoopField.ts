import type { Point } from '../plane/point'

/** What a machine can really sew in one hoop, in the hoop frame (millimetres, origin at the field's centre). */
export type HoopField =
  | { shape: 'rect'; width: number; height: number; cornerRadius: number }
  | { shape: 'oval'; width: number; height: number }
  | { shape: 'polygon'; points: Point[] }
