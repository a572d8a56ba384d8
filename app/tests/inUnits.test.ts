import { formatFine } from '@thimble/core/lengths'
import { inUnits } from '../src/words/inUnits'

const [mm, cm, inch] = [{ unit: 'mm' }, { unit: 'cm' }, { unit: 'in' }] as const

describe('a rule’s sentence in the worker’s units', () => {
  it('has each length turned, alone or as one of two', () => {
    const trim = 'Trim the cut-away 6 to 12 mm outside the stitches.'
    expect(inUnits(trim, mm)).toBe(trim)
    // 6 mm is 0.236 inches, nearest 2/8; 12 mm is 0.472, nearest 4/8.
    expect(inUnits(trim, inch)).toBe('Trim the cut-away 1/4" to 1/2" outside the stitches.')
    expect(inUnits(trim, cm)).toBe('Trim the cut-away 0.6 cm to 1.2 cm outside the stitches.')
    expect(inUnits('between 2 and 300 mm high', inch)).toBe('between 0.08" and 11 3/4" high')
    expect(inUnits('no piece of 150 by 90 mm', inch)).toBe('no piece of 5 7/8" by 3 1/2"')
  })

  it('takes the inches a sentence brings, where rounding would lose what it says', () => {
    const pulled = 'what was 200 mm (8") and is 204 mm (8 1/8") was pulled'
    expect(inUnits(pulled, inch)).toBe('what was 8" and is 8 1/8" was pulled')
    expect(inUnits(pulled, mm)).toBe('what was 200 mm and is 204 mm was pulled')
  })

  it('never makes nothing of what is thin', () => {
    expect(inUnits('Push the inner ring 1 to 2 mm past flush.', inch)).toBe(
      'Push the inner ring 0.04" to 0.08" past flush.',
    )
  })

  it('leaves all else alone', () => {
    const typed = '“12 mm mm” is not a length.'
    for (const text of [typed, 'Needle 75/11, 600 a minute.', 'over 150 on each cm²', 'a 12 wt thread'])
      expect(inUnits(text, inch)).toBe(text)
  })

  it('writes what is finer than a tape to a tenth of a millimetre or a hundredth of an inch', () => {
    expect([formatFine(3.46, mm), formatFine(3.46, cm), formatFine(3.46, inch)]).toEqual(['3.5 mm', '3.5 mm', '0.14"'])
  })
})
