import { readDate } from '@/words/readDate'

const today = new Date(2026, 10, 20)

describe('a day as people write it', () => {
  it('is read with and without its year, by the locale', () => {
    const british = (text: string) => readDate(text, today, 'en-GB')
    expect(['30/11', '30 Nov', '30 November 2026', '2026-11-30', '30/11/26', 'Nov 30'].map(british)).toEqual(
      Array(6).fill('2026-11-30'),
    )
    expect(readDate('11/30', today, 'en-US')).toBe('2026-11-30')
    expect(readDate('3/4', today, 'en-US')).toBe('2027-03-04')
  })

  it('without its year is the near one', () => {
    expect(readDate('5 Jan', today, 'en-GB')).toBe('2027-01-05')
    expect(readDate('1 Nov', today, 'en-GB')).toBe('2026-11-01')
  })

  it('that is none is none', () => {
    for (const text of ['', 'next Tuesday', '31 Feb', '30/13', '11/30'])
      expect(readDate(text, today, 'en-GB')).toBeNull()
  })
})
