/** A body within what is taken, made to cost as much as it can. */
export type Heavy = { what: string; method: 'POST' | 'PATCH' | 'PUT'; where: string; type?: string; body: string }

const MEGABYTE = 1_000_000
const filled = (piece: string, bytes: number): string => piece.repeat(Math.floor(bytes / piece.length))
const keys = (bytes: number): string =>
  Array.from({ length: bytes / 12 }, (_, i) => `"k${String(i).padStart(6, '0')}":1`).join()
const HEAD = '{"format":"zealous-thimble-shop","version":2,"shop":{}'

/** A sound design of as many numbers as are taken, long ones, and no card for it. */
function designLine(): string {
  const stitches = filled('4000000,', 7.9 * MEGABYTE).slice(0, -1)
  const count = { stitchCount: 490_000, estimated: false, jumps: 0, trims: 0 }
  const block = JSON.stringify({ colour: '#3e6b4c', ...count }).slice(0, -1)
  const blocks = Array.from({ length: 3 }, () => `${block},"stitches":[${stitches}]}`)
  const packed = `{"source":"stitches","width":100,"height":100,"blocks":[${blocks.join()}],"warnings":[]}`
  return `${HEAD}\n,"packedDesigns":[\n{"id":"nobody","packed":${packed}}\n]\n}\n`
}

/** Bodies at the limits of each door that takes one: lists, fields, numbers, one long line, and one without end in depth. */
export function heavyBodies(): Heavy[] {
  const [small, large, file] = [1.9 * MEGABYTE, 39 * MEGABYTE, 59 * MEGABYTE]
  const inPiece = (inner: string): string => `{"finish":{"kept":[${inner}]}}`
  const lines = (line: string): string => `${HEAD}\n,"pieces":[\n${line}\n]\n}\n`
  const patch = { method: 'PATCH', where: '/pieces/piece-polo-4' } as const
  const packed = { method: 'PUT', where: '/designs/design-tern/packed' } as const
  const pieces = { method: 'POST', where: '/orders/order-crew-polos/pieces' } as const
  const taken = { method: 'POST', where: '/import?dry=true' } as const
  return [
    { ...patch, what: 'a patch of lists', body: inPiece(`${filled('[],', small)}1`) },
    { ...patch, what: 'a patch of objects', body: inPiece(`${filled('{},', small)}1`) },
    { ...patch, what: 'a patch of objects within what is counted', body: inPiece(`${filled('{},', 33_000)}{}`) },
    { ...patch, what: 'a patch of fields', body: `{${keys(small)}}` },
    { ...patch, what: 'a patch of fields within what is counted', body: `{${keys(1_000_000)}}` },
    { ...patch, what: 'a patch of numbers', body: `{"measure":{"zones":[${filled('7,', small)}7]}}` },
    { ...patch, what: 'a patch in depth', body: filled('{"a":', small) },
    { ...packed, what: 'a design of lists', body: `{"blocks":[${filled('[],', large)}1]}` },
    { ...packed, what: 'a design of numbers', body: `{"blocks":[{"stitches":[${filled('7,', large)}7]}]}` },
    {
      ...packed,
      what: 'a design of numbers within what is counted',
      body: `{"blocks":[${filled(`{"stitches":[${filled('7,', 1_800_000)}7]},`, 10 * MEGABYTE)}{}]}`,
    },
    {
      ...pieces,
      what: 'an order of objects within what is counted',
      body: `{"designs":[],"pieces":[${filled('{},', 1_700_000)}{}]}`,
    },
    { ...pieces, what: 'an order of empty pieces', body: `{"designs":[],"pieces":[${filled('{},', large)}{}]}` },
    { ...pieces, what: 'an order of fields', body: `{${keys(large)}}` },
    { ...taken, what: 'a file of lists', body: filled('[],', file) },
    { ...taken, what: 'a file of lists, opened', body: `[${filled('[],', file)}1]` },
    { ...taken, what: 'a file of fields', body: `{${keys(28 * MEGABYTE)}}` },
    { ...taken, what: 'a file of one string', body: `"${filled('x', file)}"` },
    { ...taken, what: 'a file ten million deep', body: filled('[', 10 * MEGABYTE) },
    { ...taken, what: 'a line of lists', body: lines(`[${filled('[],', large)}1]`) },
    { ...taken, what: 'a line of a design as large as any', body: designLine() },
    { ...taken, what: 'a line of one string', body: lines(`"${filled('x', large)}"`) },
    { ...taken, what: 'a line that is too long', body: lines(`"${filled('x', file)}"`) },
    { ...taken, what: 'a line in depth', body: lines(filled('{"a":', large)) },
    { ...taken, what: 'a first line without end', body: filled(`${HEAD.slice(0, -1)}`, file) },
    { ...taken, what: 'a million empty lines', body: lines(filled('{}\n,', 4 * MEGABYTE)) },
  ]
}
