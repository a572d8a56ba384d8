import { setImmediate } from 'node:timers/promises'
import type { Piece } from '@thimble/contract'
import type { ShopFile } from '@thimble/contract/answers'
import type { demoShop } from '../../demo/demoShop'

type Lists = Partial<Pick<ShopFile, 'hoops' | 'supplies' | 'threads' | 'items' | 'designs' | 'photos'>>

/** A shop file of many pieces, a document a line, each made as it is asked for. */
export function* shopLines(
  { format, version, shop }: ReturnType<typeof demoShop>,
  pieces: Iterable<() => Piece>,
  lists: Lists = {},
): Generator<string> {
  yield `${JSON.stringify({ format, version, shop }).slice(0, -1)}\n`
  for (const [name, list] of Object.entries(lists)) {
    yield `,"${name}":[\n`
    for (const [i, doc] of list.entries()) yield `${i > 0 ? ',' : ''}${JSON.stringify(doc)}\n`
    yield ']\n'
  }
  yield ',"pieces":[\n'
  let between = ''
  for (const piece of pieces) {
    yield `${between}${JSON.stringify(piece())}\n`
    between = ','
  }
  yield ']\n}\n'
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
