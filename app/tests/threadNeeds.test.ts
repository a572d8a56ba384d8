import { Thread } from '@thimble/contract'
import { colourNeedText, factorText, reckonedText } from '@/words/threadNeeds'
import { spokenForText } from '@/words/stockWords'

const at = '2026-11-23T08:00:00.000Z'
const thread = Thread.parse({ id: 't', createdAt: at, updatedAt: at, name: 'Salt', colour: '#fdfbf5' })
const need = (leftM: number | null, over: object = {}) => ({ colour: '#fdfbf5', metres: 12, thread, leftM, ...over })

describe('a colour against the spools', () => {
  it.each([
    [need(40), 0, 'Enough: 40 m left.', false],
    [need(40), 25, 'Enough: 40 m left, 25 m of it for other pieces.', false],
    // 10 m are free of 40, and 12 are wanted.
    [need(40), 30, 'Short by 2 m: 40 m left, 30 m of it for other pieces.', true],
    [need(5), 0, 'Short by 7 m: 5 m left.', true],
    // More went than was there: all of it is missing.
    [need(-3), 0, 'Short by 12 m: 0 m left.', true],
    [need(null), 0, 'Stock unknown: weigh the spool.', false],
    [need(null, { thread: null }), 0, 'Not in the stash.', false],
  ])('says %#', (wanted, spokenFor, says, short) => {
    expect(colourNeedText(wanted, spokenFor)).toEqual({ says, short })
  })
})

it('what built pieces will take is told, and where it is more than there is', () => {
  expect(spokenForText('supplies.leftMm', { amount: 174, pieces: 1 }, {}, false)).toBe(
    '174 mm of it are spoken for by 1 built piece.',
  )
  expect(spokenForText('threads.leftM', { amount: 900, pieces: 3 }, {}, true)).toBe(
    '900 m are spoken for by 3 built pieces: more than there is.',
  )
})

it('the factor of the shop is told with its interval, once there is one', () => {
  expect(factorText({ factor: 1.0806, interval: [1.0343, 1.1269], weighings: 3 })).toBe(
    '1.08 × the forecast, by 3 weighings: between 1.03 and 1.13, 19 times out of 20.',
  )
  expect(factorText({ factor: 1.2, interval: null, weighings: 1 })).toMatch(/by one weighing: weigh another spool/)
  expect([reckonedText(1), reckonedText(1.08)]).toEqual([
    'Thread is worked out from the forecast alone.',
    'Thread is worked out as 1.08 × the forecast.',
  ])
})
