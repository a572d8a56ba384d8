import { things as t } from '@thimble/language/en/things'
import type { DesignCard } from '@thimble/contract'
import { create, createWithDesign, patch } from '@/sync/changes'
import { inDesignWorker } from '@/workers/designClient'
import { editsOf } from './useOpened'
import { nanoid } from 'nanoid'

/** What a card can say of a letter's height. */
const MOST_LETTER_MM = 300

type Edits = Partial<ReturnType<typeof editsOf>>

/**
 * Changes how a design is stitched: it is measured again as it then is, and only when that went well is the
 * design changed, all of it at once.
 *
 * @throws Error with a sentence for the person; nothing is changed then
 */
export async function editDesign(design: DesignCard, edits: Edits): Promise<void> {
  const next = { ...editsOf(design), ...edits }
  const measured = await inDesignWorker((d) => d.summary(design.id, next))
  const { smallestLetterMm: letter, change } = design
  // Letters grow and shrink with the whole; needle and thread follow from them.
  const smallestLetterMm = letter && Math.min(MOST_LETTER_MM, (letter / change.scale) * next.change.scale)
  patch('designs', design.id, { ...next, ...measured, smallestLetterMm })
}

/** As it was read: its own size, order and colours. */
export async function undoEdits(design: DesignCard): Promise<void> {
  const colours = await inDesignWorker((d) => d.drawnColours(design.id))
  await editDesign(design, { change: { scale: 1, rotate: 0, mirror: 'none' }, order: null, colours })
}

/** A copy that goes its own way; resolves to its id. */
export async function copyDesign(design: DesignCard): Promise<string> {
  const [id, now] = [nanoid(), new Date().toISOString()]
  const made = { createdAt: now, updatedAt: now, revision: 0 }
  const copy = { ...design, id, name: t('copy', { name: design.name.slice(0, 112) }), ...made }
  if (design.source === 'size') create('designs', copy)
  else {
    await inDesignWorker((d) => d.copy(design.id, id))
    createWithDesign(copy)
  }
  return id
}
