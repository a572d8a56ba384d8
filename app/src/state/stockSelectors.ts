import { createSelector } from '@reduxjs/toolkit'
import type { CollectionName, Docs } from '@thimble/contract'
import { inWork } from '@thimble/plan'
import type { Stock } from '@thimble/plan/consumption'
import { shallowEqual } from 'react-redux'
import type { DocumentsState } from './documents'

/** All of one collection that is not removed, the same list to everyone who asks. */
const standing = <Name extends CollectionName>(name: Name) =>
  createSelector(
    [(s: DocumentsState) => s.docs[name], (s: DocumentsState) => s.gone[name]],
    (docs, gone): Docs[Name][] => (Object.values(docs) as Docs[Name][]).filter(({ id }) => !gone[id]),
  )

/** What there is to take from; one for all, so that what follows from it is worked out once. */
export const selectStock = createSelector(
  [
    (s: DocumentsState) => s.shop,
    (s: DocumentsState) => s.docs.designs,
    standing('machines'),
    standing('hoops'),
    standing('supplies'),
    standing('threads'),
  ],
  (shop, designs, machines, hoops, supplies, threads): Stock => ({ shop, designs, machines, hoops, supplies, threads }),
)

/** Pieces in work that were built: they speak for what they will take. While another is typed on, it is the same list. */
export const selectBuiltPieces = createSelector(
  [standing('pieces')],
  (pieces) => pieces.filter((piece) => inWork(piece) && piece.build.kept.length > 0),
  { memoizeOptions: { resultEqualityCheck: shallowEqual } },
)
