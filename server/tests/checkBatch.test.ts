import { collections } from '@thimble/contract'
import { readyDemo } from '../../demo/readyDemo'
import { checkBatch, type CheckedBatch } from '../src/shopFile/checkBatch'
import { crewPolo } from './crewPolo'

const demo = readyDemo()
const now = '2026-11-28T10:00:00.000Z'

function check(list: string, ...texts: string[]): CheckedBatch {
  let end = 0
  const bytes = texts.map((text) => Buffer.from(text))
  const ends = bytes.map(({ length }) => (end += length))
  return checkBatch(collections, { list, at: 0, now, bytes: new Uint8Array(Buffer.concat(bytes)), ends })
}
const textOf = (checked: CheckedBatch): string => {
  const [line] = 'lines' in checked ? new TextDecoder().decode(checked.lines).split('\n') : []
  return line!.split('\t')[1]!
}

it('keeps the text of a document as it came, whatever it says of its revision, but for that', () => {
  const { revision: _, ...bare } = { ...crewPolo('a', { note: 'a \\"revision\\":7, said he' }), revision: 3 }
  const plain = JSON.stringify(bare)
  for (const text of [
    plain,
    ` ${plain} `,
    `${plain.slice(0, -1)},"revision":3}`,
    `{"revision":12,${plain.slice(1)}`,
    plain.replace('"name"', '"revision":4,"name"'),
  ])
    expect(textOf(check('pieces', text))).toBe(plain)
  // Spaced otherwise, or with something left out or to be trimmed, it is written as its schema has it.
  for (const text of [
    `{"revision": 3,${plain.slice(1)}`,
    plain.replace('"customer":"",', ''),
    plain.replace(`"name":"${bare.name}"`, `"name":"${bare.name}  "`),
  ])
    expect(JSON.parse(textOf(check('pieces', text)))).toEqual(bare)
})

it('says where a thing stands that is not taken, and no more than the first twenty things wrong with it', () => {
  const broken = check('pieces', JSON.stringify(crewPolo('a')), '{"id":"b"')
  expect(broken).toEqual({ refused: { message: 'This line is not valid JSON.', path: 'pieces.1' } })
  const odd = check(
    'hoops',
    JSON.stringify({ ...demo.hoops[0], ...Object.fromEntries([...Array(500).keys()].map((i) => [`odd${i}`, 1])) }),
  )
  const { issues } = (odd as { refused: { issues: { path: unknown[]; keys: string[] }[] } }).refused
  expect([issues[0]!.path, issues[0]!.keys.length]).toEqual([['hoops', 0], 20])
})

it('looks at what it holds before it is parsed', () => {
  for (const [text, says] of [
    ['['.repeat(200_000), /nested more than 60 deep/],
    [`[${'[],'.repeat(60_000)}1]`, /at most 12,000 lists and objects/],
    [`{${'"a":1,'.repeat(120_000)}"b":1}`, /at most 100,000 fields/],
  ] as const)
    expect((check('pieces', text) as { refused: { message: string } }).refused.message).toMatch(says)
})
