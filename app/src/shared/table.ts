import Papa from 'papaparse'

/* Always fetched when it is asked for, so that only who has to do with tables carries the package. */

/** Longer than any list of names; what is pasted beyond is not looked at. */
const MOST_SIGNS = 500_000

/** A line of a table by its number in the text: its cells, and as it was written. */
export type TableLine = { line: number; cells: string[]; written: string }

/**
 * A pasted table or a CSV as lines of cells, each by its number in the text: of semicolons, commas or tabs, whichever there
 * are; a line break within quotes is of its cell.
 *
 * @example splitTable('size;name\nm;Wren')[1] // { line: 2, cells: ['m', 'Wren'], written: 'm;Wren' }
 */
function splitTable(text: string): TableLine[] {
  const plain = text
    .slice(0, MOST_SIGNS)
    .replace(/^\uFEFF/, '')
    .replace(/\r\n?/g, '\n')
  const lines: TableLine[] = []
  let [line, from] = [1, 0]
  Papa.parse<string[]>(plain, {
    delimiter: separatorOf(plain),
    step: ({ data, meta }) => {
      const written = plain.slice(from, meta.cursor)
      lines.push({ line, cells: data, written: written.replace(/\n$/, '') })
      line += written.split('\n').length - 1
      from = meta.cursor
    },
  })
  return lines
}

/** What parts the cells: the sign the first line has most of; a list of names alone has none. */
function separatorOf(text: string): string {
  const first = text.split('\n').find((line) => line.trim() !== '') ?? ''
  const counts = ['\t', ';', ','].map((sign) => [sign, first.split(sign).length] as const)
  return counts.reduce((most, one) => (one[1] > most[1] ? one : most))[0]
}

/** Rows as CSV. */
const writeTable = (fields: string[], data: object[]): string => Papa.unparse({ fields, data }, { newline: '\n' })

// ts-unused-exports:disable-next-line
export const tables = { splitTable, writeTable }
