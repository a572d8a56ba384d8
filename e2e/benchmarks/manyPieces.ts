import { setImmediate } from 'node:timers/promises'
import type { Piece } from '@thimble/contract'
import type { PhotoInFile, ShopFile } from '@thimble/contract/answers'
import type { readyDemo } from '../../demo/readyDemo'

type Lists = Partial<Pick<ShopFile, 'hoops' | 'supplies' | 'threads' | 'items' | 'designs'>> & {
  /** Large: each is made as it is asked for. */
  photos?: Iterable<() => PhotoInFile>
}

/** A shop file of many pieces, a document a line, each made as it is asked for. */
export function* shopLines(
  { format, version, shop }: ReturnType<typeof readyDemo>,
  pieces: Iterable<() => Piece>,
  { photos = [], ...lists }: Lists = {},
): Generator<string> {
  yield `${JSON.stringify({ format, version, shop }).slice(0, -1)}\n`
  for (const [name, list] of Object.entries(lists)) yield* linesOf<object>(name, list, (doc) => doc)
  yield* linesOf('photos', photos, (photo) => photo())
  yield* linesOf('pieces', pieces, (piece) => piece())
  yield '}\n'
}

function* linesOf<T>(name: string, list: Iterable<T>, docOf: (one: T) => object): Generator<string> {
  yield `,"${name}":[\n`
  let between = ''
  for (const one of list) {
    yield `${between}${JSON.stringify(docOf(one))}\n`
    between = ','
  }
  yield ']\n'
}

export const asStream = (text: Generator<string>): ReadableStream<Uint8Array> =>
  new ReadableStream({
    // One at a time, so that whoever asks meanwhile, from this same program, waits for the server and not for this.
    async pull(controller) {
      await setImmediate()
      const { done, value } = text.next()
      if (done) controller.close()
      else controller.enqueue(new TextEncoder().encode(value))
    },
  })
