import { line, text, type TemplateInk, type TemplatePage } from './templateInk'
import { type PaperId, papers } from './templatePages'

/** One thing of a list: what it is, what is said of it, and its number at the right. */
export type ListRow = { name: string; says: string; number: string }
type ListRequest = { title: string; foot: string; rows: readonly ListRow[]; paper: PaperId }

const EDGE = 15
const HEAD = 14
const ROW = 12
const FOOT = 8

/**
 * A list for paper: a line a thing under a title, on as many pages as it takes, each with its number and a foot.
 *
 * @example 30 things on A4 take 2 pages: 20 go on each
 */
export function listPages({ title, foot, rows, paper }: ListRequest): {
  paper: (typeof papers)[PaperId]
  pages: TemplatePage[]
} {
  const size = papers[paper]
  const each = Math.floor((size.height - 2 * EDGE - HEAD - FOOT) / ROW)
  const count = Math.max(1, Math.ceil(rows.length / each))
  const right = size.width - EDGE
  const pages = Array.from({ length: count }, (_, page): TemplatePage => {
    const label = count > 1 ? `${title}, ${page + 1} of ${count}` : title
    const lines = rows.slice(page * each, (page + 1) * each).flatMap(({ name, says, number }, i): TemplateInk[] => {
      const y = EDGE + HEAD + i * ROW
      return [
        line({ x: EDGE, y }, { x: right, y }),
        text({ x: EDGE, y: y + 5 }, name, 4.2),
        text({ x: EDGE, y: y + 9.6 }, says, 3.2),
        text({ x: right, y: y + 6.5 }, number, 4.2, 'end'),
      ]
    })
    const head = text({ x: EDGE, y: EDGE + 6 }, label, 6)
    return { label, ink: [head, ...lines, text({ x: EDGE, y: size.height - EDGE }, foot, 3)] }
  })
  return { paper: size, pages }
}
