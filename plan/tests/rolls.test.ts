import { Supply } from '@thimble/contract'
import fc from 'fast-check'
import { lengthOff, rollFor } from '../src/stash/rolls'
import { stashOf } from '../src/stack/stash'
import { at } from './marramAndTide'

const supply = (over: object) =>
  Supply.parse({
    createdAt: at,
    updatedAt: at,
    id: 's',
    name: 's',
    kind: 'cut-away-mesh',
    widthMm: 400,
    leftMm: 1000,
    ...over,
  })

/** Lays piece after piece, in rows from edge to edge, and tells how far along the last row reaches; both ways round. */
function layOneByOne(width: number, piece: { widthMm: number; heightMm: number }, count: number): number | null {
  const ways = [
    [piece.widthMm, piece.heightMm],
    [piece.heightMm, piece.widthMm],
  ].flatMap(([across, along]) => {
    if (across! > width) return []
    let [x, reach] = [0, 0]
    for (let laid = 0; laid < count; laid++) {
      if (x === 0) reach += along!
      x = x + 2 * across! <= width ? x + across! : 0
    }
    return [reach]
  })
  return ways.length > 0 ? Math.min(...ways) : null
}

const side = fc.integer({ min: 20, max: 500 })
const size = fc.record({ widthMm: side, heightMm: side })

describe('what is cut of a roll', () => {
  it('reaches as far along it as pieces laid one by one do', () => {
    fc.assert(
      fc.property(size, fc.integer({ min: 1, max: 30 }), fc.integer({ min: 50, max: 900 }), (piece, count, width) => {
        expect(lengthOff({ widthMm: width, sheetMm: null }, piece, count)).toBe(layOneByOne(width, piece, count))
      }),
    )
  })

  it('of sheets is whole sheets, enough of them and not one too many', () => {
    fc.assert(
      fc.property(size, fc.integer({ min: 1, max: 30 }), side, side, (piece, count, width, sheetMm) => {
        const length = lengthOff({ widthMm: width, sheetMm }, piece, count)
        const each = [
          [piece.widthMm, piece.heightMm],
          [piece.heightMm, piece.widthMm],
        ].map(([w, h]) => Math.floor(width / w!) * Math.floor(sheetMm / h!))
        const most = Math.max(...each)
        if (most === 0) expect(length).toBeNull()
        else {
          expect(length! % sheetMm).toBe(0)
          const sheets = length! / sheetMm
          expect([sheets * most >= count, (sheets - 1) * most < count]).toEqual([true, true])
        }
      }),
    )
  })

  it('is never cut of another kind, nor of one too narrow', () => {
    const rolls = [
      supply({ id: 'narrow', widthMm: 100 }),
      supply({ id: 'other', kind: 'wash-away' }),
      supply({ id: 'wide' }),
    ]
    expect(rollFor('cut-away-mesh', { widthMm: 174, heightMm: 190 }, 1, rolls)!.id).toBe('wide')
    expect(rollFor('cut-away-heavy', { widthMm: 174, heightMm: 190 }, 1, rolls)).toBeNull()
  })
})

describe('the stash as the rules see it', () => {
  it('has whole sheets, and nothing where more went than was there', () => {
    const lines = stashOf([
      supply({ sheetMm: 250, leftMm: 1100 }),
      supply({ sheetMm: 250, leftMm: 200 }),
      supply({ leftMm: -40 }),
    ]).stash
    expect(lines).toEqual([
      { kind: 'cut-away-mesh', widthMm: 400, lengthMm: 250, sheets: 4 },
      { kind: 'cut-away-mesh', widthMm: 400, lengthMm: 0, sheets: 0 },
      { kind: 'cut-away-mesh', widthMm: 400, lengthMm: 0 },
    ])
  })

  it('lacks nothing while nothing was put in it', () => expect(stashOf([])).toEqual({}))
})
