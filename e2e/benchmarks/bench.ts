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
import { measureOtherDevice } from './otherDevice'
import { measureRun } from './stitching'
import { measureTyping } from './typing'
import type { Figure } from './figure'
import readyShop from '../readyShop'

const measures: (() => Figure[] | Promise<Figure[]>)[] = [
  ...[measureCore, measureRuns, measureApi, measureTwin, measureLarge, measureLog, measureOrders, measurePhones],
  ...[measureOtherDevice, measureLoad, measureTyping, measureDragging, measureDesigns, measureRun],
]

/** Each figure is printed as soon as it is measured; a word given measures only what has it in its name. */
async function main([only = '']: string[]): Promise<void> {
  const clear = await readyShop()
  for (const measure of measures.filter(({ name }) => name.toLowerCase().includes(only.toLowerCase())))
    for (const { what, value, unit, aim } of await measure()) {
      const met = aim === null ? '' : `  at most ${aim} ${unit}: ${value <= aim * (1 + 1e-9) ? 'met' : 'MISSED'}`
      console.log(`${what}: ${value.toFixed(value < 10 ? 2 : 0)} ${unit}${met}`)
    }
  clear()
}

main(process.argv.slice(2)).catch((error: unknown) => {
  console.error(error)
  process.exit(1)
})
