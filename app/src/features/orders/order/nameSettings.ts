import type { NameSetting, Order } from '@thimble/contract'
import type { FittedName, NamesRequest } from '@thimble/core/lettering'
import { readSigned, readTyped } from '@thimble/plan'
import { garmentsOf, linesOf, placesOf } from '@thimble/plan/orders'
import { sha256 } from '@noble/hashes/sha2'
import { bytesToHex } from '@noble/hashes/utils'

type Read = { request: NamesRequest | null; problems: Record<'size' | 'most' | 'spacing', string | null> }

/** How names are set, as typed; null where it cannot be read yet, with why. */
export function readSetting({ by, size, most, spacing, long }: NameSetting): Read {
  const [tall, widest, apart] = [readTyped(size), readTyped(most), readSigned(spacing)]
  const problems = { size: tall.problem, most: widest.problem, spacing: apart.problem }
  const good = tall.mm && !widest.problem && !apart.problem
  return { request: good ? { by, size: tall.mm!, most: widest.mm, spacing: apart.mm ?? 0, long } : null, problems }
}

const hundredth = (mm: number): number => Math.round(mm * 100) / 100

/** The id of a name's design: it follows from the name and how it is set, so that the same is set once. */
export function nameDesignId({ name, letterHeight, spacing }: FittedName, { face, colour }: NameSetting): string {
  const set = JSON.stringify([name, hundredth(letterHeight), hundredth(spacing), face, colour])
  return `name-${bytesToHex(sha256(set)).slice(0, 32)}`
}

/** A place for names: which, how they are set, and the names of its line, each once. */
export type NamesAt = { place: string; setting: NameSetting; names: string[] }

/** Where an order has names, with those that go there. */
export const namesOf = (order: Order): NamesAt[] =>
  linesOf(order).flatMap(([, line]) =>
    placesOf(line).flatMap(([place, { names: setting }]) => {
      const names = [...new Set(garmentsOf(line).flatMap(({ name }) => (name ? [name] : [])))]
      return setting ? [{ place, setting, names }] : []
    }),
  )
