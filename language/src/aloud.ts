import type { LengthStyle } from '@thimble/core/lengths'
import type { Message } from '@thimble/core/messages'
import { writeMessage } from './speaker'

/** The same with the words of each message beside it, as `text`. */
export type Aloud<T> = T extends Message
  ? T
  : T extends readonly (infer One)[]
    ? Aloud<One>[]
    : T extends { said: Message }
      ? { [Key in keyof T]: Key extends 'said' ? T[Key] : Aloud<T[Key]> } & { text: string }
      : T extends object
        ? { [Key in keyof T]: Aloud<T[Key]> }
        : T

/**
 * An answer of the core in words: wherever a message stands in it as `said`, its `text` in the worker's units comes beside it.
 *
 * @example aloud({ code: 'blades', said: ['cut.blades'] }).text // 'Blades cut. Cut away from your hand, …'
 */
export function aloud<T>(answer: T, style?: LengthStyle): Aloud<T> {
  if (Array.isArray(answer)) return answer.map((one: unknown) => aloud(one, style)) as Aloud<T>
  if (answer === null || typeof answer !== 'object' || Object.getPrototypeOf(answer) !== Object.prototype)
    return answer as Aloud<T>
  const spoken = Object.fromEntries(
    Object.entries(answer).map(([key, value]) => [key, key === 'said' ? value : aloud(value, style)]),
  )
  return ('said' in answer ? { ...spoken, text: writeMessage(answer.said as Message, style) } : spoken) as Aloud<T>
}
