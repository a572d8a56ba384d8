import type { LinePlace, NameSetting, Order, OrderLine } from '@thimble/contract'
import { nearestThreads } from '@thimble/core/colour'
import { itemKind, type ItemKind, placementRule, presetMeasures, usualDesign } from '@thimble/core/placement'
import type { ClothFamily } from '@thimble/core/recipe'
import { linesOf } from '@thimble/plan/orders'
import { customAlphabet } from 'nanoid'
import { documentsPresent } from '@/state/documentsPresent'
import { typefaces } from '@/theme/typefaces'
import { setOrder } from './useOrder'

/** Short, as the ids of pieces are put together of them; and without signs that part them. */
const shortId = customAlphabet('0123456789abcdefghijklmnopqrstuvwxyz', 10)
export const placeId = customAlphabet('0123456789abcdefghijklmnopqrstuvwxyz', 6)
export const rowId = shortId

const FIRST_KIND = 'polo'
const UNSAID_COLOUR = '#e8e2d4'

const nextIn = (list: Readonly<Record<string, { order: number }>>): number =>
  Math.max(-1, ...Object.values(list).map(({ order }) => order)) + 1

/** A line like the last one, without its pieces; or the first. Answers its id. */
export function addLine(order: Order): string {
  const id = shortId()
  const last = linesOf(order).at(-1)?.[1]
  const kind = itemKind(FIRST_KIND)
  const line: OrderLine = {
    ...{ order: nextIn(order.lines), name: '', counts: {}, names: {}, blank: null, customersOwn: false, places: {} },
    item: last?.item ?? { kind: kind.id, own: null },
    cloth: last?.cloth ?? clothOf(kind),
  }
  setOrder(order.id, { lines: { [id]: line } })
  return id
}

/** The cloth an item is usually made of. */
export const clothOf = (kind: ItemKind): OrderLine['cloth'] => ({
  ...{ family: kind.usualCloth as ClothFamily, stretch: '', colour: UNSAID_COLOUR, told: true, swatch: null },
  tested: { surface: null, light: null, iron: null },
})

/** A place on the item that is not taken yet. */
export function placeOn(line: OrderLine, kind: ItemKind): LinePlace {
  const taken = Object.values(line.places).map(({ placement }) => placement)
  const { id } = kind.placements.find((rule) => !taken.includes(rule.id)) ?? kind.placements[0]!
  return { order: nextIn(line.places), placement: id, designId: null, names: null }
}

/** Names in letters a hand reads, no wider than a design there usually is, in the thread that is seen best on the cloth. */
export function namesOn(kind: ItemKind, placement: string, { cloth }: Pick<OrderLine, 'cloth'>): NameSetting {
  const usual = usualDesign(kind, placementRule(kind, placement), presetMeasures(kind))
  return {
    ...{ face: typefaces[0]!.id, by: 'height', colour: seenBestOn(cloth.colour), long: 'as-set' },
    size: { text: '12', unit: 'mm' },
    most: { text: usual ? String(usual.width) : '', unit: 'mm' },
    spacing: { text: '', unit: 'mm' },
  }
}

const INK = { colour: '#1f2d38' }

/** Of ink and the threads there are, the one that is least like the ground. */
function seenBestOn(ground: string): string {
  const threads = [INK, ...documentsPresent('threads').filter(({ weight }) => weight !== 12)]
  return nearestThreads(ground, threads, threads.length).at(-1)!.thread.colour.toLowerCase()
}
