import { en, speakerFor, writeMessage } from '../src'
import type { Fill } from '@thimble/core/messages'

const [mm, cm, inch] = [{ unit: 'mm' }, { unit: 'cm' }, { unit: 'in' }] as const

describe('a slot says what it is', () => {
  it('has lengths by the tape, alone and as a range', () => {
    const trim = ['do.finish.cut-away'] as const
    expect(writeMessage(trim, mm)).toBe('Trim the cut-away 6 to 12 mm outside the stitches, corners rounded.')
    // 6 mm is 0.236 inches, nearest 2/8; 12 mm is 0.472, nearest 4/8.
    expect(writeMessage(trim, inch)).toBe('Trim the cut-away 1/4" to 1/2" outside the stitches, corners rounded.')
    expect(writeMessage(trim, cm)).toBe('Trim the cut-away 0.6 to 1.2 cm outside the stitches, corners rounded.')
    expect(writeMessage(['place.near-other', { least: 8, place: { own: 'Left chest' }, keep: 10 }], inch)).toBe(
      // What is left is rounded down, 8 mm to 1/4"; what is asked for is not, 10 mm to 3/8".
      'Only 1/4" to the design at Left chest; keep 3/8".',
    )
  })

  it('never makes nothing of what is thin, and takes the inches a sentence brings', () => {
    expect(writeMessage(['holding-step.past-flush'], inch)).toBe(
      'Push the inner ring 0.04" to 0.08" past flush so it glides.',
    )
    expect(writeMessage(['why.hold.too-thick', { thick: 3.46 }], mm)).toMatch(/^3\.5 mm is thicker/)
    expect(writeMessage(['why.hold.too-thick', { thick: 3 }], inch)).toMatch(/^0\.12" is thicker/)
    expect(writeMessage(['do.check.stretch'], inch)).toBe('Not stretched: 8" hasn’t become 8 1/8"')
  })

  it('never touches what somebody typed, and counts by the language', () => {
    expect(writeMessage(['remedy.other-hoop', { hoop: { own: 'Round 120 mm {x}' } }], inch)).toBe(
      'Hoop it the same way in Round 120 mm {x}: it fits there.',
    )
    const carries = (sheets: number) => writeMessage(['merit.carries', { sheets }])
    expect([carries(1), carries(2)]).toEqual(['One layer carries this density.', '2 layers carry this density.'])
  })
})

const filled: Readonly<Record<string, Fill>> = { name: { own: 'Wren' } }

it('every message is well formed: filled, it leaves no slot open', () => {
  const { say } = speakerFor(inch)
  const wrong = Object.entries(en).flatMap(([id, text]) => {
    const slots = [...text.matchAll(/\{\$(\w+) :(\w+)/g)].map(([, slot, kind]) => [slot, filled[kind!] ?? 7])
    const said = say([id, Object.fromEntries(slots)])
    return /[{}$]|undefined|newer version|NaN/.test(said) && id !== 'unknown' ? [`${id}: ${said}`] : []
  })
  expect(wrong).toEqual([])
})
