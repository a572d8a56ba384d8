import { listPages, papers, type TemplateInk, templatePages } from '../src/template'

const ask = {
  title: 'Crew polo',
  lines: ['Cross 190 mm below the shoulder point'],
  upIs: 'the neck',
  sizes: { width: '84 mm', height: '62 mm' },
}
const pages = (width: number, height: number, paper: 'a4' | 'letter' = 'a4') =>
  templatePages({ ...ask, paper, design: { width, height } })
type Line = Extract<TemplateInk, { kind: 'line' }>
const lines = (ink: TemplateInk[]): Line[] => ink.filter((m): m is Line => m.kind === 'line')
const long = (l: Line): number => Math.hypot(l.to.x - l.from.x, l.to.y - l.from.y)

it('draws the outline and the rulers at their true size on one page', () => {
  const { pages: sheets, paper } = pages(84, 62)
  expect(sheets).toHaveLength(1)
  expect(paper).toEqual(papers.a4)
  const lengths = lines(sheets[0]!.ink).map(long)
  for (const mm of [84, 62, 100, 101.6]) expect(lengths.some((l) => Math.abs(l - mm) < 1e-9)).toBe(true)
})

it('turns the paper when that saves pages', () => {
  expect(pages(200, 60)).toMatchObject({ columns: 1, rows: 1, paper: { width: 297, height: 210 } })
})

it.each([
  [420, 300, 'a4'],
  [420, 300, 'letter'],
  [180, 600, 'letter'],
] as const)('tiles %f by %f on %s: all of it is there, pages join on lettered crosses', (width, height, paper) => {
  const plan = pages(width, height, paper)
  expect(plan.pages.length).toBe(plan.columns * plan.rows)
  expect(plan.pages.length).toBeGreaterThan(1)
  // Every page keeps inside its paper, and has its own rulers.
  for (const { ink } of plan.pages) {
    for (const { from, to } of lines(ink))
      for (const p of [from, to])
        expect(p.x >= 0 && p.y >= 0 && p.x <= plan.paper.width && p.y <= plan.paper.height).toBe(true)
    expect(ink.some((m) => m.kind === 'text' && m.text === '100 mm')).toBe(true)
  }
  // Each letter is on the two pages it joins.
  const letters = plan.pages.flatMap(({ ink }) =>
    ink.flatMap((m) => (m.kind === 'text' && /^[A-Z]\d*$/.test(m.text) ? [m.text] : [])),
  )
  for (const letter of new Set(letters))
    expect([letter, letters.filter((l) => l === letter).length >= 2]).toEqual([letter, true])
})

it('refuses a design of no size or of a hundred pages', () => {
  for (const [w, h] of [
    [0, 10],
    [NaN, 10],
    [4000, 4000],
  ] as const)
    expect(() => pages(w, h)).toThrow(expect.objectContaining({ code: 'bad-design' }))
})

describe('a list for paper', () => {
  const rows = (n: number) =>
    Array.from({ length: n }, (_, i) => ({ name: `Thing ${i}`, says: 'wanted', number: `${i} m` }))
  const texts = (ink: TemplateInk[]) => ink.flatMap((m) => (m.kind === 'text' ? [m] : []))

  it('has a line a thing, and goes on to another page when one is full', () => {
    // 297 high, less 15 at either edge, 14 of head and 8 of foot: 245, which is 20 rows of 12.
    const { pages: sheets } = listPages({ title: 'Shopping list', foot: 'Made today', rows: rows(21), paper: 'a4' })
    expect(sheets.map((page) => texts(page.ink).filter((t) => t.text.startsWith('Thing')).length)).toEqual([20, 1])
    expect(sheets[1]!.label).toBe('Shopping list, 2 of 2')
  })

  it('keeps every word on the paper, and one page where there is nothing', () => {
    const { pages: sheets } = listPages({ title: 'Shopping list', foot: 'Made today', rows: rows(50), paper: 'letter' })
    for (const { at } of sheets.flatMap((page) => texts(page.ink)))
      expect([at.x >= 0 && at.x <= papers.letter.width, at.y > 0 && at.y < papers.letter.height]).toEqual([true, true])
    expect(listPages({ title: 'Shopping list', foot: '', rows: [], paper: 'a4' }).pages).toHaveLength(1)
  })
})
