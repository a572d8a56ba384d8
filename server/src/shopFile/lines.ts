/** More than this between two line ends is no line of a shop file. */
export class LineTooLong extends Error {}

const LINE_END = 10

/** The lines of a text that comes in pieces, without their ends, as bytes. @throws LineTooLong as soon as one is */
export async function* linesOf(text: AsyncIterable<Uint8Array>, most = Infinity): AsyncGenerator<Uint8Array> {
  let open: Uint8Array[] = []
  let length = 0
  for await (const chunk of text) {
    let from = 0
    for (let end = chunk.indexOf(LINE_END); end >= 0; end = chunk.indexOf(LINE_END, from)) {
      const last = chunk.subarray(from, end)
      if (length + last.length > most) throw new LineTooLong()
      yield open.length === 0 ? last : Buffer.concat([...open, last])
      open = []
      length = 0
      from = end + 1
    }
    if (from === chunk.length) continue
    open.push(chunk.subarray(from))
    length += chunk.length - from
    if (length > most) throw new LineTooLong()
  }
  if (length > 0) yield Buffer.concat(open)
}
