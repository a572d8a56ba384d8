import { planning as t } from '@thimble/language/en/planning'
import { type Message, message } from '@thimble/core/messages'
import { writeMessage } from '@thimble/language'
import type { Move } from './dialMove'

/** A number that is dialled in: how far, and which way a hand understands; `any`: false where it is none. */
export type DialPart = { id: 'turn' | 'across' | 'along'; amount: string; way: Way; any: boolean }

type Dial = Pick<Move, 'turn' | 'right' | 'down'>

/** As the machine's own display has it: its own steps, without the zeros that say nothing. */
const shown = (value: number): string => String(Number(Math.abs(value).toFixed(2)))

type Way = 'clockwise' | 'anticlockwise' | 'right' | 'left' | 'toward' | 'away'

const ways = {
  turn: ['clockwise', 'anticlockwise'],
  across: ['right', 'left'],
  along: ['toward', 'away'],
} as const satisfies Record<DialPart['id'], readonly [Way, Way]>

/**
 * The three numbers that are dialled in, the same wherever they stand: at Hoop, after the check, on the list, on paper and
 * at the machine. In degrees and millimetres whatever the shop measures in, because a machine shows those.
 *
 * @example dialParts({ turn: -90, right: 4.2, down: 0 }).map(({ amount, way }) => [amount, way])
 * // [['90', 'anticlockwise'], ['4.2', 'right'], ['0', 'toward']]
 */
export function dialParts({ turn, right, down }: Dial): DialPart[] {
  return Object.entries({ turn, across: right, along: down }).map(([id, value]) => {
    const [plus, minus] = ways[id as DialPart['id']]
    const amount = shown(value)
    const any = amount !== '0'
    return { id: id as DialPart['id'], amount, way: any && value < 0 ? minus : plus, any }
  })
}

/** Those of them that are any, each with its way. */
const partMessages = (dial: Dial): Message[] =>
  dialParts(dial)
    .filter(({ any }) => any)
    .map(({ way, amount }) => message(`dial.${way}` as const, { far: { plain: Number(amount) } }))

/** What was dialled in, to go into a sentence. @example dialledText({ turn: -90, right: 4.2, down: 0 }) // '90° anticlockwise, 4.2 mm right' */
export const dialledText = (dial: Dial): string =>
  partMessages(dial)
    .map((part) => writeMessage(part))
    .join(', ') || t('no-turn-no-move')

/** The same as one line, the numbers that are none left out. */
export function dialMessage(dial: Dial): Message {
  const parts = partMessages(dial)
  if (parts.length === 0) return message('start.centred')
  const [first, second, third] = parts
  if (!second) return message('start.dial-one', { first: first! })
  if (!third) return message('start.dial-two', { first: first!, second })
  return message('start.dial-all', { first: first!, second, third })
}
