import { Thread } from '@thimble/contract'
import type { Need } from '@thimble/plan/benchNeeds'
import { bobbinLines } from '@/words/bobbinLines'
import { readSwatch, writeSwatch } from '@/features/stash/swatchTexts'
import { tables } from '@/shared/table'
import { toBuyCsv } from '@/features/stash/toBuyCsv'
import { needLine, toBuyText } from '@/words/needWords'
import { metresText, timeText } from '@/words/threadNeeds'

const at = '2026-11-23T08:00:00.000Z'
const need = (over: Partial<Need>): Need => ({
  ...{ id: 'x', what: { kind: 'tear-away-light' }, unit: 'mm', want: 600, left: 200, lowBelow: 0 },
  ...{ pieces: 3, atLeast: false, ...over },
})

describe('what has to be bought', () => {
  it('is said in metres, of rolls and of thread alike', () => {
    expect([needLine(need({})), toBuyText(need({}))]).toEqual(['3 pieces want 0.6 m; 0.2 m there.', '0.4 m short'])
    const thread = need({ what: { colour: '#203040' }, unit: 'm', want: 32.4, left: 0, pieces: 1, atLeast: true })
    expect([needLine(thread), toBuyText(thread)]).toEqual(['1 piece wants at least 32 m; 0 m there.', '32 m short'])
    expect(toBuyText(need({ left: 700, lowBelow: 200 }))).toBe('low afterwards')
    expect([needLine(need({ left: null })), toBuyText(need({ left: null }))]).toEqual([
      ...['3 pieces want 0.6 m; stock not counted.', 'enough'],
    ])
    const spray = need({ what: { adhesive: 'spray' }, unit: 'number', want: 0, left: 0, lowBelow: 1, pieces: 2 })
    expect([needLine(spray), toBuyText(spray)]).toEqual(['2 pieces want it; 0 there.', 'low'])
    expect(needLine(need({ want: 0, left: -40, pieces: 0 }))).toBe('Low: 0 m there.')
  })

  it('goes out as CSV without what there is enough of', () => {
    const rows = [need({}), need({ id: 'y', what: { kind: 'cut-away-mesh' }, left: 5000 })]
    expect(toBuyCsv(rows, tables)).toBe('what,unit,wanted,left,missing,pieces\nLight tear-away,m,0.6,0.2,0.4,3')
  })
})

it('minutes are told by part, without parts that take less than half a one', () => {
  const time = { seconds: 990, parts: { stitching: 600, changes: 120, trims: 18, hooping: 240 } }
  const said = timeText(
    { colours: [], blocks: [], sewn: [], speedSpm: 600, bobbinMetres: 0, time, pace: null, estimated: false },
    'Loft machine',
  )
  expect(said).toBe('About 17 min at Loft machine: 10 min stitching, 2 min changing colours, 4 min hooping.')
  expect([metresText(9.96), metresText(9.94), metresText(31.6)]).toEqual(['10 m', '9.9 m', '32 m'])
})

it('the bobbin is told by the block before which it is changed, and where none lasts', () => {
  const threads = [Thread.parse({ id: 't', createdAt: at, updatedAt: at, name: 'Salt', colour: '#fdfbf5' })]
  const blocks = ['#fdfbf5', '#203040', '#fdfbf5'].map((colour) => ({ colour, bobbinMetres: 30 }))
  const plan = { blocks, bobbinMetres: 90 }
  const changes = { left: 35, full: 50, fresh: false, changeBefore: [1, 2], bobbins: 2, endsWith: 20, tooLong: [] }
  expect(bobbinLines(plan, changes, { threads })).toEqual([
    'Bobbin 90 m, 35 m on the one in the machine.',
    'Change the bobbin before block 2 of 3 (#203040; nearest is Salt), block 3 of 3 (Salt).',
  ])
  expect(bobbinLines(plan, { ...changes, fresh: true, changeBefore: [], left: 50 }, { threads })).toEqual([
    'Bobbin 90 m, from a full one of 50 m: it lasts.',
  ])
  expect(bobbinLines(plan, { ...changes, changeBefore: [], tooLong: [1] }, { threads })[1]).toMatch(
    /^One bobbin isn’t enough for block 2 of 3/,
  )
  expect(bobbinLines(plan, null, { threads })[0]).toMatch(/^Bobbin 90 m\. Add your bobbins/)
})

describe('a swatch as it is typed', () => {
  it('takes the family’s usual number where none is given, and keeps what cannot be read apart', () => {
    const typed = { ...writeSwatch(), name: 'Market denim', family: 'denim' as const, gsm: 'heavy', thicknessMm: '0.9' }
    const { doc, unread } = readSwatch(typed)
    // Denim stretches 0 to 3 %: 1.5 in the middle.
    expect(doc).toMatchObject({ stretchPercent: 1.5, thicknessMm: 0.9, pileMm: 0 })
    expect(Object.keys(unread)).toEqual(['gsm'])
    // What was not picked follows what the cloth is like: an iron flattens velvet, and a ring marks it.
    const velvet = readSwatch({ ...typed, family: 'velvet-plush' }).doc
    expect([velvet.heat, velvet.bruise, readSwatch({ ...typed, heat: 'low' }).doc.heat]).toEqual(['no', 'high', 'low'])
  })
})
