import { message } from '../messages/message'
import { CoreError } from '../errors'
import type { ItemKind } from './itemKind'
import { apron } from './kinds/flat/apron'
import { toolRoll, tote } from './kinds/flat/bags'
import { blanket, flatSheet, pillowcase } from './kinds/flat/bed'
import { drawstringBag } from './kinds/flat/drawstringBag'
import { flatPanel, plushToy } from './kinds/flat/other'
import { sewnOnBand } from './kinds/flat/sewnOn'
import { cushionCover, napkin, readyPillow, tablecloth, tableRunner } from './kinds/flat/table'
import { bathTowel, handTowel, teaTowel, washCloth } from './kinds/flat/towels'
import { gilet, hoodedTop, polo, robe, shirt, sweatshirt, tee, workJacket } from './kinds/tops/tops'
import { bib, burpCloth, infantBodysuit } from './kinds/worn/infant'
import { skirt } from './kinds/worn/skirt'
import { beanie, hoodedTowel, sash, stocking } from './kinds/worn/small'
import { leggings, shorts, trouserLeg } from './kinds/worn/trouserLeg'
import type { PlacementRule } from './placementRule'

/** The catalogue of items: what each asks of the tape, its shape, its no-sew zones and its placements. */
export const itemKinds: readonly ItemKind[] = [
  polo,
  tee,
  sweatshirt,
  hoodedTop,
  shirt,
  workJacket,
  gilet,
  robe,
  skirt,
  trouserLeg,
  shorts,
  leggings,
  beanie,
  sash,
  infantBodysuit,
  bib,
  burpCloth,
  plushToy,
  hoodedTowel,
  bathTowel,
  handTowel,
  washCloth,
  teaTowel,
  napkin,
  tablecloth,
  tableRunner,
  cushionCover,
  readyPillow,
  pillowcase,
  flatSheet,
  blanket,
  sewnOnBand,
  tote,
  apron,
  toolRoll,
  drawstringBag,
  stocking,
  flatPanel,
]

/** @throws CoreError('unknown-item') */
export function itemKind(id: string): ItemKind {
  const kind = itemKinds.find((k) => k.id === id)
  if (!kind) throw new CoreError('unknown-item', message('problem.there-is-no-item-called', { id }), 'kind')
  return kind
}

/** @throws CoreError('unknown-placement') */
export function placementRule(kind: ItemKind, id: string): PlacementRule {
  const rule = kind.placements.find((p) => p.id === id)
  if (!rule)
    throw new CoreError(
      'unknown-placement',
      message('problem.a-has-no-placement', { name: kind.name, id }),
      'placement',
    )
  return rule
}

/** The usual numbers for a size; the kind's usual size when none or an unknown one is named. */
export function presetMeasures(kind: ItemKind, size?: string | null): Record<string, number> {
  const known = kind.sizes.some((s) => s.id === size) ? size! : kind.usualSize
  return Object.fromEntries(
    kind.measurements.filter((ask) => !ask.optional).map((ask) => [ask.id, ask.presets[known]!]),
  )
}
