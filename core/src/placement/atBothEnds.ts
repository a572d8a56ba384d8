import { message } from '../messages/message'
import { boxOf } from '../plane/box'
import type { ItemShape } from './itemShape'
import type { Laid } from './laid'

/** The design of one end, and once more at the other end as the piece lies turned half round (craft.md section 2). */
export function atBothEnds(one: Laid, { outline }: ItemShape): Laid {
  const { left, right, top, bottom } = boxOf(outline)
  const [{ pose }] = one.copies as [Laid['copies'][number]]
  const other = { x: left + right - pose.x, y: top + bottom - pose.y, rotation: pose.rotation + 180 }
  return {
    ...one,
    copies: [
      { pose, name: 'end.lower' },
      { pose: other, name: 'end.upper' },
    ],
    steps: [...one.steps, { id: 'turn', said: message('step.turn-end'), marks: ['cross'] }],
    upIs: 'top.far-edge',
  }
}
