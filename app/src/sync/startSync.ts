import { program as t } from '@thimble/language/en/program'
import { type CollectionName, collectionNames } from '@thimble/contract'
import { sendSoon } from './changes'
import { outbox, tellQueue, waitingChanges } from './deviceOutbox'
import { deviceStorage, keepsNothing } from '../state/deviceStorage'
import { firstPageDrawn } from '../state/firstPage'
import { openDeviceCopy, showDeviceCopy, showAnswer } from './deviceCopy'
import { listenToServer } from './serverEvents'
import { changed, complete, noticed } from '../state/documents'
import { store } from '../state/store'
import {
  answered,
  askForChanges,
  fetchLog,
  fetchRecord,
  hasSeen,
  recallRecord,
  startAsking,
  startFrom,
} from './changeFeed'
import { listenToTabs } from './tabs'
import { upgradeOutbox } from './upgradeOutbox'
import { WorkingSet } from './workingSet'

/** What older versions of the app remembered the shelf under. */
const OLD_KEYS = ['zt.shelf', 'zt.shelf.2']
/** What may be much comes bit by bit; of all else, whatever a shop keeps, the whole is shown at once. */
const LARGE: readonly CollectionName[] = ['pieces', 'designs', 'movements']
const SMALL = ['shop', ...collectionNames.filter((name) => !LARGE.includes(name))]
/** As many pieces as are seen at first. */
const AT_HEAD = 6
/** An answer to what was sent from here comes about as soon as the news of it. */
const NEWS_PAUSE_MS = 40

let opened: Promise<WorkingSet | null> | null = null

/** Shows what this device holds, then asks for what has changed since, and goes on hearing of it. */
export async function startSync(): Promise<void> {
  for (const key of OLD_KEYS) deviceStorage.removeItem(key)
  upgradeOutbox(deviceStorage)
  listen()
  opened = WorkingSet.open()
  const held = await opened
  openDeviceCopy(held)
  if (keepsNothing || !held || !isSecureContext) tellWhatIsMissing()
  await recall(held).catch(() => undefined)
  for (const waiting of waitingChanges()) store.dispatch(changed(waiting))
  tellQueue()
  startAsking()
  if (outbox.size > 0) sendSoon()
  if (held) void recallRecord(held)
}

/** The log, for who looks at it. */
export const openLog = async (): Promise<void> => fetchLog((await opened) ?? null)

/** What the log says to plans, as it is now. */
export const openRecord = async (): Promise<void> => fetchRecord((await opened) ?? null)

/** First what the head of the bench is made of, then the other pieces and designs bit by bit. */
async function recall(held: WorkingSet | null): Promise<void> {
  const head = await held?.head(SMALL, AT_HEAD, openIds())
  if (!held || !head) return
  startFrom(head.seen)
  showDeviceCopy(head.records)
  await firstPageDrawn()
  await recallAll(held, 'pieces')
  void recallAll(held, 'designs').finally(() => store.dispatch(complete()))
}

/** The id at the end of the address, if it is a piece's. */
const openIds = (): string[] => window.location.pathname.match(/^\/piece\/([^/]+)/)?.slice(1) ?? []

async function recallAll(held: WorkingSet, collection: CollectionName): Promise<void> {
  for await (const records of held.inChunks(collection)) {
    showDeviceCopy(records)
    await new Promise((resolve) => setTimeout(resolve))
  }
}

function tellWhatIsMissing(): void {
  store.dispatch(
    noticed(
      keepsNothing
        ? t('this-browser-cant-store-anything')
        : isSecureContext
          ? t('this-browser-cant-keep-the')
          : t('this-address-isnt-private-so'),
    ),
  )
}

function listen(): void {
  listenToTabs((news) => {
    if (news.kind === 'made') store.dispatch(changed(news.change))
    if (news.kind === 'answered') {
      answered(news.thing.revision)
      showAnswer(news.thing)
    }
  })
  listenToServer(
    (revision, start) => setTimeout(() => !hasSeen(revision, start) && void askForChanges(), NEWS_PAUSE_MS),
    () => void askForChanges(),
  )
  // Another tab of this device has added or sent something.
  window.addEventListener('storage', () => tellQueue())
  for (const turn of ['online', 'offline']) window.addEventListener(turn, () => void askForChanges())
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState !== 'visible') return
    sendSoon()
    void askForChanges()
  })
}
