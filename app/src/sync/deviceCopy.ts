import { program as t } from '@thimble/language/en/program'
import type { ChangedThing } from '@thimble/contract/answers'
import { keyFor } from '../state/changeKeys'
import { outbox, tellQueue, waitingChanges } from './deviceOutbox'
import { isHeld, wholeThing } from '../state/documentShape'
import type { Change } from '../state/change'
import { bodyOf, type LocalWrites, conflictsIn, withLocalWrites } from './conflicts'
import { documentsReceived, fullResync } from '../state/documents'
import { store } from '../state/store'
import type { HeldRecord, Seen, WorkingSet } from './workingSet'

/** What the device holds; null until it is opened, and where the browser keeps none. */
let workingSet: WorkingSet | null = null
/** What was written from here, by document. */
const localWrites = new Map<string, LocalWrites>()

export const openDeviceCopy = (opened: WorkingSet | null): void => void (workingSet = opened)

/** Without room or database it is on the screen all the same, and comes from the server at the next start. */
const leaveOut = (): void => undefined

/** What was held here is shown as it was; what an older program wrote is made whole, and held so. */
export function showDeviceCopy(records: readonly HeldRecord[]): void {
  for (const { collection, id, localWrites: own } of records) if (own) localWrites.set(keyFor(collection, id), own)
  const asThing = ({ collection, id, revision, doc }: HeldRecord): ChangedThing => ({
    collection,
    id,
    revision,
    doc: doc as Doc,
    concurrentWrites: null,
  })
  const older = records
    .filter(({ ownWriting }) => !ownWriting)
    .map((record) => ({ ...wholeThing(asThing(record)), localWrites: record.localWrites }))
  const things = [...records.filter(({ ownWriting }) => ownWriting).map(asThing), ...older]
  store.dispatch(documentsReceived({ things, waiting: waitingChanges(), whole: true }))
  if (older.length > 0) void workingSet?.write(older).catch(leaveOut)
}
type Doc = Record<string, unknown>

/** What the server has told up to `seen`: shown, held, and said where it wrote over what was written here unseen. */
export async function receiveDocuments(said: readonly ChangedThing[], seen?: Seen): Promise<void> {
  const [things, waiting] = [said.map(wholeThing), waitingChanges()]
  for (const thing of things) tellConflicts(thing, waiting)
  store.dispatch(documentsReceived({ things, waiting, whole: true }))
  const withOwn = things.map((thing) => {
    const own = localWrites.get(keyFor(thing.collection, thing.id))
    return own ? { ...thing, localWrites: own } : thing
  })
  await workingSet?.write(withOwn, seen).catch(leaveOut)
}

/** All that the server has now, in the place of what another history left here. */
export async function replaceDocuments(said: readonly ChangedThing[], seen: Seen): Promise<void> {
  const things = said.map(wholeThing)
  localWrites.clear()
  store.dispatch(fullResync({ things, waiting: waitingChanges(), whole: true }))
  await workingSet?.clear().catch(leaveOut)
  await workingSet?.write(things, seen).catch(leaveOut)
}

/** A change was kept: what came of it, to be shown in the other tabs too. */
export function takeAnswer(change: Change, doc: Doc & { revision: number }): ChangedThing | null {
  if (change.kind !== 'put' && change.kind !== 'patch' && change.kind !== 'shop') return null
  const [collection, id] = change.kind === 'shop' ? ['shop', 'shop'] : [change.resource, change.id]
  const thing = wholeThing({ collection, id, revision: doc.revision, doc, concurrentWrites: null })
  const own = withLocalWrites(localWrites.get(keyFor(collection, id)) ?? {}, change, doc.revision)
  localWrites.set(keyFor(collection, id), own)
  showAnswer(thing)
  if (isHeld(collection)) void workingSet?.write([{ ...thing, localWrites: own }]).catch(leaveOut)
  return thing
}

export const showAnswer = (thing: ChangedThing): void =>
  void store.dispatch(documentsReceived({ things: [thing], waiting: waitingChanges() }))

function tellConflicts(thing: ChangedThing, waiting: readonly Change[]): void {
  const key = keyFor(thing.collection, thing.id)
  const before = localWrites.get(key)
  if (!before || !thing.doc) return
  const { lost, localWrites: standing } = conflictsIn(before, thing, waiting)
  localWrites.set(key, standing)
  for (const { path, value, ...over } of lost) {
    const change = { kind: 'patch', resource: thing.collection, id: thing.id, body: bodyOf(path, value) } as Change
    outbox.overtake(change, overtakenText(over), thing.doc.name as string)
  }
  if (lost.length > 0) tellQueue()
}

function overtakenText({ now, by }: { now: unknown; by: 'device' | 'file' }): string {
  const text = now && typeof now === 'object' && 'text' in now ? now.text : now
  const known = typeof text === 'string' || typeof text === 'number'
  if (by === 'file') return t('a-backup-replaced-it', { which: known ? t('and-says', { text: String(text) }) : '' })
  return t('another-device-changed-it-at', { which: known ? t('there-it-is-now', { text: String(text) }) : '' })
}
