import { type CollectionName, collections, type Docs, type Patch } from '@thimble/contract'
import { generate } from 'json-merge-patch'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form'
import { create, patch, remove } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { goingBack } from '@/ui/scrollMemory'
import { useDraftForm } from './useDraftForm'
import { nanoid } from 'nanoid'
import { TYPICAL } from '@/words/typical'

type Formed = Exclude<CollectionName, 'pieces'>

/** What was typed, as a document without its id and times; sentences by field for what cannot be read. */
type ReadTexts<Texts> = { doc: object; unread: Partial<Record<keyof Texts, string>> }

type DocFormOptions<Name extends Formed, Texts extends FieldValues> = {
  collection: Name
  id: string
  back: '/stash' | '/designs' | '/new'
  /** The document as it would be typed; a new one where there is none. */
  write: (kept: Docs[Name] | undefined) => Texts
  read: (texts: Texts) => ReadTexts<Texts>
  /** The field that a path of the document is typed in, where they differ. */
  fieldOf?: (path: string) => string
}

/** A form about one document: the base with reading, keeping and removing. */
export function useDocForm<Name extends Formed, Texts extends FieldValues>(ask: DocFormOptions<Name, Texts>) {
  const { collection, id, back, write, read, fieldOf = (path) => path } = ask
  const router = useRouter()
  const kept = useDocuments((s) => s.docs[collection][id]) as Docs[Name] | undefined
  const resolver: Resolver<Texts, unknown, Docs[Name]> = (texts) => {
    const { doc, unread } = read(texts)
    const found = collections[collection].schema.safeParse({ ...kept, ...times(kept), ...doc })
    const said = new Map<string, string>()
    if (!found.success)
      for (const { path, message } of found.error.issues) {
        const field = fieldOf(path.map(String).join('.'))
        if (!said.has(field)) said.set(field, message)
      }
    for (const [field, message] of Object.entries(unread)) if (message) said.set(field, message as string)
    const errors = Object.fromEntries([...said].map(([field, message]) => [field, { type: 'read', message }]))
    if (said.size === 0 && found.success) return { values: found.data as Docs[Name], errors: {} }
    return { values: {}, errors: errors as FieldErrors<Texts> }
  }
  // Of what others have changed since this was opened, only what was changed here too is overwritten.
  const [begun] = useState(kept)
  const form = useDraftForm<Texts, Docs[Name]>(`${collection}.${id}`, write(kept), resolver)
  // Where one came from, as the hoop a piece was waiting for; a design's own page is what one came from to its form.
  const leave = (): void => {
    if (back === '/designs' || !router.canGoBack()) return router.replace(back)
    goingBack()
    router.back()
  }
  const keep = form.handleSubmit((doc) => {
    if (kept) {
      // What the form does not ask may have moved meanwhile, as what is left of a roll: it is not this form's to say.
      const asked = Object.keys(read(form.getValues()).doc)
      patchIfChanged(collection, id, {
        ...generate(only(begun ?? {}, asked), only(doc, asked)),
        ...measured(kept),
      } as Patch<Docs[Name]>)
    } else create(collection, doc)
    form.forget()
    leave()
  })
  const removeIt = (): void => {
    if (kept) remove(collection, id, kept.name)
    form.forget()
    leave()
  }
  return { form, kept, keep: () => void keep(), removeIt }
}

/** Numbers that were looked over are typical no more. */
const measured = (kept: object): object => ('note' in kept && kept.note === TYPICAL ? { note: '' } : {})

const only = (doc: object, keys: readonly string[]): object =>
  Object.fromEntries(Object.entries(doc).filter(([key]) => keys.includes(key)))

function patchIfChanged<Name extends Formed>(collection: Name, id: string, body: Patch<Docs[Name]> | undefined): void {
  if (body && Object.keys(body).length > 0) patch(collection, id, body)
}

/** What every document begins with; made when it is read, so that the time is the time of keeping. */
function times(kept: { id: string; createdAt: string } | undefined) {
  const now = new Date().toISOString()
  return { id: kept?.id ?? nanoid(), createdAt: kept?.createdAt ?? now, updatedAt: now }
}
