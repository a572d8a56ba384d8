import { type Advice, adviceOf } from '../advice'
import { message } from '../messages/message'

/** Under these a letter wants finer thread, or closes up whatever the thread (craft.md sections 6 and 7). */
const FINE_UNDER_MM = 6
const CLOSES_UNDER_MM = 4

/** What small letters want, whether they were set here or only told of. */
export function smallLetterAdvice(smallestMm: number): Advice[] {
  const high = { plain: Math.floor(smallestMm * 10) / 10 }
  if (smallestMm < CLOSES_UNDER_MM)
    return [
      adviceOf({
        severity: 'caution',
        said: message('design.letters-close', { high, least: { plain: CLOSES_UNDER_MM } }),
      }),
    ]
  if (smallestMm < FINE_UNDER_MM)
    return [adviceOf({ severity: 'caution', said: message('design.letters-fine', { high }) })]
  return []
}
