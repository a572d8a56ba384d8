/** More than this between two line ends is no line of a shop file. */
export class LineTooLong extends Error {}

/** The lines of a text that comes in pieces, without their ends. @throws LineTooLong */
export async function* linesOf(text: AsyncIterable<Uint8Array>, most: number): AsyncGenerator<string> {
  const decoder = new TextDecoder()
  let open: string[] = []
  let length = 0
  for await (const chunk of text) {
    const [first, ...rest] = decoder.decode(chunk, { stream: true }).split('\n')
    open.push(first!)
    length += first!.length
    for (const part of rest) {
      yield open.join('')
      open = [part]
      length = part.length
    }
    if (length > most) throw new LineTooLong()
  }
  if (length > 0) yield open.join('')
}
