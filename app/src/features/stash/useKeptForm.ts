import { useRouter } from 'expo-router'
import type { Docs } from '@/state/resources'
import { create, patch, remove, useShelf } from '@/state/store'

type Formed = 'hoops' | 'supplies' | 'threads' | 'designs'

/** What the forms of the stash and the shelf have in common: the kept thing, its times, keeping it and removing it. */
export function useKeptForm<R extends Formed>(resource: R, id: string, back: '/stash' | '/designs') {
  const router = useRouter()
  const kept = useShelf((s) => s.docs[resource][id]) as Docs[R] | undefined
  return {
    kept,
    /** What every document begins with; made when it is asked for, so that the time is the time of keeping. */
    base: () => {
      const now = new Date().toISOString()
      return { ...kept, id: kept?.id ?? crypto.randomUUID(), createdAt: kept?.createdAt ?? now, updatedAt: now }
    },
    keep: (found: Docs[R]): void => {
      if (kept) patch(resource, id, found)
      else create(resource, found)
      router.replace(back)
    },
    removeIt: (): void => {
      if (kept) remove(resource, id, kept.name)
      router.replace(back)
    },
  }
}
