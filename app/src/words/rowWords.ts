import type { Hooping } from '@thimble/core/rows'

/** Where along a row something lies, from its middle. */
function middleWords(x: number, write: (mm: number) => string, closed: boolean): string {
  const middle = closed ? 'centre front' : 'the middle'
  if (Math.abs(x) < 0.5) return `at ${middle}`
  return `${write(Math.abs(x))} ${x < 0 ? 'left' : 'right'} of ${middle}`
}

/** “Hooping 2: motifs 4 to 6, the hoop’s centre 210 mm right of the middle.” */
export function hoopingWords(
  { from, to, centre }: Hooping,
  i: number,
  closed: boolean,
  write: (mm: number) => string,
): string {
  const motifs = from === to ? `motif ${from + 1}` : `motifs ${from + 1} to ${to + 1}`
  return `Hooping ${i + 1}: ${motifs}, the hoop’s centre ${middleWords(centre, write, closed)}.`
}
