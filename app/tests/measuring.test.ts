import { blankPiece, Piece, type PieceZone, type Shop } from '@thimble/contract'
import { defaultHabits } from '@thimble/core'
import { readItem } from '@/features/items/itemDraft'
import { alsoOn, sameAgain, sharedPart } from '@/features/piece/shared'
import { nextAction } from '@/plan/nextAction'
import { planMeasure } from '@/plan/planPiece'
import { recall } from '@/state/memory'
import { withEmpties } from '@/state/resources'

const shop: Shop = { name: 'Marram & Tide', unit: 'mm', fraction: 8, theme: 'auto', habits: defaultHabits }
const mm = (text: string) => ({ text, unit: 'mm' as const })
const start = {
  id: 'p1',
  name: 'Ferry hood',
  createdAt: '2026-11-24T08:00:00.000Z',
  unit: 'mm' as const,
  family: 'sweatshirt' as const,
}
const piece = (over: Partial<Piece> = {}): Piece => ({
  ...blankPiece({ ...start, itemKind: 'tee', size: 'm', placement: 'left-chest' }),
  ownDesign: { width: mm('60'), height: mm('40'), load: 'light', kind: 'fill', colour: '#2c4a7a' },
  ...over,
})
const plan = (p: Piece) => planMeasure(p, { shop, designs: {} })
const fresh = { id: 'p2', now: '2026-11-24T09:00:00.000Z', unit: 'mm' as const }

describe('what is asked', () => {
  it('is only what the placement needs', () => {
    expect(
      plan(piece())
        .asks.filter((a) => !a.optional)
        .map((a) => a.id),
    ).toEqual(['chestWidth', 'shoulderToUnderarm', 'neckWidth', 'neckDrop'])
    expect(plan(piece({ placement: 'sleeve' })).asks.map((a) => a.id)).toEqual(['sleeveHem', 'sleeveLength'])
  })

  it('lets a number wait that is wrong for another placement on the item', () => {
    const wrong = { measures: { sleeveHem: mm('wide') } }
    expect(plan(piece(wrong)).problems).toEqual({})
    expect(plan(piece({ ...wrong, placement: 'sleeve' })).problems['measures.sleeveHem']).toMatch(/“wide”/)
  })
})

describe('zones found on the piece', () => {
  const zone = (over: Partial<PieceZone>): PieceZone => ({
    id: 'z',
    kind: 'pocket',
    name: 'Pocket',
    line: 'neck',
    down: mm(''),
    height: mm(''),
    side: 'right',
    off: mm('110'),
    width: mm(''),
    ...over,
  })
  const near = (z: PieceZone) => plan(piece({ zones: [z] }))

  it('are nothing until something of them is typed, and lie on the side that was said', () => {
    expect(near(zone({})).placement!.item.zones.some((z) => z.id === 'own.z')).toBe(false)
    const outline = near(zone({ down: mm('90'), height: mm('100'), width: mm('100') })).placement!.item.zones.find(
      (z) => z.id === 'own.z',
    )!.outline
    expect(outline.map((p) => [p.x, p.y])).toEqual([
      [60, 90],
      [160, 90],
      [160, 190],
      [60, 190],
    ])
  })

  it('say at their field what cannot be read or lies beyond the item', () => {
    expect(near(zone({ down: mm('low') })).problems['zones.z.down']).toMatch(/“low”/)
    expect(near(zone({ down: mm('4000'), height: mm('10') })).problems['zones.z']).toMatch(/beyond the item/)
  })
})

it('says a count of motifs that is no number at its field, and a design wider than the item at its own', () => {
  const runner = piece({ itemKind: 'table-runner', size: 'usual', placement: 'border-row' })
  expect(plan({ ...runner, row: { ...runner.row, count: 'many' } }).problems['row.count']).toMatch(/“many”/)
  expect(plan({ ...runner, row: { ...runner.row, count: '90' } }).problems['row.count']).toMatch(/do not fit/)
  const wide = piece({
    itemKind: 'napkin',
    size: 'lunch',
    placement: 'corner',
    ownDesign: { ...piece().ownDesign, width: mm('420') },
  })
  expect(plan(wide).problems['design.width']).toBe(
    'The design is 420 mm wide and the item only 400 mm: take a smaller one.',
  )
})

describe('more of one piece', () => {
  const first = piece({
    measures: { chestWidth: mm('535') },
    distances: { down: mm('182') },
    designId: 'tern',
    stack: null,
    marked: { dots: true },
    measuredAt: start.createdAt,
  })

  it('goes on the same item with its measurements and nothing else of the first', () => {
    const next = alsoOn(first, 'item-1', fresh)
    expect(next).toMatchObject({
      itemId: 'item-1',
      placement: 'right-chest',
      measures: { chestWidth: mm('535') },
      designId: null,
      distances: {},
      measuredAt: null,
    })
    expect(Piece.safeParse(next).success).toBe(true)
  })

  it('or is the same again: numbers assumed until they are confirmed, nothing marked or done', () => {
    const next = sameAgain(first, fresh)
    expect(next).toMatchObject({
      placement: 'left-chest',
      designId: 'tern',
      measures: {},
      distances: {},
      marked: {},
      measuredAt: null,
    })
    const planned = plan({ ...next, designId: null, ownDesign: first.ownDesign })
    expect([...planned.carried]).toEqual(['chestWidth'])
    expect(planned.measures.chestWidth).toBe(535)
    expect(planned.assumed.has('chestWidth')).toBe(true)
    expect(planned.placement!.distances.find((d) => d.id === 'down')!.mm).toBe(182)
    expect(nextAction({ ...next, designId: null, ownDesign: first.ownDesign }, planned)).toBe(
      'Measure: 1 of last time’s numbers to confirm.',
    )
    expect(plan({ ...next, measures: { chestWidth: mm('540') } }).carried.size).toBe(0)
  })

  it('share of a change what belongs to the item', () => {
    expect(sharedPart({ measures: { chestWidth: mm('1') }, distances: {} })).toEqual({
      measures: { chestWidth: mm('1') },
    })
    expect(sharedPart({ placement: 'sleeve' })).toBeNull()
  })
})

describe('an item of one’s own as typed', () => {
  const texts = {
    name: 'Flap',
    edges: ['200', '15 cm', '200', '150 mm'].map((length) => ({ length, turn: '' })),
    lines: [{ name: 'Fold', axis: 'level' as const, at: '0' }],
    strips: [{ edge: '2', depth: '1/2 in' }],
  }

  it('is read in any units', () => {
    const { item, problems } = readItem(texts, 'mm')
    expect(problems).toEqual({})
    expect(item).toEqual({
      name: 'Flap',
      edges: [200, 150, 200, 150].map((length) => ({ length, turn: null })),
      lines: [{ name: 'Fold', axis: 'level', at: 0 }],
      strips: [{ edge: 2, depth: 12.7 }],
    })
  })

  it('has a sentence at each thing that is wrong', () => {
    const { item, problems } = readItem(
      {
        ...texts,
        name: ' ',
        edges: [...texts.edges, { length: 'x', turn: '200' }],
        strips: [{ edge: '9', depth: '0' }],
      },
      'mm',
    )
    expect(item).toBeNull()
    expect(Object.keys(problems).sort()).toEqual(['edge.4', 'name', 'strip.0', 'stripEdge.0', 'turn.4'])
    expect(
      readItem({ ...texts, edges: texts.edges.map((e, i) => (i === 3 ? { ...e, length: '90' } : e)) }, 'mm').problems
        .edges,
    ).toMatch(/alike/)
  })

  it('leaves a corner out of it that was typed before edges were taken off', () => {
    const edges = texts.edges.map((e, i) => (i === 1 ? { ...e, turn: '-90' } : e))
    expect(readItem({ ...texts, edges }, 'mm').item!.edges[1]).toEqual({ length: 150, turn: null })
  })
})

it('gives what an older version kept the keys it lacks, on the device as on the server', () => {
  const { itemId, customItem, choices, anchors, zones, row, markWith, carried, ...old } = piece()
  void [itemId, customItem, choices, anchors, zones, row, markWith, carried]
  const kept = JSON.stringify({ shop, log: [], docs: { pieces: { p1: old }, hoops: {}, supplies: {}, designs: {} } })
  const known = recall({ getItem: () => kept } as never)!
  expect(known.docs.pieces.p1).toEqual(piece())
  expect(known.docs.items).toEqual({})
  expect(
    withEmpties('pieces', { ...old, anchors: { across: { line: 'left', edge: 'start', toward: null } } }).anchors.down,
  ).toBeNull()
})
