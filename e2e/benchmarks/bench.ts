import { measureApi } from './api'
import { measureCore } from './core'
import { measureDesigns } from './designs'
import { measureLarge } from './large'
import { measureLoad } from './load'
import { measureLog } from './log'
import { measureOrders } from './orders'
import { measurePhones } from './phones'
import { measureRuns } from './batches'
import { measureTwin } from './twin'
import { measureDragging } from './dragging'
import { measureRun } from './stitching'
import { measureTyping } from './typing'

async function main(): Promise<void> {
  const figures = [
    ...measureCore(),
    ...measureRuns(),
    ...(await measureApi()),
    ...(await measureTwin()),
    ...(await measureLarge()),
    ...(await measureLog()),
    ...(await measureOrders()),
    ...(await measurePhones()),
    ...(await measureLoad()),
    ...(await measureTyping()),
    ...(await measureDragging()),
    ...(await measureDesigns()),
    ...(await measureRun()),
  ]
  const rows = figures.map(({ what, value, unit, aim }) => [
    what,
    `${value.toFixed(value < 10 ? 2 : 0)} ${unit}`,
    aim === null ? '' : `at most ${aim} ${unit}`,
    aim === null ? '' : value <= aim * (1 + 1e-9) ? 'met' : 'MISSED',
  ])
  const all = [['figure', 'measured', 'aim', ''], ...rows]
  const widths = [0, 1, 2].map((i) => Math.max(...all.map((row) => row[i]!.length)))
  for (const row of all)
    console.log(
      row
        .map((cell, i) => cell.padEnd(widths[i] ?? 0))
        .join('  ')
        .trimEnd(),
    )
}

main().catch((error: unknown) => {
  console.error(error)
  process.exit(1)
})
