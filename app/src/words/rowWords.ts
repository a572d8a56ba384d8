import { things as t } from '@thimble/language/en/things'
import type { Hooping } from '@thimble/core/rows'

/** Where along a row something lies, from its middle. */
function middleWords(x: number, write: (mm: number) => string, closed: boolean): string {
  const middle = closed ? t('centre-front') : t('the-middle')
  if (Math.abs(x) < 0.5) return t('at', { middle })
  return t('of', { abs: write(Math.abs(x)), which: x < 0 ? t('left') : t('right'), middle })
}

/** “Hooping 2: motifs 4 to 6, the hoop’s centre 210 mm right of the middle.” */
export function hoopingWords(
  { from, to, centre }: Hooping,
  i: number,
  closed: boolean,
  write: (mm: number) => string,
): string {
  const motifs = from === to ? t('motif', { from: from + 1 }) : t('motifs-to', { from: from + 1, to: to + 1 })
  return t('hooping-the-hoops-centre', { i: i + 1, motifs, middle: middleWords(centre, write, closed) })
}
