import { z } from './sentences'
import { HoopField, Size } from './hoop'
import { Colour, Id, OwnId, Point, Pose } from './stored'

/**
 * What the camera stand-in is shown: which hooping of which piece, and where the marks would lie in the hoop if it had been
 * hooped as planned. How it really lies only the stand-in knows.
 */
export const CameraRequest = z.strictObject({
  piece: Id,
  /** The first hooping is 0, and each hooping again the next. */
  hooping: z.int().min(0).max(1000),
  outside: Size,
  notchOffset: Point.nullable().default(null),
  cloth: Colour,
  marks: z
    .array(z.strictObject({ id: OwnId, expected: Point }))
    .min(1)
    .max(12),
})
export type CameraRequest = z.infer<typeof CameraRequest>

const InPicture = z.strictObject({ x: z.number(), y: z.number() })

/** What the camera saw, in pixels of its picture: the ring's four notches, and the marks it found, to within `sigma`. */
export const CameraLook = z.strictObject({
  width: z.number(),
  height: z.number(),
  /** Far from the worker, right, near, left. */
  notches: z.array(InPicture).length(4),
  marks: z.array(z.strictObject({ id: OwnId, at: InPicture })),
  missed: z.array(OwnId),
  sigma: z.number(),
  /** The hooped cloth as an SVG drawing. */
  picture: z.string(),
})
export type CameraLook = z.infer<typeof CameraLook>

/** What the machine stand-in walks round, in the hoop frame. */
export const TraceRequest = z.strictObject({
  hull: z.array(Point).min(1).max(4000),
  pose: Pose,
  field: HoopField,
  way: z.enum(['box', 'contour']),
  zones: z
    .array(z.strictObject({ name: z.string().max(120), outline: z.array(Point).min(3).max(1000) }))
    .max(100)
    .default([]),
})
export type TraceRequest = z.infer<typeof TraceRequest>

const Nearest = z.strictObject({ mm: z.number(), at: Point })

/** How near the needle came, and how long the walk took. */
export const TraceAnswer = z.strictObject({
  path: z.array(Point),
  field: Nearest,
  zones: z.array(Nearest.extend({ name: z.string() })),
  seconds: z.number(),
})
export type TraceAnswer = z.infer<typeof TraceAnswer>
