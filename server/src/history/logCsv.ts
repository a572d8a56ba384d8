import { layerNames } from '@thimble/language'
import type { LogRow } from '@thimble/contract/log'
import Papa from 'papaparse'

type Column = [name: string, of: (row: LogRow) => string | number | null]

const tenth = (value: number | null): number | null => value && Math.round(value * 10) / 10

/** The columns of the log as CSV; docs/formats.md says what they mean. */
const columns: readonly Column[] = [
  ['id', (row) => row.pieceId],
  ['finished', (row) => row.finishedAt],
  ['name', (row) => row.name],
  ['customer', (row) => row.customer],
  ['run', (row) => row.run],
  ['item', (row) => row.item.name],
  ['size', (row) => row.size],
  ['placement', (row) => row.placement.name],
  ['design', (row) => row.design?.name ?? ''],
  ['cloth', (row) => row.cloth],
  ['own_cloth', (row) => row.swatch ?? ''],
  ['layers', (row) => (row.layers ?? []).map((kind) => layerNames[kind]).join('; ')],
  ['needle', (row) => row.needle ?? ''],
  ['holding', (row) => row.holding ?? ''],
  ['hoop', (row) => row.hoop?.name ?? ''],
  ['machine', (row) => row.machine?.name ?? ''],
  ['verdict', (row) => row.verdict ?? ''],
  ['washed', (row) => row.washed ?? ''],
  ['faults', (row) => row.faults.join('; ')],
  ['landed_right_mm', (row) => tenth(row.dx)],
  ['landed_down_mm', (row) => tenth(row.dy)],
  ['landed_turned_deg', (row) => tenth(row.rotation)],
  ['tries', (row) => row.tries],
  ['minutes', (row) => tenth(row.minutes)],
  ['sewn_minutes', (row) => tenth(row.sewn)],
  ['forecast_minutes', (row) => tenth(row.forecast)],
  ['photos', (row) => row.photos],
  ['note', (row) => row.note],
]

const END = '\r\n'

export const csvHead = (): string => columns.map(([name]) => name).join() + END

/** Rows as CSV; what a table would take for a formula is made text. */
export function csvRows(rows: readonly LogRow[]): string {
  if (rows.length === 0) return ''
  const table = rows.map((row) => columns.map(([, of]) => of(row)))
  return Papa.unparse(table, { newline: END, escapeFormulae: true }) + END
}
