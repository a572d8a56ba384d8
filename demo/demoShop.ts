import { readFileSync } from 'node:fs'
import path from 'node:path'
import { demoDesigns } from './designs'

/** The made-up shop as one shop file with `today`, the day its dates are meant for; `folder` is where demo/ lies. */
export function demoShop(folder: string) {
  const shop = JSON.parse(readFileSync(path.join(folder, 'shop.json'), 'utf8'))
  const made = demoDesigns((file) => readFileSync(path.join(folder, 'designs', `${file}.svg`), 'utf8'))
  const at = `${shop.today}T08:03:00.000Z`
  return {
    ...shop,
    designs: made.map(({ drawing, ...design }) => ({ ...design, smallestLetterMm: null, createdAt: at, updatedAt: at })),
    drawings: made.map(({ id, drawing }) => ({ id, drawing })),
  }
}
