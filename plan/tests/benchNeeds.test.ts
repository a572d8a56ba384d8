import { Adhesive, Needle, type Piece, Supply, Thread } from '@thimble/contract'
import { isToBuy, lowBesides, missing, sumNeeds, wantsOf, type WholeStock } from '@thimble/plan/benchNeeds'
import { at, hoop, measured, patched, polo, shelf as small } from './marramAndTide'

const supply = (over: object) =>
  Supply.parse({ createdAt: at, updatedAt: at, name: 'of it', widthMm: 400, leftMm: 1000, ...over })
const mesh = supply({ id: 'mesh', kind: 'cut-away-mesh-fusible' })
const threads = [Thread.parse({ id: 't', createdAt: at, updatedAt: at, name: 'Salt', colour: '#fdfbf5', leftM: 10 })]

const benchNeeds = (pieces: readonly Piece[], from: typeof stock) => sumNeeds(pieces.flatMap((p) => wantsOf(p, from)))

/** A light tern, in a ring of 134 by 150 outside. */
const stock: WholeStock = {
  ...small,
  designs: { tern: { ...small.designs['tern']!, stitches: 1200 } },
  hoops: [hoop('square', 100, 100)],
  supplies: [mesh, supply({ id: 'cover', kind: 'cover-soft-fusible', widthMm: 300, leftMm: 100, lowMm: 50 })],
  threads,
  needles: [],
  bobbins: [],
  adhesives: [],
}
const piece = (id: string, over: object = {}) =>
  patched(polo({ measure: { measures: measured, designId: 'tern' }, hoop: { hoopId: 'square' } }), { id, ...over })
const need = (id: string, pieces = [piece('a'), piece('b')], from = stock) =>
  benchNeeds(pieces, from).find((n) => n.id === id)!

describe('what the bench wants of the stash', () => {
  it('is the pieces to cut off each roll, side by side where they go', () => {
    // The ring of 134 x 150 with 20 a side is 174 x 190, of which two go beside each other across 400: 174 along the roll
    // for each piece lying the other way round.
    const wanted = need('cut-away-mesh-fusible')
    expect([wanted.want, wanted.left, wanted.pieces, wanted.atLeast, missing(wanted), isToBuy(wanted)]).toEqual([
      ...[348, 1000, 2, false, 0, false],
    ])
  })

  it('is short, or low after the bench', () => {
    // The design of 84 x 62 with 12 a side: 86 along a roll of 300 for each.
    const cover = need('cover-soft-fusible')
    expect([cover.want, missing(cover), isToBuy(cover)]).toEqual([172, 72, true])
    const one = need('cover-soft-fusible', [piece('a')])
    expect([missing(one), isToBuy(one)]).toEqual([0, true])
  })

  it('is metres of each thread, and colours the stash has none of', () => {
    // 600 stitches of each colour: 3.12 m.
    const salt = need('t')
    expect([(salt.what as { thread: Thread }).thread.name, Math.round(salt.want * 100) / 100, salt.left]).toEqual([
      'Salt',
      6.24,
      10,
    ])
    const blue = need('#8fb3d1')
    expect([blue.what, blue.left, isToBuy(blue)]).toEqual([{ colour: '#8fb3d1' }, 0, true])
  })

  it('is “at least” where no hoop takes it, and nothing where the design is not known', () => {
    expect(
      need('cut-away-mesh-fusible', [piece('a', { hoop: { hoopId: null } })], { ...stock, hoops: [] }).atLeast,
    ).toBe(true)
    const unknown = piece('c', { measure: { designId: null } })
    expect(benchNeeds([unknown], stock)).toEqual([])
  })

  it('is a can of what holds a layer, and what is low though no piece wants it', () => {
    const can = Adhesive.parse({ id: 'can', createdAt: at, updatedAt: at, name: 'Can', kind: 'spray', left: 0, low: 1 })
    const sharps = Needle.parse({
      id: 'n',
      createdAt: at,
      updatedAt: at,
      name: 'Sharps',
      size: '75/11',
      point: 'sharp',
      left: 2,
      low: 5,
    })
    const sprays = { ...stock.shop, habits: { ...stock.shop.habits, grip: 'spray' as const } }
    const from = { ...stock, shop: sprays, adhesives: [can], needles: [sharps] }
    const wanted = benchNeeds([piece('a')], from)
    expect(isToBuy(wanted.find(({ id }) => id === 'spray')!)).toBe(true)
    const besides = lowBesides(wanted, {
      ...from,
      supplies: [...stock.supplies, supply({ id: 'w', kind: 'wash-away-film', leftMm: 40, lowMm: 50 })],
    })
    expect(besides.map(({ what, pieces }) => [what, pieces])).toEqual([
      [expect.objectContaining({ thing: expect.objectContaining({ id: 'w' }) }), 0],
      [expect.objectContaining({ thing: expect.objectContaining({ name: 'Sharps' }) }), 0],
    ])
  })
})
