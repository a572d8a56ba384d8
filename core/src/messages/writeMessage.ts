import { formatLength } from '../lengths/formatLength'
import type { LengthStyle } from '../lengths/units'
import {
  bobbinColourNames,
  gripNames,
  holdingNames,
  layerNames,
  loadNames,
  pointNames,
  workNames,
} from '../recipe/names'
import { faultNames, howBadNames, verdictNames } from '../outcomes/names'
import { phrases } from './phrases'
import type { Fill, Named, Message } from './message'

const MILLIMETRES: LengthStyle = { unit: 'mm' }
const named = (room: string, names: Readonly<Record<string, string>>): [string, string][] =>
  Object.entries(names).map(([id, name]) => [`${room}.${id}`, name.toLowerCase()])

const book: Readonly<Record<string, string>> = {
  ...phrases,
  ...Object.fromEntries([
    ...named('load', loadNames),
    ...named('work', workNames),
    ...named('layer', layerNames),
    ...named('grip', gripNames),
    ...named('holding', holdingNames),
    ...named('point', pointNames),
    ...named('bobbin', bobbinColourNames),
    ...named('fault', faultNames),
    ...named('how-bad', howBadNames),
    ...named('verdict', verdictNames),
  ]),
}

/**
 * A sentence in words, its lengths in the worker's units. A sentence that this version does not know, kept by a newer
 * one, says so.
 *
 * @example writeSaid(['line.own-top', { zone: { own: 'zip' } }]) // 'the top of the zip'
 */
export function writeMessage([id, fills = {}]: Message, style: LengthStyle = MILLIMETRES): string {
  const phrase = book[id]
  if (phrase === undefined) return book.unknown!
  return phrase.replace(/\{(\w+)\}/g, (_, slot: string) => writeFill(fills[slot], style))
}

/** A name in words. */
export function writeName(name: Named): string {
  if (typeof name === 'string') return writeMessage([name])
  return 'own' in name ? name.own : writeMessage(name)
}

function writeFill(fill: Fill | undefined, style: LengthStyle): string {
  if (fill === undefined) return '?'
  if (typeof fill === 'number') return formatLength(fill, style)
  if (typeof fill === 'object' && 'plain' in fill) return String(fill.plain)
  return Array.isArray(fill) ? writeMessage(fill as unknown as Message, style) : writeName(fill)
}
