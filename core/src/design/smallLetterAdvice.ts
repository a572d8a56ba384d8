import { type Advice, adviceOf } from '../advice'
import { message } from '../messages/message'

/** Letters lower than this, in mm, close up in 40 wt (craft.md section 6). */
export const SMALL_LETTER = 6
/** Lower than this they close up whatever the thread. */
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
  if (smallestMm < SMALL_LETTER)
    return [adviceOf({ severity: 'caution', said: message('design.letters-fine', { high }) })]
  return []
}
