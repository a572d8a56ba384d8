import fc from 'fast-check'
import { readyDemo } from '../../demo/readyDemo'

const demo = readyDemo()

/** Something that can be asked of the API, by its own description. */
type Door = { method: string; path: string }
export type Asked = { door: Door; id: string; query: string; type: string; body: string }

const odd = fc.oneof(
  fc.constantFrom('', '0', '-1', '1e9', 'NaN', 'null', 'true', '..', '%00', '%2e%2e%2f', '__proto__', 'x'.repeat(300)),
  fc.string({ maxLength: 20 }).map(encodeURIComponent),
)
const ids = fc.oneof(
  fc.constantFrom('piece-polo-4', 'shop', 'machine-boatyard', ...demo.pieces.map(({ id }) => id)),
  odd,
)
const names = [
  'since',
  'limit',
  'offset',
  'state',
  'start',
  'held',
  'dry',
  'seen',
  'cloth',
  'fault',
  'before',
  'nobody',
]
const queries = fc
  .array(fc.tuple(fc.constantFrom(...names), odd), { maxLength: 3 })
  .map((pairs) => pairs.map(([name, value]) => `${name}=${value}`).join('&'))

/** A document of the demo, or its change, with a random value at a random place. */
const spoiled = fc
  .tuple(
    fc.constantFrom<object[]>(
      demo.pieces,
      demo.designs,
      demo.hoops,
      demo.packedDesigns,
      demo.items,
      [demo.shop],
      [demo],
    ),
    fc.nat(),
    fc.array(fc.nat(), { minLength: 1, maxLength: 6 }),
    fc.jsonValue(),
  )
  .map(([list, which, steps, value]) => JSON.stringify(spoil(list[which % list.length]!, steps, value)))
const bodies = fc.oneof(
  spoiled,
  spoiled,
  fc.json(),
  fc.json().map((json) => json.slice(0, -1)),
  fc.constantFrom('', 'null', '[]', '{}', '"text"', '{"__proto__":{"a":1}}', `${'['.repeat(5000)}${']'.repeat(5000)}`),
)
const types = fc.constantFrom(
  'application/json',
  'application/json',
  'application/json',
  'text/plain',
  'image/jpeg',
  '',
)

function spoil(doc: unknown, [step, ...rest]: readonly number[], value: unknown): unknown {
  if (step === undefined || doc === null || typeof doc !== 'object') return value
  const keys = Object.keys(doc)
  if (keys.length === 0) return value
  const key = keys[step % keys.length]!
  const copy = (Array.isArray(doc) ? [...doc] : { ...doc }) as Record<string, unknown>
  copy[key] = spoil(copy[key], rest, value)
  return copy
}

/** The doors of the API as its description has them, but for those that never end. */
export const doorsOf = (paths: Readonly<Record<string, object>>): Door[] =>
  Object.entries(paths)
    .filter(([where]) => !where.endsWith('/events'))
    .flatMap(([where, methods]) => Object.keys(methods).map((method) => ({ method, path: where })))

/** Whatever may be asked at one of these doors, sound or spoiled. */
export const askedAt = (doors: readonly Door[]): fc.Arbitrary<Asked> =>
  fc.record({ door: fc.constantFrom(...doors), id: ids, query: queries, type: types, body: bodies })

export const whereOf = ({ door, id, query }: Asked): string => `${door.path.replace('{id}', id)}?${query}`
