import { type Advice, caution } from '../advice'

/** Under these a letter wants finer thread, or closes up whatever the thread (craft.md sections 6 and 7). */
const FINE_UNDER_MM = 6
const CLOSES_UNDER_MM = 4

/** What small letters want, whether they were set here or only told of. */
export function smallLetterAdvice(smallestMm: number): Advice[] {
  const high = `${Math.floor(smallestMm * 10) / 10} mm`
  if (smallestMm < CLOSES_UNDER_MM)
    return [
      caution(
        'letters-close',
        `The smallest letter is ${high} high: under ${CLOSES_UNDER_MM} mm its openings close up. Set it larger, or try it on a scrap.`,
      ),
    ]
  if (smallestMm < FINE_UNDER_MM)
    return [
      caution(
        'letters-fine',
        `The smallest letter is ${high} high: take 60 weight thread and a 65/9 or 70/10 needle, and a film on anything but smooth cloth.`,
      ),
    ]
  return []
}
