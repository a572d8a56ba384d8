import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { JSONParser } from '@streamparser/json'
import type { Registry } from '@thimble/contract'
import { SHOP_FILE_VERSION, SHOP_FORMAT } from '@thimble/contract/answers'
import { CoreError } from '@thimble/core/errors'
import { isOldShopFile, upgradeShopFile } from '@thimble/plan/upgrade'
import { setImmediate } from 'node:timers/promises'
import { excessText, JsonGauge, MANY_LIMITS } from '../json/jsonGauge'
import { LineTooLong, linesOf } from './lines'

/** Lists of what is no document. */
export const WITHOUT_A_CARD: readonly string[] = ['packedDesigns', 'photos']

/** One thing of a shop file as its JSON text, not looked into yet. `at`: its place in its list. */
export type Part = { list: string; at: number; json: Uint8Array }

/** What does not stand a line a document is read whole, and no more than this. */
const MOST_WHOLE_BYTES = 30_000_000
/** The largest thing in a shop file is a design of half a million stitches. */
export const MOST_LINE = 40_000_000

const HEADER = `{"format":"${SHOP_FORMAT}","version":${SHOP_FILE_VERSION},"shop":{`
const LIST = /^,"(\w+)":\[$/
/** What is longer than this begins or ends no list. */
const MOST_SIGN = 100
const MOST_SETTINGS = 1_000_000
const [LINE_END, COMMA, OPEN] = [10, 44, 123]

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
const MOST_HEAD = 65_536

async function* startingWith(head: Uint8Array, rest: AsyncIterable<Uint8Array>): AsyncGenerator<Uint8Array> {
  yield head
  yield* rest
}

async function* byLine(lines: AsyncIterable<Uint8Array>): AsyncGenerator<Part> {
  let list: string | null = null
  let at = 0
  let ended = false
  try {
    for await (const line of lines) {
      const sign = line.length <= MOST_SIGN ? Buffer.from(line).toString('utf8') : ''
      if (list !== null && sign === ']') list = null
      else if (list !== null) yield { list, at: at++, json: line[0] === COMMA ? line.subarray(1) : line }
      else if (LIST.test(sign)) [list, at] = [LIST.exec(sign)![1]!, 0]
      else if (sign === '}') ended = true
      else if (line.length > 0) yield settingsIn(line)
    }
  } catch (error) {
    throw error instanceof LineTooLong ? tooLong() : error
  }
  if (!ended) throw badFile(t('the-file-is-cut-short'), list ? `${list}.${at}` : '')
}

/** The first line has the settings, and is open. */
function settingsIn(line: Uint8Array): Part {
  if (line[0] !== OPEN || line.length > MOST_SETTINGS) throw badFile(t('theres-something-here-that-doesnt'), '')
  try {
    const { shop } = JSON.parse(`${Buffer.from(line).toString('utf8')}}`) as { shop: unknown }
    return { list: 'shop', at: 0, json: asJson(shop) }
  } catch {
    throw badFile(t('this-line-is-not-valid'), 'shop')
  }
}

/** A whole file as one value: at once where that takes no time, else bit by bit, so that others get their turn. */
async function wholeOf(body: AsyncIterable<Uint8Array>): Promise<unknown> {
  const gauge = new JsonGauge(MANY_LIMITS)
  const chunks: Uint8Array[] = []
  let size = 0
  for await (const chunk of body) {
    chunks.push(chunk)
    size += chunk.length
    if (size > MOST_WHOLE_BYTES) throw tooLong()
    const excess = gauge.add(chunk)
    if (excess) throw badFile(excessText(excess, MANY_LIMITS), '')
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
    throw badFile(t('this-is-not-a-shop', { one: SHOP_FORMAT }), 'format')
  if (file.version !== SHOP_FILE_VERSION)
    throw badFile(t('only-versions-1-to-of', { one: SHOP_FILE_VERSION }), 'version')
  const { format, version, shop, ...lists } = file
  yield { list: 'shop', at: 0, json: asJson(shop) }
  for (const [list, values] of Object.entries(lists)) {
    if (![...names, ...WITHOUT_A_CARD].includes(list)) throw badFile(t('a-shop-file-has-no'), list)
    if (!Array.isArray(values)) throw badFile(t('this-must-be-a-list'), list)
    for (const [at, value] of values.entries()) yield { list, at, json: asJson(value) }
  }
}

/** A value that was parsed, as text again: the checkers know one form only. What is not there is nothing in a list. */
export const asJson = (value: unknown): Uint8Array => Buffer.from(JSON.stringify(value ?? null))

const badFile = (message: string, path: string) => new CoreError('bad-file', message, path)
const notJson = () => badFile(t('the-file-is-not-valid'), '')
const tooLong = () => badFile(t('a-file-of-more-than', { one: MOST_WHOLE_BYTES / 1e6 }), '')
