import { shopComputer as t } from '@thimble/language/en/shopComputer'
/**
 * What JSON text may hold at the most: how deep it is nested, how many objects and lists, keys and values. Parsing costs
 * by these, not by bytes: a megabyte of `[]` takes forty times the memory of a megabyte of text.
 */
export type JsonLimits = { depth: number; containers: number; keys: number; values: number }
type JsonExcess = keyof JsonLimits

/** No document is nested deeper than a dozen; what goes far beyond was made to break something. */
const DEPTH = 60
/** The largest documents by far are jobs for a machine; one of the bench has some 300 lists and 900 keys. */
export const DOCUMENT_LIMITS: JsonLimits = { depth: DEPTH, containers: 12_000, keys: 100_000, values: 200_000 }
/** A design of half a million stitches has a million numbers; one of many shapes a list for each. */
export const DESIGN_LIMITS: JsonLimits = { depth: DEPTH, containers: 200_000, keys: 100_000, values: 3_000_000 }
/** Two thousand documents at once. */
export const MANY_LIMITS: JsonLimits = { depth: DEPTH, containers: 600_000, keys: 2_000_000, values: 6_000_000 }

const [QUOTE, BACKSLASH] = [34, 92]
/** What a byte outside of strings is to the gauge; all others are nothing to it. */
const [COMMA, COLON, OPEN, CLOSE, STRING] = [1, 2, 3, 4, 5]
const MEANS = new Uint8Array(256)
for (const [signs, meaning] of [
  [',', COMMA],
  [':', COLON],
  ['[{', OPEN],
  [']}', CLOSE],
  ['"', STRING],
] as const)
  for (const sign of signs) MEANS[sign.charCodeAt(0)] = meaning

/**
 * Measures JSON text as it comes, part by part, before anyone parses it. What is in strings does not count.
 *
 * @example new JsonGauge({ depth: 1, containers: 9, keys: 9, values: 9 }).add('[[') is 'depth'
 */
export class JsonGauge {
  #depth = 0
  #containers = 0
  #keys = 0
  #values = 0
  #quoted = false
  #escaped = false

  constructor(private readonly limits: JsonLimits) {}

  /** How deep the text is at its end so far. */
  get depth(): number {
    return this.#depth
  }

  /** Goes through another part; says what there is too much of by now, or null. */
  add(part: Uint8Array): JsonExcess | null {
    for (let i = this.#quoted ? this.#pastString(part, 0) : 0; i < part.length; i++) {
      const meaning = MEANS[part[i]!]
      if (meaning === 0) continue
      if (meaning === STRING) i = this.#pastString(part, i + 1) - 1
      else if (meaning === COMMA) this.#values++
      else if (meaning === COLON) this.#keys++
      else if (meaning === CLOSE) this.#depth--
      else if (this.#open()) break
    }
    return this.#excess()
  }

  /** Whether it is deeper than it may be: no more is looked at then. */
  #open(): boolean {
    this.#containers++
    return ++this.#depth > this.limits.depth
  }

  /** Where it goes on after the string that is open at `from`, or the part's end where the string goes on. */
  #pastString(part: Uint8Array, from: number): number {
    let i = this.#escaped ? from + 1 : from
    this.#escaped = false
    for (; i < part.length; i++) {
      const code = part[i]
      if (code === QUOTE) {
        this.#quoted = false
        return i + 1
      }
      if (code === BACKSLASH) i++
    }
    this.#quoted = true
    this.#escaped = i > part.length
    return part.length
  }

  #excess(): JsonExcess | null {
    const { depth, containers, keys, values } = this.limits
    if (this.#depth > depth) return 'depth'
    if (this.#containers > containers) return 'containers'
    if (this.#keys > keys) return 'keys'
    return this.#values > values ? 'values' : null
  }
}

/** What is wrong with it, in a sentence. */
export const excessText = (excess: JsonExcess, limits: JsonLimits): string =>
  excess === 'depth'
    ? t('nothing-here-is-nested-more', { depth: limits.depth })
    : t('thats-too-much-at-most', { limits: limits[excess], one: EXCESS[excess] })
const EXCESS = { containers: t('lists-and-objects'), keys: 'fields', values: 'values' } as const
