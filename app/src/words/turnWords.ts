import { things as t } from '@thimble/language/en/things'
/** A turn in words, the shorter way round: “90° anticlockwise” for 270. */
export function turnWords(degrees: number): string {
  const turn = ((((degrees + 180) % 360) + 360) % 360) - 180
  const far = Number(Math.abs(turn).toFixed(2))
  return far === 180 ? '180°' : t(turn > 0 ? 'turned-clockwise' : 'turned-anticlockwise', { far })
}
