import type { DesignCard } from '@thimble/contract'

type Known = Omit<
  DesignCard,
  | 'id'
  | 'createdAt'
  | 'updatedAt'
  | 'revision'
  | 'shape'
  | 'parts'
  | 'ofOrder'
  | 'apart'
  | 'roles'
  | 'smallLetterColours'
> &
  Partial<Pick<DesignCard, 'shape' | 'parts' | 'ofOrder' | 'apart' | 'roles' | 'smallLetterColours'>>

/** A new design of what was read, as the shelf keeps it. */
export function cardOf(id: string, known: Known): DesignCard {
  const now = new Date().toISOString()
  return {
    shape: 'rectangle',
    parts: [],
    ofOrder: false,
    apart: [],
    roles: [],
    smallLetterColours: [],
    ...known,
    id,
    createdAt: now,
    updatedAt: now,
    revision: 0,
  }
}
