import type { ImportEffect } from '@thimble/contract/answers'
import type { ShopStore } from '../stores/shopStore'
import { checkHere, type BeginChecking } from './checkers'
import { effectOf } from './importEffect'
import { readShop, stage } from './readShop'
import type { Part } from './readParts'
import { writeShop } from './writeShop'

/**
 * `dry`: looks what it would do, and does nothing. `replace`: what the file does not have is removed. `begin`: who looks
 * through its things.
 */
type How = { dry?: boolean; replace?: boolean; begin?: BeginChecking }
type Taken = { counts: Record<string, number>; effect: ImportEffect | null }

/**
 * Takes a shop file in, all or nothing; things with a known id are overwritten where they differ. All of it is read
 * and checked before the shop is touched.
 *
 * @throws ZodError and CoreError with the place in the file
 */
export async function takeShopIn(
  store: ShopStore,
  parts: AsyncIterable<Part>,
  { dry = false, replace = false, begin = checkHere }: How = {},
): Promise<Taken> {
  const staged = await stage(store.database.folder)
  const checkers = begin(store.registry)
  try {
    const { counts, ids } = await readShop(store, parts, { staged, checkers, whole: replace })
    checkers.end()
    const toKeep = replace ? ids : null
    if (dry) return { counts, effect: await effectOf(store, staged, toKeep) }
    await store.database.writes.runLarge((tx, prepare) => writeShop(store, { tx, prepare, staged, toKeep }))
    return { counts, effect: null }
  } finally {
    checkers.end()
    await Promise.all(Object.values(staged).map((one) => one.remove()))
  }
}
