import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { Registry } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { ZodRealError } from 'zod'
import type { ShopStore } from '../stores/shopStore'
import type { CheckedBatch, CheckedDocument, CheckedMove, CheckedOther, CheckedSettings, Refusal } from './checkBatch'
import type { Checkers } from './checkers'
import { inBatches } from './inBatches'
import { type Part, WITHOUT_A_CARD } from './readParts'
import { Staged } from './stagedShop'

/** A shop file as it waits to be written: its documents, what is none, and what its records took of the stash. */
export type StagedShop = {
  documents: Staged<CheckedDocument | CheckedSettings>
  others: Staged<CheckedOther>
  moves: Staged<CheckedMove>
}

export const stage = async (folder: string): Promise<StagedShop> => ({
  documents: await Staged.open(folder),
  others: await Staged.open(folder),
  moves: await Staged.open(folder),
})

/** How many things a file has by list, and which, where that has to be known. */
export type Read = { counts: Record<string, number>; ids: Record<string, Set<string>> }

/** Whose ids are looked at: a design as it was read needs its card. */
const LOOKED_AT = new Set(['designs', 'packedDesigns'])

/**
 * Reads a whole shop file, has all of it checked, and puts it where it waits to be written.
 *
 * @param whole whether to tell all ids, as where the file takes the shop's place
 * @throws ZodError and CoreError for the first thing that is not taken, with its place
 */
export async function readShop(
  store: ShopStore,
  parts: AsyncIterable<Part>,
  { staged, checkers, whole }: { staged: StagedShop; checkers: Checkers; whole: boolean },
): Promise<Read> {
  const read = nothingRead(store.registry)
  const under: { list: string; checked: Promise<CheckedBatch> }[] = []
  const takeFirst = async (): Promise<void> => {
    const { list, checked } = under.shift()!
    await keep(list, await checked, { read, staged, whole })
  }
  for await (const batch of inBatches(parts, store.now())) {
    const checked = checkers.check(batch)
    // Who waits for one before it may never come to this one.
    checked.catch(() => undefined)
    under.push({ list: batch.list, checked })
    if (under.length >= checkers.atOnce) await takeFirst()
  }
  while (under.length > 0) await takeFirst()
  await requireCards(store, read)
  return read
}

type Keeping = { read: Read; staged: StagedShop; whole: boolean }

async function keep(list: string, checked: CheckedBatch, { read, staged, whole }: Keeping): Promise<void> {
  if ('refused' in checked) throw errorOf(checked.refused)
  if (list !== 'shop') {
    read.counts[list]! += checked.ids.length
    if (whole || LOOKED_AT.has(list)) for (const id of checked.ids) read.ids[list]!.add(id)
  }
  await (WITHOUT_A_CARD.includes(list) ? staged.others : staged.documents).add(checked.lines)
  if (checked.moves.length > 0) await staged.moves.add(checked.moves)
}

const errorOf = (refused: Refusal): Error =>
  'issues' in refused
    ? new ZodRealError(refused.issues as never)
    : new CoreError('bad-file', refused.message, refused.path)

function nothingRead(registry: Registry): Read {
  const names = [...Object.keys(registry), ...WITHOUT_A_CARD]
  return {
    counts: Object.fromEntries(names.map((name) => [name, 0])),
    ids: Object.fromEntries(names.map((name) => [name, new Set<string>()])),
  }
}

/** @throws CoreError for a design without its card, in the file or on the shelf */
async function requireCards(store: ShopStore, { ids }: Read): Promise<void> {
  let at = 0
  for (const id of ids.packedDesigns!) {
    if (!ids.designs?.has(id) && !(await store.packed.hasCard(id)))
      throw new CoreError('bad-file', t('there-is-no-design-in', { id }), `packedDesigns.${at}.id`)
    at++
  }
}
