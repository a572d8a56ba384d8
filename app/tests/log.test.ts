import type { LogInsights } from '@thimble/contract/log'
import { comparedFacts } from '@/features/log/recordFacts'
import { everything, pickValue, queryIn, readQuery, searchOf } from '@/features/log/logQuery'
import { driftText, likelyText, paceText, planText, rateText, trendText } from '@/features/log/insightWords'

type Report = LogInsights['landings']['hoop'][number]['report']
const report = (change: Partial<Report>): Report => ({
  ...{ n: 17, enough: true, mean: { dx: 0.2, dy: 1.9, rotation: 0 }, r50: 2.1, r95: 3.2 },
  interval: { dx: [-0.3, 0.7], dy: [1.5, 2.3], rotation: null },
  worthCorrecting: { dx: false, dy: true },
  ...change,
})

it('where pieces land is one sentence, and never a number of few', () => {
  expect(driftText({ frame: 'item', report: report({}) })).toBe('It lands 1.9 mm low, ± 0.4 mm.')
  expect(driftText({ frame: 'hoop', report: report({}) })).toMatch(/^It lands 1\.9 mm toward you in the hoop/)
  expect(driftText({ frame: 'item', report: report({ worthCorrecting: { dx: false, dy: false } }) })).toBe(
    'No clear drift in 17 landings: half within 2.1 mm, 19 of 20 within 3.2 mm.',
  )
  expect(driftText({ frame: 'item', report: report({ n: 3, enough: false }) })).toBe('3 landings: too few to say.')
  expect([rateText({ tries: 4, successes: 4 }), likelyText({ tries: 4, interval: [0.5, 1] })]).toEqual([
    '4 of 4, too few to say',
    'too few to say',
  ])
  expect(likelyText({ tries: 41, interval: [0.806, 0.974] })).toBe('likely 81 to 97 in a hundred')
})

it('what is planned otherwise is said as a hand sees it, in its frame', () => {
  expect(planText({ right: 0, down: -2, frame: 'item' }, 'hoop')).toBe('Plan 2 mm higher on this hoop')
  expect(planText({ right: 1.5, down: 2, frame: 'hoop' }, 'machine')).toBe(
    'Plan 2 mm toward you and 1.5 mm to the right on this machine',
  )
})

it('what changes over time is said with its interval, or that it is not known', () => {
  const says = { more: 'Longer', less: 'Shorter', unit: 'min' }
  expect(trendText({ n: 20, slope: -1.84, interval: [-2.6, -1.1], grows: -1 }, says)).toBe(
    'Shorter: 1.8 min a month (1.1 to 2.6).',
  )
  expect(trendText({ n: 20, slope: 1, interval: [-1, 3], grows: 0 }, says)).toBe('No clear trend.')
  expect(trendText(null, says)).toMatch(/^Too few/)
  expect(paceText({ name: 'Loft machine', runs: 12, factor: 1.2, interval: [1.1, 1.3] })).toBe(
    'Loft machine takes 1.20 × the estimate, likely 1.10 to 1.30, from 12 pieces.',
  )
})

it('two records are laid side by side, what differs apart from what is alike', () => {
  const a = [
    { about: 'Hooped, floated or clamped', says: 'hooped' },
    { about: 'Hoop', says: 'Square 100' },
    { about: 'Note', says: '' },
  ]
  const b = [
    { about: 'Hooped, floated or clamped', says: 'floated' },
    { about: 'Hoop', says: 'Square 100' },
    { about: 'Speed', says: '600 stitches a minute' },
  ]
  const { differs, alike } = comparedFacts(a, b)
  expect(differs).toEqual([
    { about: 'Hooped, floated or clamped', a: 'hooped', b: 'floated' },
    { about: 'Speed', a: '', b: '600 stitches a minute' },
  ])
  expect(alike.map(({ about }) => about)).toEqual(['Hoop'])
})

it('what is asked of the log goes into an address and comes out of it', () => {
  const asked = pickValue(pickValue({ ...everything, words: ' polo ' }, 'fault', 'nest'), 'fault', 'hole')
  expect(searchOf(asked)).toBe('words=polo&fault=nest&fault=hole')
  expect(searchOf(pickValue(asked, 'fault', 'nest'))).toBe('words=polo&fault=hole')
  expect(queryIn({ fault: ['nest', 'hole'], beside: 'x' })?.picked).toEqual({ fault: ['nest', 'hole'] })
  expect(queryIn({ beside: 'x' })).toBeNull()
  expect(readQuery('{{')).toEqual(everything)
})
