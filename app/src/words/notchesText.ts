import { things as t } from '@thimble/language/en/things'
/** Less than this is no distance on a tape. */
const LEAST_MM = 0.5

/**
 * Where the notches go from the cross, as the hoop lies before the worker; null where they go on it.
 *
 * @example notchesText({ x: -16, y: 3 }, write) // '16 mm left of the cross and 3 mm nearer to you'
 */
export function notchesText({ x, y }: { x: number; y: number }, write: (mm: number) => string): string | null {
  const across =
    Math.abs(x) >= LEAST_MM
      ? t('of-the-cross', { abs: write(Math.abs(x)), which: x > 0 ? t('right') : t('left') })
      : null
  const along =
    Math.abs(y) >= LEAST_MM ? `${write(Math.abs(y))} ${y > 0 ? t('closer-to-you') : t('farther-from-you')}` : null
  if (across && along) return t('and', { across, along })
  return across ?? (along ? t('than-the-cross', { along }) : null)
}
