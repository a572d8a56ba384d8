import { planning as t } from '@thimble/language/en/planning'
import type { DecidedStack, Piece } from '@thimble/contract'
import type { HouseHabits } from '@thimble/core/habits'
import { holdingNames, layerNames, pointNames, writeMessage } from '@thimble/language'
import type { Shelf } from '../shelf'
import { listsOf } from '../stack/stackLines'
import { type HoopPlan, planHoop } from '../hoop/planHoop'
import { type Marked, markedOf } from '../measure/placed'
import { type MeasurePlan, planMeasure } from '../measure/planMeasure'
import { preparing } from '../measure/preparing'
import { type BuildPlan, planBuild } from '../stack/planBuild'
import { bestUnder } from '../stages/planPiece'

/** What each choice of a habit comes to on one piece of the shop. */
type HabitExample = { piece: string; comes: Readonly<Record<string, string>> }

type Habit = keyof HouseHabits
/** What a tell looks at, worked out only when it does: hoops are slow to rank. */
type Plans = {
  measure: () => MeasurePlan
  marked: () => Marked
  build: () => BuildPlan
  hoop: () => HoopPlan
}
type Tell = (plans: Plans, piece: Piece, shelf: Shelf) => string | null

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

function layersText({ layers, holding }: DecidedStack): string {
  const told = layers
    .filter((l) => l.role !== 'cloth')
    .map((l) => `${l.sheets > 1 ? `${l.sheets} × ` : ''}${lower(layerNames[l.kind])}`)
  return `${holdingNames[holding]}: ${told.join(', ') || t('no-backing')}.`
}

const stack: Tell = ({ build }) => {
  const { advised } = build()
  return advised && layersText(advised)
}
const needle: Tell = ({ build }) => {
  const own = build().advised?.needle
  return own ? t('needle', { size: own.size, pointNames: pointNames[own.point] }) : null
}
const trimming: Tell = ({ build }, _, { shop }) => {
  const { basis, advised } = build()
  const line = listsOf({ basis, stack: advised }).finishing.find(({ code }) => code === 'finish.cut-away')
  return line ? writeMessage(line.said, shop) : null
}
const placed: Tell = ({ marked }, _, { shop }) => {
  const lies = marked().placed
  return lies && writeMessage(lies.placed, shop)
}
const turned: Tell = ({ hoop }) => {
  const loading = hoop().chosen?.loading
  if (!loading) return null
  return loading.turn === 0 ? t('hem-toward-you-design-not') : t('design-turned-degrees', { turn: loading.turn })
}
/** Narrower than this, flat, a tube leaves no room for the rest of it beside the ring. */
const NARROW = 300
const bulk: Tell = ({ measure, build }, piece, { shop }) => {
  const { placement } = measure()
  const tube = placement?.item.tube
  if (!tube || tube.width >= NARROW) return null
  const unpicked = preparing(piece, build().basis, placement).find(({ id }) => id === 'prep.unpick')
  if (unpicked) return writeMessage(unpicked.said)
  return shop.habits.smallGarmentBulk === 'clip' ? t('clip-the-rest') : t('roll-and-tape-the-rest')
}

const tells: Readonly<Record<Habit, Tell>> = {
  wearableBacking: stack,
  layers: stack,
  knits: stack,
  topping: stack,
  toppingKind: stack,
  grip: stack,
  heavyDuckBacking: stack,
  heavyNeedle: needle,
  smallGarmentBulk: bulk,
  trim: trimming,
  chestRule: placed,
  loading: turned,
}

/** How many pieces are tried before none of the shop's own tells the choices apart. */
const TRIED = 12

/**
 * The first piece of the shop on which the choices of a habit come out differently, and what each comes to; null where
 * they are all the same on the pieces there are.
 *
 * @param pieces the likeliest first
 */
export function habitExample(
  habit: Habit,
  choices: readonly string[],
  pieces: readonly Piece[],
  shelf: Shelf,
): HabitExample | null {
  for (const piece of pieces.slice(0, TRIED).map(undecided)) {
    const comes: Record<string, string> = {}
    for (const choice of choices) {
      const house = { ...shelf, shop: { ...shelf.shop, habits: { ...shelf.shop.habits, [habit]: choice } } }
      const text = tells[habit](plansOf(piece, house), piece, house)
      if (text) comes[choice] = text
    }
    if (new Set(Object.values(comes)).size > 1) return { piece: piece.name, comes }
  }
  return null
}

function plansOf(piece: Piece, shelf: Shelf): Plans {
  const measure = once(() => planMeasure(piece, shelf))
  const marked = once(() => markedOf([], measure(), shelf.designs))
  const free = () => planHoop({ ...shelf, piece, marked: marked(), stack: null })
  const build = once(() => planBuild(piece, marked().design, shelf, bestUnder(piece, free)))
  const hoop = once(() => planHoop({ ...shelf, piece, marked: marked(), stack: build().stack }))
  return { measure, marked, build, hoop }
}

function once<T>(work: () => T): () => T {
  let done: { value: T } | null = null
  return () => (done ??= { value: work() }).value
}

/** A piece as it was before anything of it was decided. */
const undecided = (piece: Piece): Piece => ({
  ...piece,
  measure: { ...piece.measure, kept: [] },
  build: { ...piece.build, kept: [], stack: null },
  hoop: { ...piece.hoop, kept: [], holding: null, turn: null, lineUp: null },
})
