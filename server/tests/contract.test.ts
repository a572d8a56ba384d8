import {
  blankShop,
  collectionNames,
  collections,
  DesignCard,
  DesignFile,
  fillIn,
  PackedDesign,
  Piece,
  Shop,
  Thread,
} from '@thimble/contract'
import { readyDemo } from '../../demo/readyDemo'

const times = { createdAt: '2026-11-20T08:00:00.000Z', updatedAt: '2026-11-20T08:00:00.000Z' }
const design = {
  ...{ id: 'leaf', name: 'Leaf', ...times, width: 40, height: 33, stitches: 420, colours: ['#3e6b4c'], kind: 'fill' },
}
const block = { colour: '#3e6b4c', stitchCount: 2, estimated: false, jumps: 0, trims: 0, stitches: [0, 0, 4000, 0] }
const packed = { source: 'stitches', width: 4, height: 1, blocks: [block], warnings: [] }
const thread = { id: 't', name: 'Madder', colour: '#a63a2b', ...times }

type Schema = {
  safeParse: (doc: unknown) => { success: boolean; error?: { issues: { path: PropertyKey[]; message: string }[] } }
}
const firstIssue = (schema: Schema, doc: unknown): string => {
  const [issue] = schema.safeParse(doc).error?.issues ?? []
  return issue ? `${issue.path.join('.')}: ${issue.message}` : 'taken'
}

describe('a design on the wire', () => {
  it('known by its size alone needs no more than that', () => {
    expect(DesignCard.parse(design)).toMatchObject({
      ...{ source: 'size', order: null, summary: null, smallestLetterMm: null },
      change: { scale: 1, rotate: 0, mirror: 'none' },
    })
  })

  it.each([
    [{ stitches: 0 }, /^stitches: It must be above zero/],
    [{ stitches: 12.5 }, /^stitches: Stitches are a whole number/],
    [{ stitches: 500_001 }, /^stitches: The most is 500,000/],
    [{ stitches: Number.NaN }, /^stitches: /],
    [{ width: -1 }, /^width: /],
    [{ width: Infinity }, /^width: /],
    [{ colours: [] }, /^colours: Give at least one colour/],
    [{ colours: ['red'] }, /^colours.0: /],
    [{ kind: 'knitting' }, /^kind: /],
    [{ change: { scale: 0.05, rotate: 0, mirror: 'none' } }, /^change.scale: The smallest is a tenth/],
    [{ change: { scale: 1, rotate: 720, mirror: 'none' } }, /^change.rotate: /],
    [{ order: [-1] }, /^order.0: /],
    [{ name: '' }, /^name: /],
  ])('is refused with %j', (wrong, words) => {
    expect(firstIssue(DesignCard, { ...design, ...wrong })).toMatch(words)
  })
})

describe('a packed design on the wire', () => {
  it('is whole thousandths of a millimetre within five metres', () => {
    expect(firstIssue(PackedDesign, packed)).toBe('taken')
    const points = (stitches: unknown[]) => firstIssue(PackedDesign, { ...packed, blocks: [{ ...block, stitches }] })
    for (const wrong of [
      [0.5, 0],
      [5_000_001, 0],
      [Number.NaN, 0],
      ['0', 0],
      [null, 0],
    ])
      expect(points(wrong)).toMatch(/^blocks.0.stitches.0: /)
  })

  it.each([
    [{ source: 'size' }, /^source: A packed design is artwork or stitches/],
    [{ blocks: [] }, /^blocks: A design has a block at least/],
    [{ blocks: Array.from({ length: 2001 }, () => block) }, /^blocks: More than 2000 blocks/],
    [{ blocks: [{ ...block, colour: 'url(http://example.org)' }] }, /^blocks.0.colour: /],
    [{ blocks: [{ ...block, lines: [{ width: 0, lines: [] }] }] }, /^blocks.0.lines.0.width: /],
    [{ pageBox: { x: Infinity, y: 0 } }, /^pageBox.x: /],
  ])('is refused with %j', (wrong, words) => {
    expect(firstIssue(PackedDesign, { ...packed, ...wrong })).toMatch(words)
  })
})

describe('a design file', () => {
  const { id, createdAt, updatedAt, ...said } = design
  const file = { format: 'zealous-thimble-design', version: 2, design: said, packed }

  it('may come with the design as it was read or without', () => {
    expect([firstIssue(DesignFile, file), firstIssue(DesignFile, { ...file, packed: null })]).toEqual([
      'taken',
      'taken',
    ])
  })

  it.each([
    [{ format: 'other' }, /^format: This is not a design file/],
    [{ version: 3 }, /^version: Only versions 1 and 2/],
    [{ design: { ...said, stitches: 'many' } }, /^design.stitches: /],
    [{ packed: { ...packed, width: 1e12 } }, /^packed.width: /],
  ])('is refused with %j', (wrong, words) => {
    expect(firstIssue(DesignFile, { ...file, ...wrong })).toMatch(words)
  })
})

describe('a thread on the wire', () => {
  it('is 40 weight polyester, as much of it as is not known, when nothing is said', () => {
    expect(Thread.parse(thread)).toMatchObject({ weight: 40, fibre: 'polyester', leftM: null })
  })

  it.each([
    [{ weight: 41 }, /^weight: /],
    [{ colour: '#fff' }, /^colour: /],
    [{ lowM: -1 }, /^lowM: It can’t be less than zero/],
    [{ fibre: 'gold' }, /^fibre: /],
  ])('is refused with %j', (wrong, words) => {
    expect(firstIssue(Thread, { ...thread, ...wrong })).toMatch(words)
  })
})

describe('what a start knows without the schemas', () => {
  it('is a shop as its schema’s defaults make it, and the collections in the registry’s order', () => {
    expect(blankShop()).toEqual(fillIn(Shop, {}))
    expect(Object.keys(collections)).toEqual(collectionNames)
  })
})

it('fills in what an older version did not know of a decision', () => {
  const piece = readyDemo().pieces.find((one) => one.hoop.kept.length > 0)!
  const old = JSON.parse(JSON.stringify(piece))
  delete old.measure.kept[0].design.parts
  delete old.hoop.kept[0].hoop.notchOffset
  delete old.hoop.kept[0].poses
  delete old.hoop.tries
  expect(fillIn(Piece, old)).toEqual(piece)
})
