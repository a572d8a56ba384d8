import type { CollectionName, Piece } from '@thimble/contract'
import { byUrgency } from '@thimble/plan'
import { sendSoon } from './changes'
import { outbox, tellQueue, waitingChanges } from './deviceOutbox'
import { deviceStorage, keepsNothing } from './deviceStorage'
import { hold, recallHeld, showAnswer } from './held'
import { hearNews } from './news'
import { changed, complete, noticed } from './shelf'
import { store } from './store'
import { answered, askForChanges, fetchLog, hasSeen, startAsking, startFrom } from './sync'
import { hearTabs } from './tabs'
import { upgradeOutbox } from './upgradeOutbox'
import { type HeldRecord, WorkingSet } from './workingSet'

/** What older versions of the app remembered the shelf under. */
const OLD_KEYS = ['zt.shelf', 'zt.shelf.2']
const SMALL: readonly (CollectionName | 'shop')[] = ['shop', 'hoops', 'supplies', 'threads', 'items', 'pieces']
/** An answer to what was sent from here comes about as soon as the news of it. */
const NEWS_PAUSE_MS = 40

let opened: Promise<WorkingSet | null> | null = null

/** Shows what this device holds, then asks for what has changed since, and goes on hearing of it. */
export async function startShelf(): Promise<void> {
  for (const key of OLD_KEYS) deviceStorage.removeItem(key)
  upgradeOutbox(deviceStorage)
  listen()
  opened = WorkingSet.open()
  const held = await opened
  hold(held)
  if (keepsNothing || !held) tellWhatIsMissing()
  await recall(held).catch(() => undefined)
  for (const waiting of waitingChanges()) store.dispatch(changed(waiting))
  tellQueue()
  startAsking()
  if (outbox.size > 0) sendSoon()
}

/** The log, for who looks at it. */
export const openLog = async (): Promise<void> => fetchLog((await opened) ?? null)

/** First what the head of the bench is made of, then the other designs bit by bit. */
async function recall(held: WorkingSet | null): Promise<void> {
  const seen = (await held?.seen()) ?? null
  if (!held || !seen) return
  startFrom(seen)
  const small = (await Promise.all(SMALL.map((name) => held.all(name)))).flat()
  recallHeld([...small, ...(await held.some('designs', designsAtHead(small)))])
  store.dispatch(complete())
  void recallDesigns(held)
}

/** The designs of the most urgent pieces, and of the one that is open. */
function designsAtHead(records: readonly HeldRecord[]): string[] {
  const pieces = records.filter(({ collection }) => collection === 'pieces').map(({ doc }) => doc as Piece)
  const open = pieces.filter(({ id }) => window.location.pathname.endsWith(`/${id}`))
  const head = pieces.sort(byUrgency).slice(0, AT_HEAD)
  return [...new Set([...open, ...head].flatMap(({ measure }) => measure.designId ?? []))]
}
const AT_HEAD = 16

async function recallDesigns(held: WorkingSet): Promise<void> {
  for await (const records of held.inChunks('designs')) {
    recallHeld(records)
    await new Promise((resolve) => setTimeout(resolve))
  }
}

function tellWhatIsMissing(): void {
  store.dispatch(
    noticed(
      keepsNothing
        ? 'This browser keeps nothing for this page: what is not “saved” is lost when it is closed.'
        : 'This browser cannot hold the shop for when the server is away; what you type is kept all the same.',
    ),
  )
}

function listen(): void {
  hearTabs((news) => {
    if (news.kind === 'made') store.dispatch(changed(news.change))
    if (news.kind === 'answered') {
      answered(news.thing.revision)
      showAnswer(news.thing)
    }
  })
  hearNews(
    (revision, start) => setTimeout(() => !hasSeen(revision, start) && void askForChanges(), NEWS_PAUSE_MS),
    () => void askForChanges(),
  )
  // Another tab of this device has added or sent something.
  window.addEventListener('storage', () => tellQueue())
  window.addEventListener('online', () => void askForChanges())
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState !== 'visible') return
    sendSoon()
    void askForChanges()
  })
}
