import Papa from 'papaparse'
import { type Advice, adviceOf } from '../advice'
import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'
import { centredDesign } from './centred'
import { type Design, type DesignBlock, MOST_FILE_BYTES, MOST_MM, MOST_STITCHES } from './design'
import { partAtStops } from './partAtStops'
import { withRoles } from './proposeRoles'
import { refuseOtherFiles } from './refuseOtherFiles'

const columns = ['x_mm', 'y_mm', 'command', 'colour'] as const
const commands = new Set(['stitch', 'jump', 'trim', 'stop', 'end'])
const COLOUR = /^#[0-9a-f]{6}$/i
const NUMBER = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i

const bad = (line: number, what: Message): CoreError =>
  new CoreError('bad-row', message('problem.line', { line, what }), `line ${line}`)

/**
 * Reads a stitch list. A filled colour begins a block; in a list that names the colour of every stitch, only a new one
 * does. `trim`, `stop` and `end` may leave their place empty: they happen
 * where the needle is. Comma decimals are read where the columns are parted by semicolons or tabs.
 *
 * Source: core.md section 7, header `x_mm,y_mm,command,colour`.
 *
 * @returns the design in its own frame; `pageBox` keeps where the list had it
 * @throws CoreError('bad-row', path 'line 12') naming the line and what is wrong with it, 'too-large', 'empty',
 *   'not-a-list'
 * @example readStitchCsv('x_mm,y_mm,command,colour\n0,0,stitch,#2c4a7a\n4,0,stitch,\n4,0,end,').blocks[0].stitchCount // 2
 */
export function readStitchCsv(text: string): Design {
  if (text.length > MOST_FILE_BYTES)
    throw new CoreError('too-large', message('problem.this-stitch-list-is-over'), 'file')
  refuseOtherFiles(text, 'stitch list')
  const { data, meta } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').replace(/\s+$/, ''), {
    skipEmptyLines: false,
  })
  const at = places(data[0] ?? [])
  const decimalComma = meta.delimiter !== ','
  const [, , command, colour] = at
  const everyStitchNamed = data
    .slice(1)
    .every((row) => row[command!]?.trim().toLowerCase() !== 'stitch' || (row[colour!] ?? '').trim() !== '')
  const list = new ListReader(decimalComma, at, everyStitchNamed)
  for (let i = 1; i < data.length; i++) list.row(data[i]!, i + 1)
  return list.design()
}

/** Where each column stands: they may come in any order, with others among them. */
function places(header: string[]): number[] {
  const names = header.map((name) => name.trim().toLowerCase())
  return columns.map((column) => {
    const place = names.indexOf(column)
    if (place < 0) throw bad(1, message('problem.a-stitch-list-begins-with', { columns: columns.join(','), column }))
    return place
  })
}

class ListReader {
  readonly #blocks: (DesignBlock & Required<Pick<DesignBlock, 'stitches' | 'moves'>>)[] = []
  readonly #warnings: Advice[] = []
  #x = 0
  #y = 0
  #count = 0
  #ended = false

  constructor(
    private readonly decimalComma: boolean,
    private readonly at: readonly number[],
    private readonly everyStitchNamed: boolean,
  ) {}

  row(cells: string[], line: number): void {
    if (cells.length === 1 && cells[0]!.trim() === '') return
    const [x, y, command, colour] = this.at.map((place) => (cells[place] ?? '').trim()) as [
      string,
      string,
      string,
      string,
    ]
    if (this.#ended) throw bad(line, message('problem.nothing-may-follow-the-row'))
    const kind = command.toLowerCase()
    if (!commands.has(kind)) throw bad(line, message('problem.is-not-a-command-stitch', { command }))
    this.#begin(colour, line, kind)
    this.#go(x, y, kind, line)
    const block = this.#blocks.at(-1)
    if (kind === 'end') this.#ended = true
    else if (!block) throw bad(line, message('problem.the-first-row-has-to'))
    else if (kind === 'stitch') this.#stitch(block, line)
    else block.moves.push({ before: block.stitches.length, kind: kind as 'jump', x: this.#x, y: this.#y })
    if (block && kind === 'jump') block.jumps++
    if (block && kind === 'trim') block.trims++
  }

  design(): Design {
    if (this.#count === 0) throw new CoreError('empty', message('problem.there-are-no-stitches-in'), 'file')
    if (!this.#ended) this.#warnings.push(adviceOf({ severity: 'note', said: message('design.no-end') }))
    return centredDesign({
      source: 'stitches',
      blocks: withRoles(this.#blocks.flatMap(partAtStops)),
      warnings: this.#warnings,
    })
  }

  #begin(colour: string, line: number, kind: string): void {
    if (colour !== '' && !COLOUR.test(colour)) throw bad(line, message('problem.is-not-a-colour-write-2', { colour }))
    const named = colour.toLowerCase()
    const begins = named !== '' && !(this.everyStitchNamed && named === this.#blocks.at(-1)?.colour)
    if (begins && kind !== 'end')
      this.#blocks.push({
        colour: named,
        stitches: [],
        moves: [],
        stitchCount: 0,
        estimated: false,
        jumps: 0,
        trims: 0,
      })
  }

  #go(x: string, y: string, kind: string, line: number): void {
    if (x === '' && y === '' && kind !== 'stitch' && kind !== 'jump') return
    this.#x = this.#number(x, 'x_mm', line)
    this.#y = this.#number(y, 'y_mm', line)
  }

  #number(text: string, column: string, line: number): number {
    const plain = this.decimalComma ? text.replace(',', '.') : text
    if (!NUMBER.test(plain)) throw bad(line, message('problem.is-not-a-number-of', { column, text }))
    const value = Number(plain)
    if (Math.abs(value) > MOST_MM)
      throw bad(line, message('problem.lies-farther-out-than-mm', { column, text, most: MOST_MM }))
    return value
  }

  #stitch(block: DesignBlock & { stitches: { x: number; y: number }[] }, line: number): void {
    if (++this.#count > MOST_STITCHES)
      throw new CoreError('too-large', message('problem.more-than-500-000-stitches', { line }), `line ${line}`)
    block.stitches.push({ x: this.#x, y: this.#y })
    block.stitchCount++
  }
}
