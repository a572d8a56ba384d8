import type { Piece } from '@thimble/contract'
import type { LengthStyle } from '@thimble/core/lengths'
import type { Point } from '@thimble/core/plane'

/** A place on the hoop's grid as it would be typed; counted from where the notches cross. */
export function writeLanded({ x, y }: Point, { unit }: LengthStyle): Piece['hoop']['landed'][string] {
  const [size, places] = { mm: [1, 1], cm: [10, 2], in: [25.4, 2] }[unit] as [number, number]
  const write = (mm: number): string => {
    const text = (Math.abs(mm) / size).toFixed(places)
    return Number(text) === 0 ? '0' : mm < 0 ? `−${text}` : text
  }
  return { right: write(x), down: write(y) }
}
