import type { Point } from '@thimble/core/plane'

/** To a thousandth of a millimetre: no tape and no needle knows finer. Never minus zero, which JSON does not keep. */
const fine = (mm: number): number => Math.round(mm * 1000) / 1000 + 0

/** Points as they are kept: x and y in turn. */
export const flatPoints = (points: readonly Point[]): number[] => points.flatMap(({ x, y }) => [fine(x), fine(y)])

export const pointsOf = (flat: readonly number[]): Point[] =>
  Array.from({ length: flat.length >> 1 }, (_, i) => ({ x: flat[2 * i]!, y: flat[2 * i + 1]! }))
