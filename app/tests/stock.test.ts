import { Movement } from '@thimble/contract'
import { movedBy, readAmount } from '@/features/stash/stockTexts'
import { weigh } from '@/features/stash/weigh'
import { leftWithOwn } from '@/state/leftWithOwn'
import { readMoney, typedMoney } from '@/words/moneyWords'
import { otherNeedleAdvice, wornAdvice } from '@/words/needleWords'
import { leftAfterText, leftText, movedText } from '@/words/stockWords'

const at = (minute: number): string => `2026-11-23T08:${String(minute).padStart(2, '0')}:00.000Z`
const moved = (minute: number, over: object): Movement =>
  Movement.parse({
    ...{ id: `m${minute}`, createdAt: at(minute), updatedAt: at(minute), revision: 0 },
    ...{ name: 'Mesh', of: 'supplies.leftMm', ofId: 'mesh', kind: 'cut', ...over },
  })

describe('what is left on a device', () => {
  const mesh = { id: 'mesh', name: 'Mesh', revision: 40 }

  it('has what was written down here laid over it until the number has come after it', () => {
    const own = [
      moved(2, { amount: -200 }),
      moved(1, { amount: -100, revision: 39 }),
      moved(3, { amount: -50, revision: 41 }),
    ]
    expect(leftWithOwn(1000, mesh, own)).toBe(750)
    expect(leftWithOwn(1000, mesh, [...own, moved(4, { kind: 'corrected', found: 300 })])).toBe(300)
    expect(leftWithOwn(1000, { ...mesh, id: 'other' }, own)).toBe(1000)
  })

  it('stays unknown while something is used, and is known once something came in', () => {
    expect(leftWithOwn(null, mesh, [moved(1, { amount: -5 })])).toBeNull()
    expect(leftWithOwn(null, mesh, [moved(1, { amount: -5 }), moved(2, { kind: 'bought', amount: 900 })])).toBe(900)
  })
})

describe('stock in words', () => {
  it('is read as it is typed: metres of a roll, sheets, pieces', () => {
    expect(readAmount('supplies.leftMm', '4.2')).toEqual({ value: 4200, problem: null })
    expect(readAmount('supplies.leftMm', '350 mm')).toEqual({ value: 350, problem: null })
    expect(readAmount('supplies.leftMm', '3', { sheetMm: 250 })).toEqual({ value: 750, problem: null })
    expect(readAmount('threads.leftM', '1000 m').value).toBe(1000)
    expect(readAmount('needles.left', 'a few').problem).toMatch(/“a few”/)
  })

  it('says what moved and what is left, and where more went than was there', () => {
    expect(movedBy('supplies.leftMm', 'Mesh', 'cut', 190)).toEqual({
      moved: { kind: 'cut', amount: -190 },
      says: 'Mesh: 190 mm went out.',
    })
    expect(movedText(moved(1, { kind: 'used', amount: -12_400, note: 'Crew polo' }))).toBe('12 m used, Crew polo')
    expect(leftText('supplies.leftMm', 5000, { sheetMm: 250 })).toEqual({ says: '20 sheets', wrong: null })
    expect(leftText('needles.left', -1)).toEqual({
      says: 'None',
      wrong: '1 needle more used than counted. Count again.',
    })
    expect(leftAfterText('threads.leftM', 10, 12.4)).toMatchObject({ wrong: true })
  })

  it('has money in the currency’s own coins', () => {
    expect([readMoney('£4.5', 'GBP').minor, readMoney('450', 'JPY').minor, readMoney('', 'GBP').minor]).toEqual([
      450,
      450,
      null,
    ])
    expect([typedMoney(450, 'GBP'), typedMoney(450, 'JPY'), typedMoney(null, 'GBP')]).toEqual(['4.50', '450', ''])
  })
})

it('spools of one thread are weighed together, each with its bare spool', () => {
  // 86 g, of which two bare ones are 36: 50 g of 25 g a thousand metres.
  expect(weigh('86', '18', '2', 25)).toEqual({ metres: 2000, problem: null })
  expect(weigh('30', '18', '2', 25).problem).toBe('The spool can’t weigh less than when empty.')
  expect(weigh('86', '', '', 25)).toEqual({ metres: null, problem: null })
})

it('the needle in a machine is told against its stack and its age', () => {
  const sharp = { size: '90/14', point: 'sharp', coated: false } as const
  const loft = { name: 'Loft', needle: { ...sharp, since: at(1), from: null }, needleMinutes: 200, needleStrikes: 0 }
  expect(wornAdvice(loft)).toBeNull()
  expect(wornAdvice({ ...loft, needleMinutes: 481 })!.text).toMatch(
    /^Change the needle now: needles last about eight hours/,
  )
  expect(wornAdvice({ ...loft, needle: null, needleStrikes: 1 })).toBeNull()
  expect(otherNeedleAdvice(loft, { needle: sharp })).toBeNull()
  expect(otherNeedleAdvice(loft, { needle: { ...sharp, size: '75/11' } })!.text).toBe(
    'Loft has a 90/14 sharp. Fit a 75/11 sharp.',
  )
  // A coated one does where none is asked for.
  expect(otherNeedleAdvice({ ...loft, needle: { ...loft.needle, coated: true } }, { needle: sharp })).toBeNull()
})
