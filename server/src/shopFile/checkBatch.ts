import { problemText } from '@thimble/language'
import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { type Document, type Movement, PackedDesign, type Piece, type Registry, Shop } from '@thimble/contract'
import { PhotoInFile } from '@thimble/contract/answers'
import { CoreError } from '@thimble/core/errors'
import { logRowOf } from '@thimble/plan'
import { z } from 'zod'
import { DESIGN_LIMITS, DOCUMENT_LIMITS, excessText, JsonGauge } from '../json/jsonGauge'
import { takenBy, type Written } from '../ledger/derivedMovements'
import { whenMade } from '../ledger/whenMade'
import { wordsOf } from '../history/logWords'
import { requirePhoto } from '../photos/photoStore'
import { isUnchanged, prepareDocument, type PreparedDocument, withoutRevision } from '../stores/preparedDocument'
import { stagedLine } from './stagedShop'

/**
 * Things of one list, one after the other: all their JSON, and where each ends in it. `at`: the first one's place; `now`:
 * what the clock shows as they are taken in.
 */
export type Batch = { list: string; at: number; now: string; bytes: Uint8Array; ends: number[] }

/** A row of the log that follows from a finished piece. */
export type PreparedLogRow = { finishedAt: string; text: string; words: string }
type OfAccount = Pick<Movement, 'of' | 'ofId'>
/** A thing of a shop file that was read and checked, ready to be written. */
export type CheckedDocument = { list: string; log?: PreparedLogRow; account?: OfAccount } & PreparedDocument
export type CheckedSettings = { list: 'shop'; id: string; text: string }
export type CheckedOther =
  | { list: 'packedDesigns'; id: string; text: string }
  | { list: 'photos'; id: string; jpeg: string }
/** What a recorded piece took of one thing of the stash. */
export type CheckedMove = { piece: string; account: OfAccount } & PreparedDocument

type Issue = { path: PropertyKey[]; message: string; keys?: string[] }
/** Why a file is not taken: the issues a schema found, or a sentence with its place. */
export type Refusal = { issues: Issue[] } | { message: string; path: string }
/** `lines`, `moves`: things ready to be written, a line of JSON each; `ids`: of the first. */
export type CheckedBatch = { lines: Uint8Array; moves: Uint8Array; ids: string[] } | { refused: Refusal }

/** Only within this file: what it says goes to another thread, which copies no errors. */
class Refused extends Error {
  constructor(readonly refusal: Refusal) {
    super()
  }
}

const PackedOfCard = z.strictObject({ id: z.string().max(64), packed: PackedDesign })
const MOST_ISSUES = 20
const LARGE_LISTS = new Set(['packedDesigns', 'photos'])

/**
 * Looks through things of a shop file, each before it is parsed and then by its schema, and makes them ready to be
 * written: a line each. It knows nothing of the shop, so that it can be done by another thread.
 */
export function checkBatch(registry: Registry, { list, at, now, bytes, ends }: Batch): CheckedBatch {
  const [lines, moves, ids]: [string[], string[], string[]] = [[], [], []]
  let from = 0
  for (const [i, end] of ends.entries()) {
    try {
      const checked = checkThing(registry, { list, at: at + i, now }, bytes.subarray(from, end))
      ids.push(checked.thing.id)
      lines.push(stagedLine(checked.thing))
      for (const move of checked.moves) moves.push(stagedLine(move))
    } catch (error) {
      return { refused: refusalOf(error) }
    }
    from = end
  }
  return { lines: bytesOf(lines), moves: bytesOf(moves), ids }
}

const bytesOf = (lines: readonly string[]): Uint8Array => new TextEncoder().encode(lines.join(''))

type Place = Pick<Batch, 'list' | 'at' | 'now'>
type Checked = { thing: CheckedDocument | CheckedSettings | CheckedOther; moves: CheckedMove[] }

function checkThing(registry: Registry, { list, at, now }: Place, json: Uint8Array): Checked {
  const path = list === 'shop' ? [list] : [list, at]
  requireMeasured(list, json, path)
  const text = Buffer.from(json.buffer, json.byteOffset, json.byteLength).toString('utf8')
  const value = parsed(text, path)
  if (list === 'shop') return { thing: { list, id: list, text: JSON.stringify(checked(Shop, value, path)) }, moves: [] }
  if (list === 'packedDesigns' || list === 'photos') return { thing: checkOther(list, value, path), moves: [] }
  const one = Object.hasOwn(registry, list) ? registry[list] : undefined
  if (!one) throw new CoreError('bad-file', t('a-shop-file-has-no'), list)
  const doc = checked(one.schema, value, path)
  if (list === 'pieces') return checkedPiece(registry, doc as Piece, { now, asItCame: textAsItCame(text, value, doc) })
  if (list !== 'movements') return { thing: { list, ...prepareDocument(one, doc) }, moves: [] }
  const movement = { ...(doc as Movement), createdAt: whenMade(doc.createdAt, undefined, now) }
  return { thing: { list, ...prepareDocument(one, movement), account: accountOf(movement) }, moves: [] }
}

/** What is shorter than this costs little to parse, whatever it holds. */
const LITTLE = 100_000

function requireMeasured(list: string, json: Uint8Array, path: readonly PropertyKey[]): void {
  if (json.length < LITTLE) return
  const limits = LARGE_LISTS.has(list) ? DESIGN_LIMITS : DOCUMENT_LIMITS
  const excess = new JsonGauge(limits).add(json)
  if (excess) throw new CoreError('bad-file', excessText(excess, limits), path.join('.'))
}

const accountOf = ({ of, ofId }: OfAccount): OfAccount => ({ of, ofId })

/** The text of a document that says what its schema makes of it, without its revision; undefined where it does not. */
function textAsItCame(text: string, given: unknown, doc: Document): string | undefined {
  const bare = 'revision' in (given as object) ? withoutRevision(text) : text
  return bare !== null && isUnchanged(given as object, doc) ? bare.trim() : undefined
}

type PieceBeside = { now: string; asItCame: string | undefined }

/** A piece, with its row of the log and what its record took of the stash. */
function checkedPiece({ pieces, movements }: Registry, piece: Piece, { now, asItCame }: PieceBeside): Checked {
  const row = logRowOf(piece)
  const log = row && { finishedAt: row.finishedAt, text: JSON.stringify(row), words: wordsOf(row) }
  const moves = (movements ? takenBy(piece) : []).map(({ at, ...said }): CheckedMove => {
    const move = movementOf(said, whenMade(at, undefined, now), now)
    return { piece: piece.id, account: accountOf(move), ...prepareDocument(movements!, move) }
  })
  return { thing: { list: 'pieces', ...prepareDocument(pieces!, piece, asItCame), ...(log ? { log } : {}) }, moves }
}

/** As its schema would have it: what it is made of was checked with the piece. */
function movementOf(said: Omit<Written, 'at'>, createdAt: string, updatedAt: string): Movement {
  const { id, name, of, ofId, kind, amount, found, piece, factor, note } = said
  return { id, createdAt, updatedAt, revision: 0, name, of, ofId, kind, amount, found, piece, factor, note }
}

function checkOther(list: 'packedDesigns' | 'photos', value: unknown, path: PropertyKey[]): CheckedOther {
  if (list === 'packedDesigns') {
    const { id, packed } = checked(PackedOfCard, value, path)
    return { list, id, text: JSON.stringify(packed) }
  }
  const photo = checked(PhotoInFile, value, path)
  requirePhoto(Buffer.from(photo.jpeg, 'base64'))
  return { list, ...photo }
}

function parsed(text: string, path: readonly PropertyKey[]): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new CoreError('bad-file', t('this-line-is-not-valid'), path.join('.'))
  }
}

function checked<T>(schema: z.ZodType<T>, value: unknown, place: PropertyKey[]): T {
  const found = schema.safeParse(value)
  if (found.success) return found.data
  const issues = found.error.issues.slice(0, MOST_ISSUES).map(({ path, message, ...issue }) => {
    const keys = issue.code === 'unrecognized_keys' ? { keys: issue.keys.slice(0, MOST_ISSUES) } : {}
    return { path: [...place, ...path], message, ...keys }
  })
  throw new Refused({ issues })
}

function refusalOf(error: unknown): Refusal {
  if (error instanceof Refused) return error.refusal
  if (error instanceof CoreError) return { message: problemText(error), path: error.path }
  throw error
}
