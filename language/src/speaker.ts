import type { LengthStyle } from '@thimble/core/lengths'
import type { Message, Named } from '@thimble/core/messages'
import { MessageFormat } from 'messageformat'
import { en } from './en'
import { locale, platformLocale } from './locale'
import { marked, markedMessage } from './marked'
import { slotFunctions } from './slotFunctions'

const book: Readonly<Record<string, string>> = en

/** Makes words of messages for one worker. `write` fills a text that was looked up already. */
type Speaker = {
  say: (message: Message) => string
  name: (name: Named) => string
  write: (text: string, fills: Readonly<Record<string, unknown>>) => string
}

/** A sentence without slots needs no reading. */
const plain = (text: string): boolean => !/[{\\]/.test(text)

const [aloud, spoken] = locale === 'en-XA' ? [marked, markedMessage] : [(text: string) => text, (text: string) => text]

function makeSpeaker(lengths: LengthStyle): Speaker {
  const functions = slotFunctions({
    locale: platformLocale,
    lengths,
    nameOf: (filled) => name(filled as Named),
    range: (from, to) => write(en.range, { from, to }),
  })
  const read = new Map<string, MessageFormat<'written'>>()
  const formatOf = (text: string): MessageFormat<'written'> => {
    const ready =
      read.get(text) ?? new MessageFormat(platformLocale, spoken(text), { functions, bidiIsolation: 'none' })
    read.set(text, ready)
    return ready
  }
  const write: Speaker['write'] = (text, fills) =>
    plain(text) ? aloud(text) : formatOf(text).format(fills, () => undefined)
  const say = ([id, fills = {}]: Message): string => {
    const text = book[id]
    return text === undefined ? book.unknown! : write(text, fills)
  }
  const name = (named: Named): string => {
    if (typeof named === 'string') return say([named])
    if (named && 'own' in named) return named.own
    return Array.isArray(named) ? say(named as unknown as Message) : '?'
  }
  return { say, name, write }
}

const speakers = new Map<string, Speaker>()

/**
 * Who speaks in the units of this worker.
 *
 * @example speakerFor({ unit: 'in' }).say(['step.dots', { across: 40, up: 30 }]) // 'Dots 1 5/8" left and right …'
 */
export function speakerFor(lengths: LengthStyle): Speaker {
  const key = `${lengths.unit}/${lengths.fraction ?? ''}`
  const speaker = speakers.get(key) ?? makeSpeaker(lengths)
  speakers.set(key, speaker)
  return speaker
}

const MILLIMETRES: LengthStyle = { unit: 'mm' }

/**
 * A sentence in words, its lengths in the worker's units. A sentence that this version does not know, kept by a newer
 * one, says so.
 *
 * @example writeMessage(['line.own-top', { zone: { own: 'zip' } }]) // 'the top of the zip'
 */
export const writeMessage = (message: Message, style: LengthStyle = MILLIMETRES): string =>
  speakerFor(style).say(message)

/** A name as a label has it. @example labelOf('holding.hooped') // 'Hooped' */
export const labelOf = (name: Named): string => writeMessage(['label', { name }])

/** A name in words. */
export const writeName = (name: Named): string => speakerFor(MILLIMETRES).name(name)
