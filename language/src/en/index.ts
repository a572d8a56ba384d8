import { colours } from './colours'
import { itemKinds } from './itemKinds'
import { habits } from './habits'
import { marking } from './marking'
import { cloths } from './cloths'
import { problems } from './problems'
import { cutting } from './cutting'
import { design } from './design'
import { differences } from './differences'
import { faults } from './faults'
import { holding } from './holding'
import { hooping } from './hooping'
import { judging } from './judging'
import { names } from './names'
import { placement } from './placement'
import { placementNames } from './placementNames'
import { placing } from './placing'
import { reasons } from './reasons'
import { stackLists } from './stackLists'
import { stitching } from './stitching'

/**
 * Every text by its id, in English: the messages of the rooms below. An id, once kept somewhere, never changes its meaning.
 * What a slot is filled with says its function: see `SlotKinds`.
 */
export const en = {
  ...names,
  ...placementNames,
  ...placement,
  ...placing,
  ...holding,
  ...hooping,
  ...faults,
  ...cutting,
  ...design,
  ...differences,
  ...stitching,
  ...reasons,
  ...stackLists,
  ...judging,
  ...itemKinds,
  ...colours,
  ...habits,
  ...marking,
  ...cloths,
  ...problems,
  unknown: 'Noted by a newer version of the program.',
} as const

export type Catalogue = typeof en
export type MessageId = keyof Catalogue
