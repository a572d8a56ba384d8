import { message } from '../messages/message'
import Papa from 'papaparse'
import { CoreError } from '../errors'
import type { Design, DesignBlock, StitchMove } from './design'

type Row = [string, string, string, string]

const mm = (value: number): string => (Math.round(value * 100) / 100 + 0).toFixed(2)

/** Moves of a block whose list tells only how many there were: jumps before it, trims after it. */
function countedMoves({ stitches = [], jumps, trims }: DesignBlock): StitchMove[] {
  const first = stitches[0]
  const last = stitches.at(-1)
  if (!first || !last) return []
  return [
    ...Array.from({ length: jumps }, () => ({ before: 0, kind: 'jump' as const, x: first.x, y: first.y })),
    ...Array.from({ length: trims }, () => ({ before: stitches.length, kind: 'trim' as const, x: last.x, y: last.y })),
  ]
}

function rowsOf(block: DesignBlock, dx: number, dy: number): Row[] {
  const stitches = block.stitches ?? []
  const moves = block.moves ?? countedMoves(block)
  const rows: Row[] = []
  const add = (p: { x: number; y: number }, command: string): void =>
    void rows.push([mm(p.x + dx), mm(p.y + dy), command, rows.length === 0 ? block.colour : ''])
  let next = 0
  for (let i = 0; i <= stitches.length; i++) {
    for (; next < moves.length && moves[next]!.before <= i; next++) add(moves[next]!, moves[next]!.kind)
    if (i < stitches.length) add(stitches[i]!, 'stitch')
  }
  return rows
}

/**
 * Writes a stitch list: `x_mm,y_mm,command,colour`, two decimals, the colour on the first row of each block, `end` at
 * the end. A design that was read from a list lies where it lay there.
 *
 * @throws CoreError('no-stitches') for artwork or a design known by size
 * @example writeStitchCsv(readStitchCsv(text)) // the same rows to 0.01 mm
 */
export function writeStitchCsv(design: Design): string {
  if (design.blocks.some((b) => !b.stitches) || design.blocks.length === 0)
    throw new CoreError('no-stitches', message('problem.only-a-design-with-real'), 'design')
  const { pageBox, width, height } = design
  const [dx, dy] = pageBox ? [pageBox.x + width / 2, pageBox.y + height / 2] : [0, 0]
  const rows = design.blocks.flatMap((block) => rowsOf(block, dx, dy))
  const [x, y] = rows.at(-1) ?? ['0.00', '0.00']
  return `${Papa.unparse([['x_mm', 'y_mm', 'command', 'colour'], ...rows, [x, y, 'end', '']], { newline: '\n' })}\n`
}
