import { clockText, stateWord, whatNow } from '@/words/runWords'

it('time to go is read as a clock has it, hours only where there are any', () => {
  expect([0, 59.4, 60, 700, 3599.6, 8030].map(clockText)).toEqual([
    '0:00',
    '0:59',
    '1:00',
    '11:40',
    '1:00:00',
    '2:13:50',
  ])
  expect(clockText(-4)).toBe('0:00')
})

it('how a run stands is one word or two, and what it waits for is told from what went wrong', () => {
  expect(stateWord({ state: 'ready', why: null })).toBe('not started')
  expect(stateWord({ state: 'standing', why: 'waiting' })).toBe('waiting for you')
  expect(stateWord({ state: 'standing', why: 'thread-break' })).toBe('stopped')
  expect(stateWord({ state: 'done', why: 'ended' })).toBe('all sewn')
})

it('where a hand comes near the needle the power is off first', () => {
  for (const kind of ['needle-break', 'nest'] as const) expect(whatNow[kind]).toMatch(/^Power off\./)
})
