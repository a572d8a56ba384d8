import { Thread } from '@thimble/contract'
import { readCounted, writeCounted } from '@/features/stash/countedTexts'
import { readThread, writeThread } from '@/features/stash/threadTexts'

const at = '2026-11-23T08:00:00.000Z'
const salt = Thread.parse({
  ...{ id: 't', createdAt: at, updatedAt: at, name: 'Salt', colour: '#fdfbf5' },
  ...{ leftM: 640, lowM: 100, spoolM: 1000, bareGrams: 18.5, cost: 340 },
})

describe('a thread as it is typed', () => {
  it('says what is left only while it is new: afterwards that follows from what moved', () => {
    const typed = { ...writeThread('GBP', salt), left: '900' }
    expect(readThread(typed, 'GBP', true).doc).toMatchObject({ leftM: 900 })
    expect(readThread(typed, 'GBP', false).doc).not.toHaveProperty('leftM')
  })

  it('comes back as it was written, and what is left out is not known', () => {
    const { doc, unread } = readThread(writeThread('GBP', salt), 'GBP', false)
    expect(unread).toEqual({})
    const { name, colour, weight, fibre, tex, lowM, spoolM, bareGrams, cost } = salt
    expect(doc).toEqual({ name, colour, weight, fibre, tex, lowM, spoolM, bareGrams, cost })
    expect(readThread(writeThread('GBP'), 'GBP', true).doc).toMatchObject({
      tex: null,
      leftM: null,
      lowM: 0,
      cost: null,
    })
  })

  it('keeps apart what cannot be read, each beside its field', () => {
    const { unread } = readThread({ ...writeThread('GBP', salt), tex: 'fine', cost: 'dear' }, 'GBP', false)
    expect(Object.keys(unread).sort()).toEqual(['cost', 'tex'])
    expect(unread.tex).toMatch(/“fine”/)
  })
})

describe('needles, bobbins and adhesives as they are typed', () => {
  it('are counted while they are new, in the shop’s own money', () => {
    const typed = { ...writeCounted('JPY', { low: 4, cost: 95 }), left: '12' }
    expect(typed).toEqual({ left: '12', low: '4', cost: '95' })
    expect(readCounted(typed, 'JPY', true)).toEqual({ doc: { low: 4, cost: 95, left: 12 }, unread: {} })
    expect(readCounted(typed, 'JPY', false).doc).toEqual({ low: 4, cost: 95 })
    expect(readCounted({ left: '-3', low: '', cost: '' }, 'GBP', true).unread.left).toMatch(/“-3”/)
  })
})
