import { type OwnCorrection, Piece } from '@thimble/contract'
import { dialMove, differencesOf, hoopingAtHand, decideStage, logRowOf, planPiece, type Shelf } from '../src'
import { at, hoop, measured, patched, polo, shelf as bare } from './marramAndTide'

const shelf: Shelf = { ...bare, hoops: [hoop('square', 100, 100)] }
const correction = (change: Partial<OwnCorrection> = {}): OwnCorrection => ({
  ...{ id: 'c', name: 'Square', by: 'hoop', of: 'square', frame: 'item', right: 0, down: -2, on: true, since: at },
  ...{ learned: { pieces: 12, right: 0, down: 2.1 }, createdAt: at, updatedAt: at, revision: 0 },
  ...change,
})
const chest = (turn: 0 | 180 = 0): Piece =>
  polo({ measure: { designId: 'tern', measures: measured }, hoop: { hoopId: 'square', turn } })

const moveOf = (piece: Piece, corrections: readonly OwnCorrection[]) => {
  const { marked, hoop: plan } = planPiece(piece, { ...shelf, corrections })
  const hooping = hoopingAtHand(piece, plan, marked)!
  return dialMove({ piece, marked, machine: plan.machine, at: hooping })
}
const off = (piece: Piece, corrections: readonly OwnCorrection[]) => {
  const [plain, moved] = [moveOf(piece, []), moveOf(piece, corrections)]
  return [moved.right - plain.right, moved.down - plain.down].map((mm) => Math.round(mm * 10) / 10 + 0)
}

it('what drifts with the piece is added as it lies in the hoop, what drifts with the hoop as the hoop lies', () => {
  expect(off(chest(), [correction()])).toEqual([0, -2])
  expect(off(chest(180), [correction()])).toEqual([0, 2])
  expect(off(chest(180), [correction({ frame: 'hoop' })])).toEqual([0, -2])
})

it('one correction has a say, the most particular, and none that is off or of something else', () => {
  const ofItem = correction({ id: 'i', by: 'item', of: 'polo', down: -5 })
  expect(off(chest(), [ofItem, correction()])).toEqual([0, -2])
  expect(off(chest(), [ofItem, correction({ on: false })])).toEqual([0, -5])
  expect(off(chest(), [correction({ of: 'long' })])).toEqual([0, 0])
})

it('nothing is added where the design would leave the field', () => {
  const tight = { ...shelf, hoops: [hoop('square', 100, 72)] }
  const { hoop: plan } = planPiece(chest(), { ...tight, corrections: [correction({ down: -20 })] })
  expect(plan.added).toMatchObject({ down: -20, roomy: false })
})

it('is kept with the hooping: turned off later the piece stays as it was hooped, and the next is told', () => {
  const open = chest()
  const with_ = { ...shelf, corrections: [correction()] }
  const hooped = patched<Piece>(open, decideStage(open, 'hoop', planPiece(open, with_), at)!)
  expect(hooped.hoop.kept[0]!.added).toMatchObject({ down: -2, name: 'Square', learned: { pieces: 12 } })
  expect(off(hooped, [])).toEqual([0, 0])
  expect(moveOf(hooped, []).down - moveOf(open, []).down).toBeCloseTo(-2, 6)
  expect(differencesOf(hooped, 'hoop', planPiece(hooped, shelf)).map(({ about }) => about)).toEqual(['added'])
  const done = patched<Piece>(hooped, decideStage(hooped, 'finish', planPiece(hooped, shelf), at)!)
  expect(logRowOf(Piece.parse(done))!.added!.down).toBeCloseTo(-2, 6)
})
