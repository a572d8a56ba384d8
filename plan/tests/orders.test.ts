import { Needle, Order, type Patch, type Piece, Supply, Thread } from '@thimble/contract'
import { itemKind } from '@thimble/core/placement'
import {
  costOfLine,
  quoteOf,
  followersOf,
  garmentsOf,
  givePlan,
  lineFrom,
  orderChanges,
  quantityOf,
  readNames,
  realOfLine,
  recordAlike,
  rowOrder,
  setupShares,
  stockAfter,
} from '../src/orders'
import { madeByHand } from '../src/orders/madeByHand'
import { cutsOfBatch, offcutsOf, type PieceWork, pieceWork, sharesOfCuts } from '../src/schedule'
import { at, hoop, mm, patched, shelf } from './marramAndTide'

const kept = { createdAt: at, updatedAt: at }
const list = (text: string) => text.split('\n').map((line, i) => ({ line: i + 1, cells: line.split(';') }))
const polo = itemKind('polo')

describe('a list of names', () => {
  it('takes good lines and names the number of each bad one, in the order its first line gives', () => {
    const text =
      'Name;Size;Colour\nWren;m;\nIves;XXL;Navy\nTolly;XXXXL;\n;s;\nNell;;\nPip;Medium;no such\nAda;l;#112233'
    const { good, bad } = readNames(list(text), { kind: polo, named: true })
    expect(good).toEqual([
      { line: 2, size: 'm', name: 'Wren', colour: null, note: '' },
      { line: 3, size: '2xl', name: 'Ives', colour: '#000080', note: '' },
      { line: 8, size: 'l', name: 'Ada', colour: '#112233', note: '' },
    ])
    expect(bad.map(({ line }) => line)).toEqual([4, 5, 6, 7])
    expect(bad[0]!.says).toBe(
      '“XXXXL” is not a size of polo: write Infant, 18–24 months, 2–4, 5–6, 8, 10–12, 14, S, M, L, XL, 2XL or 3XL.',
    )
  })

  it('goes by size, name, colour and note where no line names them, and says what is there twice', () => {
    const known = [{ size: 'm', name: 'wren' }]
    const { good, bad, odd } = readNames(list('M;Wren;;late\n\nL;Ives\nL;Ives\nS;Bo;;a;b'), {
      ...{ kind: polo, named: true, known },
    })
    expect(good.map(({ line, note }) => [line, note])).toEqual([
      [1, 'late'],
      [3, ''],
      [4, ''],
    ])
    expect(odd).toEqual([
      { line: 1, says: 'Already in the order.' },
      { line: 4, says: 'Same as line 3.' },
    ])
    expect(bad.map(({ line }) => line)).toEqual([5])
  })

  it('needs no size of what comes in one alone, and no name where none is stitched; threads name colours too', () => {
    const one = { name: { own: 'Pennant' }, sizes: [{ id: 'usual', name: { own: 'Usual' } }] }
    const colours = [{ name: 'Marsh', colour: '#3e6b4c' }]
    expect(readNames(list(';;marsh'), { kind: one, named: false, colours }).good).toEqual([
      { line: 1, size: 'usual', name: '', colour: '#3e6b4c', note: '' },
    ])
  })
})

const setting = { face: 'plain', size: mm('12'), most: mm('80'), spacing: mm('') }
/** Two polos by name and one M without, each with the tern at its left chest. */
const order = (over: Patch<Order> | object = {}): Order =>
  patched<Order>(
    Order.parse({
      ...{ id: 'o', ...kept, name: 'Crew polos', customer: 'Saltmarsh Ferry Co-op', due: '2026-12-11' },
      lines: {
        l: {
          ...{ name: 'Crew polo', item: { kind: 'polo' }, cloth: { family: 'pique', colour: '#27406b' } },
          places: { chest: { placement: 'left-chest', designId: 'tern' } },
          counts: { m: '1' },
          names: { r1: { order: 1, size: 'l', name: 'Ives', colour: '#ffffff' }, r0: { size: 's', name: 'Wren' } },
        },
      },
    }),
    over,
  )
const nothing = { now: at, inLog: new Set<string>() }
const noDesigns = () => null
const make = (of = order()): Piece[] => orderChanges(of, [], noDesigns, nothing).make

describe('an order', () => {
  it('counts its items: those with names in their order, then the others', () => {
    expect(garmentsOf(order().lines.l!).map(({ row, size }) => [row, size])).toEqual([
      ['r0', 's'],
      ['r1', 'l'],
      ['m-1', 'm'],
    ])
    expect(quantityOf(order())).toBe(3)
  })

  it('makes a piece for each item and place, each in its own size and colour, and asking twice makes none', () => {
    const pieces = make()
    expect(
      pieces.map(({ id, name, run, item, build, due }) => [id, name, run, item.size, build.cloth.colour, due]),
    ).toEqual([
      ['o-l-r0-chest', 'Crew polo, Wren', '1 of 3', 's', '#27406b', '2026-12-11'],
      ['o-l-r1-chest', 'Crew polo, Ives', '2 of 3', 'l', '#ffffff', '2026-12-11'],
      ['o-l-m-1-chest', 'Crew polo', '3 of 3', 'm', '#27406b', '2026-12-11'],
    ])
    expect(orderChanges(order(), pieces, noDesigns, nothing)).toMatchObject({
      make: [],
      follow: [],
      decided: [],
      leave: [],
      begun: [],
    })
    const inLog = new Set(['o-l-r1-chest'])
    expect(orderChanges(order(), pieces.slice(0, 1), noDesigns, { now: at, inLog }).make.map(({ id }) => id)).toEqual([
      'o-l-m-1-chest',
    ])
  })

  it('puts two places of one item on one item, and waits for names that are not set yet', () => {
    const both = order({
      lines: { l: { counts: { m: null }, places: { name: { order: 1, placement: 'right-chest', names: setting } } } },
    })
    const parsed = Order.parse(both)
    const waiting = orderChanges(parsed, [], noDesigns, nothing)
    expect([waiting.make.length, waiting.unset]).toEqual([2, 2])
    const { make: pieces } = orderChanges(parsed, [], (place, name) => `${place}-${name}`, nothing)
    expect(pieces.map(({ item, measure }) => [item.shared, measure.placement, measure.designId])).toEqual([
      ['o-l-r0', 'left-chest', 'tern'],
      ['o-l-r0', 'right-chest', 'name-Wren'],
      ['o-l-r1', 'left-chest', 'tern'],
      ['o-l-r1', 'right-chest', 'name-Ives'],
    ])
  })

  it('is followed by its pieces until one is changed by hand, and by none that was decided', () => {
    const pieces = make()
    const byHand = patched<Piece>(pieces[0]!, madeByHand(pieces[0]!, { build: { cloth: { colour: '#000000' } } }))
    expect(byHand.order!.follows).toBe(false)
    expect(madeByHand(pieces[0]!, { measure: { measures: { chestWidth: mm('540') } } })).not.toHaveProperty('order')
    const later = order({ due: '2026-12-18', lines: { l: { cloth: { colour: '#a63a2b' } } } })
    const { follow } = orderChanges(later, [byHand, ...pieces.slice(1)], noDesigns, nothing)
    expect(follow).toEqual([
      { id: 'o-l-r1-chest', body: { due: '2026-12-18' } },
      { id: 'o-l-m-1-chest', body: { due: '2026-12-18', build: { cloth: { colour: '#a63a2b' } } } },
    ])
  })

  it('leaves what was decided of a piece, and says of which', () => {
    const done = recorded(make()[0]!)
    const measured = { ...done, finish: make()[0]!.finish }
    const elsewhere = order({ lines: { l: { places: { chest: { placement: 'right-chest' } } } } })
    const { follow, decided } = orderChanges(elsewhere, [measured], noDesigns, nothing)
    expect([follow, decided.map(({ id }) => id)]).toEqual([[], ['o-l-r0-chest']])
  })

  it('lets go of what is no more in it, unless it was begun', () => {
    const [wren, ives, other] = make() as [Piece, Piece, Piece]
    const begun = recorded(ives)
    const open = { ...begun, finish: ives.finish }
    const fewer = order({ lines: { l: { names: { r0: null, r1: null } } } })
    const { leave, begun: stays } = orderChanges(fewer, [wren, open, other], noDesigns, nothing)
    expect([leave.map(({ id }) => id), stays.map(({ id }) => id)]).toEqual([['o-l-r0-chest'], ['o-l-r1-chest']])
  })

  it('gives the plan of one piece to its line: numbers to its own size alone, as assumed', () => {
    const twoM = order({ lines: { l: { counts: { m: '2' } } } })
    const pieces = make(twoM)
    const needle = { size: '90/14', point: 'sharp', coated: false } as const
    const lead = patched<Piece>(pieces[2]!, {
      measure: { distances: { down: mm('185') }, measures: { chestWidth: mm('536') } },
      hoop: { hoopId: 'snug', holding: 'floated' },
      build: { use: { laundering: 'daily' }, own: { needle }, spools: { '#fdfbf5': 'chalk' } },
    })
    const others = followersOf(lead, pieces)
    expect(others.map(({ id }) => id)).toEqual(['o-l-r0-chest', 'o-l-r1-chest', 'o-l-m-2-chest'])
    const [wren, ives, sameSize] = others.map((one) => patched<Piece>(one, givePlan(lead, one)!))
    expect([wren, ives, sameSize].map((one) => [one!.hoop.hoopId, one!.build.use.laundering])).toEqual(
      Array.from({ length: 3 }, () => ['snug', 'daily']),
    )
    expect([wren!.measure.carried, sameSize!.measure.carried?.distances]).toEqual([null, { down: mm('185') }])
    expect([wren!, sameSize!].map(({ build }) => [build.own.needle, build.spools])).toEqual(
      Array.from({ length: 2 }, () => [needle, { '#fdfbf5': 'chalk' }]),
    )
    // The white one stays white.
    expect(ives!.build.cloth.colour).toBe('#ffffff')
    expect(lineFrom(lead, twoM)).toBeNull()
    expect(lineFrom(patched(ives!, { item: { size: 'xl' } }), twoM)).toEqual({
      lines: { l: { names: { r1: { size: 'xl' } } } },
    })
    expect(lineFrom(patched(lead, { measure: { designId: 'other' } }), twoM)).toEqual({
      lines: { l: { places: { chest: { designId: 'other' } } } },
    })
  })
})

const mesh = Supply.parse({
  id: 'mesh',
  ...kept,
  name: 'Mesh',
  kind: 'cut-away-mesh',
  widthMm: 500,
  leftMm: 3000,
  cost: 400,
})
const white = Thread.parse({
  id: 'white',
  ...kept,
  name: 'Chalk white',
  colour: '#fdfbf5',
  leftM: 900,
  spoolM: 1000,
  cost: 300,
})
const stock = { ...shelf, threads: [white], supplies: [mesh] }
const alike = { verdict: 'good' as const, minutesBy: { hooping: '5', stitching: '7' }, note: '' }
const found = (piece: Piece) => recordAlike(piece, alike, { stock, bobbins: [], events: [], at })!
const recorded = (piece: Piece): Piece => patched<Piece>(piece, found(piece).body)

describe('pieces recorded alike', () => {
  it('decides what was not, says how they came out, and nothing of where they landed', () => {
    const piece = recorded(make()[2]!)
    const [record] = piece.finish.kept
    for (const stage of ['measure', 'build', 'hoop', 'stitch'] as const) expect(piece[stage].kept).toHaveLength(1)
    expect(record).toMatchObject({ verdict: 'good', minutes: 12, minutesBy: { hooping: 5, stitching: 7 } })
    expect(record!.landing).toEqual({ dx: null, dy: null, rotation: null })
    expect(record!.took.map(({ of }) => of)).toContain('threads.leftM')
  })

  it('are none where no hoop takes it: what held it is then not known', () => {
    const none = { stock: { ...stock, hoops: [hoop('tiny', 10, 10)] }, bobbins: [], events: [], at }
    expect(recordAlike(make()[2]!, alike, none)).toBeNull()
  })

  it('takes of what the one before left', () => {
    const { took } = found(make()[2]!)
    const off = took.find(({ of }) => of === 'supplies.leftMm')?.amount ?? 0
    expect(stockAfter(stock, took).supplies[0]!.leftMm).toBe(3000 - off)
  })
})

const layer = { kind: 'cut-away-mesh' as const, size: { widthMm: 200, heightMm: 150 }, pieces: 1, atLeast: false }
const work = (id: string, over: Partial<PieceWork> = {}): PieceWork => ({
  ...{ id, name: id, machine: { id: 'm', name: 'Loft machine' }, hoop: null, due: null, cut: false },
  ...{ needle: { size: '75/11', point: 'ballpoint' }, layers: [layer], bobbinMetres: 4 },
  threads: [{ id: 'white', name: 'Chalk white', colour: '#fdfbf5', metres: 10, leftM: 900 }],
  ...{ minutes: 16, by: { stitching: 6, hooping: 6, finishing: 4 } },
  ...over,
})

describe('what is cut together', () => {
  it('goes off the roll once, shared as the layers are large, and leaves offcuts', () => {
    const large = work('b', { layers: [{ ...layer, pieces: 3 }] })
    const works = [work('a'), large]
    const cuts = cutsOfBatch(works, [mesh])
    // Four of 200 by 150 turned or not: the shortest length of a roll 500 wide is two strips of 150 with two each.
    expect(cuts[0]!.rolls.map(({ usedMm }) => usedMm)).toEqual([300])
    const shares = sharesOfCuts(works, cuts)
    expect([shares.get('a')![0]!.amount, shares.get('b')![0]!.amount]).toEqual([75, 225])
    expect(offcutsOf(cuts)).toEqual([
      { kind: 'cut-away-mesh', from: 'mesh', name: 'Mesh', widthMm: 100, heightMm: 150, count: 2 },
    ])
  })

  it('is wanted no more of a piece that is cut', () => {
    const piece = make()[2]!
    const before = pieceWork(piece, stock)!
    const after = pieceWork(patched(piece, { build: { cut: [{ at, took: [] }] } }), stock)!
    expect([before.layers.length > 0, before.cut, after.layers, after.cut]).toEqual([true, false, [], true])
  })
})

describe('what an order costs', () => {
  const line = { blank: 650, customersOwn: false }
  const rated = {
    rates: {
      ...{ machinePerHour: 600, labourPerHour: 1200, spoilagePercent: 0, needleHours: 8, breaks: [] },
      pricing: { by: 'mark-up' as const, percent: 50 },
    },
  }
  const prices = { threads: [white], supplies: [mesh], needles: [], bobbins: [] }

  it('is worked out by hand for two polos: item, thread, backing, machine, hands and set-up', () => {
    const { cost, unknown } = costOfLine({
      ...{ line, quantity: 2, garments: 2, works: [work('a'), work('b')], shop: rated, prices, cuts: [] },
      ...{ setup: 500, changeSeconds: 240 },
    })!
    // 10 m at 0.3 a metre; 0.03 m2 at 400 / 0.5 m2; 6 min at 10; 10 min and half of 4 min at 20; 500 over two.
    expect(cost.parts).toEqual({
      ...{
        blank: 650,
        thread: 3,
        bobbin: 0,
        backing: 24,
        needle: 0,
        machine: 60,
        labour: 240,
        spoilage: 0,
        setup: 250,
      },
    })
    expect([cost.cost, cost.price, cost.total]).toEqual([1227, 1841, 3682])
    expect(unknown).toEqual(['bobbin thread', 'needle 75/11'])
  })

  it('adds what is lost in cutting, and says which prices nobody has given', () => {
    const cuts = cutsOfBatch([work('a')], [mesh])
    const said = costOfLine({
      ...{ line: { blank: null, customersOwn: false }, quantity: 1, garments: 1, works: [work('a')], prices, cuts },
      ...{ shop: { rates: { ...rated.rates, labourPerHour: null } }, setup: 0, changeSeconds: 0 },
    })!
    // One of 200 by 150 alone on a roll 500 wide takes 150 of it: 0.075 m2 at 800.
    expect(said.cost.parts.backing).toBe(60)
    expect(said.unknown).toEqual(['what the item costs', 'an hour of hands', 'bobbin thread', 'needle 75/11'])
  })

  it('is worked out again from the records: a failed piece is borne by those that came out', () => {
    const took = [
      { of: 'threads.leftM' as const, ofId: 'white', name: 'Chalk white', amount: 20, factor: 1 },
      { of: 'supplies.leftMm' as const, ofId: 'mesh', name: 'Mesh', amount: 100, factor: 1 },
    ]
    const told = (piece: Piece, verdict: 'good' | 'spoiled'): Piece => {
      const done = recorded(piece)
      return { ...done, finish: { ...done.finish, kept: [{ ...done.finish.kept[0]!, verdict, took }] } }
    }
    const pieces = make().map((piece, i) => told(piece, i === 2 ? 'spoiled' : 'good'))
    const real = realOfLine({ line, pieces, shop: rated, prices, setup: 500, ordered: 3 })!
    // Each took 20 m (6), 0.05 m2 at 800 (40), 7 min at 10 and 5 min at 20: 866 with the item. One of three failed.
    expect([real.recorded, real.good, real.guessed]).toEqual([3, 2, 0])
    expect(real.parts).toMatchObject({ thread: 6, backing: 40, machine: 70, labour: 100, spoilage: 433, setup: 250 })
    expect(real.cost).toBe(866 + 433 + 250)
    // While one of three is in, it bears a third of the set-up, and the needle is the one it was sewn with.
    const { size, point } = pieces[0]!.finish.kept[0]!.stack!.needle!
    const needle = (id: string, over: object) =>
      Needle.parse({ ...{ id, ...kept, name: id, size, point, cost: 4800 }, ...over })
    const drawer = [needle('other', { size: size === '90/14' ? '75/11' : '90/14', cost: 1 }), needle('own', {})]
    const first = { line, pieces: pieces.slice(0, 1), shop: rated, prices: { ...prices, needles: drawer } }
    // Seven minutes of the 480 a needle sews.
    expect(realOfLine({ ...first, setup: 501, ordered: 3 })!.parts).toMatchObject({ setup: 167, needle: 70 })
  })

  it('keeps the order of its lines where rows of two lines are called alike', () => {
    const two = order({ lines: { k: { ...order().lines.l, order: 1, names: {}, counts: { m: '1' } } } })
    const at = rowOrder(two)
    const inLine = (line: string) => ({ order: { id: 'o', line, row: 'm-1', place: 'chest', follows: true } })
    expect([at(inLine('l')), at(inLine('k')), at({ order: null })]).toEqual([2, 3, 4])
  })

  it('shares the set-up by the lines’ items, and loses nothing of it', () => {
    const two = order({ setup: 1000, lines: { k: { ...order().lines.l, order: 1, names: {}, counts: { s: '4' } } } })
    expect([...setupShares(two)]).toEqual([
      ['l', 429],
      ['k', 571],
    ])
  })
})

it('quotes what each line costs together, ready on the day the last machine is', () => {
  const line = (id: string, quantity: number, total: number) =>
    ({ id, name: id, quantity, cost: { parts: {}, cost: 1, price: 2, total } }) as never
  const ends = (date: string) => ({ steps: [{ ends: { date } }] }) as never
  const sequences = [ends('2026-12-03'), ends('2026-12-09'), { steps: [] } as never]
  const at = '2026-12-01T10:00:00.000Z'
  const quote = quoteOf({ lines: [line('polos', 12, 14_400), line('totes', 5, 3_250)], sequences, currency: 'GBP', at })
  // 144.00 and 32.50 in pence.
  expect(quote).toMatchObject({ total: 17_650, ready: '2026-12-09', currency: 'GBP', at })
  expect(quote.lines.map(({ line: id, quantity }) => [id, quantity])).toEqual([
    ['polos', 12],
    ['totes', 5],
  ])
  expect(quoteOf({ lines: [], sequences: [], currency: 'GBP', at })).toMatchObject({ total: 0, ready: null })
})
