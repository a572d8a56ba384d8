import { hoop as t } from '@thimble/language/en/hoop'
import type { Point } from '@thimble/core/plane'

/** A place on the hoop's grid in words, from where the notches cross. */
export function writePlace({ x, y }: Point, write: (mm: number) => string): string {
  const across = Math.abs(x) < 0.25 ? [] : [`${write(Math.abs(x))} ${x > 0 ? t('right') : t('left')}`]
  const along = Math.abs(y) < 0.25 ? [] : [`${write(Math.abs(y))} ${y > 0 ? t('toward-you') : t('away')}`]
  return [...across, ...along].join(', ') || t('on-the-notches')
}
