import { JSONParser } from '@streamparser/json'
import type { Registry } from '@thimble/contract'
import { SHOP_FILE_VERSION, SHOP_FORMAT } from '@thimble/contract/answers'
import { CoreError } from '@thimble/core/errors'
import { isOldShopFile, upgradeShopFile } from '@thimble/plan/upgrade'
import { setImmediate } from 'node:timers/promises'
import { LineTooLong, linesOf } from './lines'

/** One thing of a shop file, as it was read: not looked into yet. `at`: its place in its list. */
/** Lists of what is no document. */
export const WITHOUT_A_CARD: readonly string[] = ['packedDesigns', 'photos']

export type Part = { list: string; at: number; value: unknown }

/** What does not stand a line a document is read whole, and no more than this. */
const MOST_WHOLE_BYTES = 60_000_000
/** The largest thing in a shop file is a design of half a million stitches. */
const MOST_LINE = 60_000_000

const HEADER = `{"format":"${SHOP_FORMAT}","version":${SHOP_FILE_VERSION},"shop":{`
const LIST = /^,"(\w+)":\[$/

/**
 * The things in a shop file, one after the other: of any length where it stands as the program writes it, a document a
 * line; another way of writing the same JSON, or an older version, is read whole.
 *
 * @throws CoreError('bad-file') with a sentence and the place
 */
export async function* readParts(body: AsyncIterable<Uint8Array>, registry: Registry): AsyncGenerator<Part> {
  const chunks = body[Symbol.asyncIterator]()
  const head = await headOf(chunks)
  const all = startingWith(head, { [Symbol.asyncIterator]: () => chunks })
  const ours = new TextDecoder().decode(head.subarray(0, HEADER.length)) === HEADER && head.includes(LINE_END)
  yield* ours ? byLine(linesOf(all, MOST_LINE)) : partsOf(await wholeOf(all), Object.keys(registry))
}

/** As much of it as holds the first line, where it has lines. */
async function headOf(chunks: AsyncIterator<Uint8Array>): Promise<Uint8Array> {
  let head = Buffer.alloc(0)
  while (!head.includes(LINE_END) && head.length < MOST_HEAD) {
    const { done, value } = await chunks.next()
    if (done) break
    head = Buffer.concat([head, value])
  }
  return head
}
const LINE_END = 10
const MOST_HEAD = 65_536

async function* startingWith(head: Uint8Array, rest: AsyncIterable<Uint8Array>): AsyncGenerator<Uint8Array> {
  yield head
  yield* rest
}

async function* byLine(lines: AsyncIterable<string>): AsyncGenerator<Part> {
  let list: string | null = null
  let at = 0
  let ended = false
  try {
    for await (const line of lines) {
      if (list === null && line.startsWith('{')) yield { list: 'shop', at: 0, value: parse(`${line}}`, 'shop').shop }
      else if (list === null && LIST.test(line)) [list, at] = [LIST.exec(line)![1]!, 0]
      else if (list !== null && line === ']') list = null
      else if (list !== null) yield { list, at, value: parse(line.replace(/^,/, ''), `${list}.${at++}`) }
      else if (line === '}') ended = true
      else if (line !== '') throw badFile('There is something here that no shop file has.', '')
    }
  } catch (error) {
    throw error instanceof LineTooLong ? tooLong() : error
  }
  if (!ended) throw badFile('The file is cut short: its end is missing.', list ? `${list}.${at}` : '')
}

/** A whole file as one value: at once where that takes no time, else bit by bit, so that others get their turn. */
async function wholeOf(body: AsyncIterable<Uint8Array>): Promise<unknown> {
  const chunks: Uint8Array[] = []
  let size = 0
  for await (const chunk of body) {
    chunks.push(chunk)
    size += chunk.length
    if (size > MOST_WHOLE_BYTES) throw tooLong()
  }
  if (size > SMALL) return bitByBit(chunks)
  try {
    return JSON.parse(Buffer.concat(chunks).toString('utf8'))
  } catch {
    throw notJson()
  }
}
const SMALL = 3_000_000

async function bitByBit(chunks: readonly Uint8Array[]): Promise<unknown> {
  const parser = new JSONParser()
  let [whole, broken]: [unknown, boolean] = [undefined, false]
  parser.onValue = ({ value, stack }) => {
    if (stack.length === 0) whole = value
  }
  parser.onError = () => void (broken = true)
  for (const chunk of chunks)
    for (let i = 0; i < chunk.length && !broken; i += BIT) {
      parser.write(chunk.subarray(i, i + BIT))
      await setImmediate()
    }
  if (broken || whole === undefined) throw notJson()
  return whole
}
const BIT = 65_536

async function* partsOf(whole: unknown, names: readonly string[]): AsyncGenerator<Part> {
  const file = (isOldShopFile(whole) ? upgradeShopFile(whole) : whole) as Record<string, unknown>
  if (file === null || typeof file !== 'object' || file.format !== SHOP_FORMAT)
    throw badFile(`This is not a shop file: “format” has to be ${SHOP_FORMAT}.`, 'format')
  if (file.version !== SHOP_FILE_VERSION)
    throw badFile(`Only versions 1 to ${SHOP_FILE_VERSION} of the shop file are known.`, 'version')
  const { format, version, shop, ...lists } = file
  yield { list: 'shop', at: 0, value: shop }
  for (const [list, values] of Object.entries(lists)) {
    if (![...names, ...WITHOUT_A_CARD].includes(list)) throw badFile('No shop file has such a list.', list)
    if (!Array.isArray(values)) throw badFile('This has to be a list.', list)
    for (const [at, value] of values.entries()) yield { list, at, value }
  }
}

function parse(line: string, path: string): Record<string, unknown> {
  try {
    return JSON.parse(line) as Record<string, unknown>
  } catch {
    throw badFile('This line is not valid JSON.', path)
  }
}

const badFile = (message: string, path: string) => new CoreError('bad-file', message, path)
const notJson = () => badFile('The file is not valid JSON, or is cut short.', '')
const tooLong = () =>
  badFile(
    `A file of more than ${MOST_WHOLE_BYTES / 1e6} MB is taken only as the program writes it: one document a line.`,
    '',
  )
