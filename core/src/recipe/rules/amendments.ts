import type { HouseHabits } from '../../habits'
import { all, any, type Condition, not, when } from '../condition'
import { heavy, slick } from '../conditions/cloth'
import { alwaysTwo } from '../conditions/house'
import { applique, dense, lightWork, mediumLoad, satin, skin } from '../conditions/work'
import type { Facts } from '../facts'
import type { WhyId } from '../../messages'
import type { HoldingMethod } from '../recipeQuery'
import type { BackingKind, Grip } from '../stack'
import { isSticky, staysFor, strengths } from '../strength'
import { type BackingLayer, meshOn, one } from './backingPlan'

/** What is put right in a plan's layers for the load, the use and the house (craft.md section 5); each once, in order. */
type Amendment = {
  id: WhyId
  habit?: keyof HouseHabits
  when: Condition
  decided: string
  /** The layers as they are to be; the same ones where there is nothing to put right. */
  amend: (layers: readonly BackingLayer[], f: Facts, holding: HoldingMethod) => readonly BackingLayer[]
}

/** The plain sheet that goes below one with glue on it. */
const plain: Partial<Record<BackingKind, BackingKind>> = {
  'tear-away-fusible': 'tear-away-light',
  'tear-away-sticky': 'tear-away-light',
  'part-soluble-fusible': 'part-soluble',
  'part-soluble-sticky': 'part-soluble',
  'wash-away-sticky': 'wash-away',
  'cut-away-mesh-fusible': 'cut-away-mesh',
  'interfacing-fusible': 'tear-away-light',
}

const sheetsOf = (layers: readonly BackingLayer[]): number => layers.reduce((sum, l) => sum + l.sheets, 0)
const strengthOf = (layers: readonly BackingLayer[]): number =>
  layers.reduce((sum, l) => sum + l.sheets * strengths[l.kind], 0)

/** One sheet more: below glue its plain kind in the ring, else another of the lowest. */
function thicken(layers: readonly BackingLayer[]): readonly BackingLayer[] {
  const lowest = layers.at(-1)
  if (!lowest) return layers
  const below = plain[lowest.kind]
  if (below) return [...layers, one(below, 'in-ring')]
  return [...layers.slice(0, -1), { ...lowest, sheets: lowest.sheets + 1 }]
}

const upTo = (enough: (layers: readonly BackingLayer[]) => boolean) => (layers: readonly BackingLayer[]) => {
  let now = layers
  for (let i = 0; i < 3 && now.length > 0 && !enough(now); i++) now = thicken(now)
  return now
}

const carriesMedium = upTo((layers) => strengthOf(layers) >= 2)
const twoSheets = upTo((layers) => sheetsOf(layers) >= 2)

export const amendments: readonly Amendment[] = [
  {
    id: 'skin.mesh',
    when: skin,
    decided: 'mesh between',
    amend: (layers, f) => {
      const scratches = layers.some((l) => l.kind === 'tear-away-sticky')
      if (!scratches || layers.some((l) => staysFor(l.kind))) return layers
      // It takes the place of a fused tear-away, and is no third glued sheet.
      return [meshOn(f), ...layers.filter((l) => l.kind !== 'tear-away-fusible')]
    },
  },
  {
    id: 'layers.always-two',
    habit: 'layers',
    when: all(alwaysTwo, not(dense)),
    decided: 'two layers',
    amend: twoSheets,
  },
  {
    id: 'layers.dense',
    habit: 'layers',
    when: all(dense, any(not(heavy), alwaysTwo)),
    decided: 'two layers, crossed',
    amend: twoSheets,
  },
  {
    id: 'layers.dense-heavy',
    habit: 'layers',
    when: all(dense, heavy, not(alwaysTwo)),
    decided: 'one that stays, or two',
    amend: (layers) => (layers.some((l) => staysFor(l.kind)) ? layers : twoSheets(layers)),
  },
  {
    id: 'layers.applique',
    when: applique,
    decided: 'enough for the edge',
    amend: carriesMedium,
  },
  {
    id: 'layers.medium',
    habit: 'layers',
    when: mediumLoad,
    decided: 'enough for medium density',
    amend: carriesMedium,
  },
  {
    id: 'layers.light',
    habit: 'layers',
    when: all(lightWork, not(any(alwaysTwo, applique))),
    decided: 'as planned',
    amend: (layers) => layers,
  },
  {
    id: 'layers.satin',
    when: all(
      any(mediumLoad, dense),
      satin,
      when('cloth that stretches 5 % or more', (f) => f.stretch >= 5),
    ),
    decided: 'two layers',
    amend: twoSheets,
  },
  {
    id: 'grip.slick',
    when: slick,
    decided: 'sprayed against slipping',
    amend: (layers, _, holding) => {
      const slips = holding === 'clamped' && !layers.some(glued)
      return slips ? layers.map((layer, i) => (i === 0 ? { ...layer, grip: 'sprayed' as Grip } : layer)) : layers
    },
  },
]

const glued = ({ kind, grip }: BackingLayer): boolean => grip === 'sprayed' || grip === 'fused' || isSticky(kind)
