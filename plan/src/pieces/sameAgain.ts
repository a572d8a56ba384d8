import type { Piece } from '@thimble/contract'
import { troubleChange } from '@thimble/core/suggestedChanges'
import { carriedHere } from '../measure/carried'
import { chosenFrom } from '../stack/stacks'
import { newPiece } from './newPiece'
import { applySuggestion } from './applySuggestion'

type Fresh = { id: string; now: string }

/**
 * The same again: item, placement, design and choices as they were; the numbers carried over as assumed until they are
 * confirmed; nothing marked, ticked, decided or recorded.
 */
export function sameAgain(piece: Piece, { id, now }: Fresh): Piece {
  const { name, customer, item, measure, hoop, finish } = piece
  const blank = newPiece({
    id,
    name,
    createdAt: now,
    item: { ...item, shared: null },
    placement: measure.placement,
    family: piece.build.cloth.family,
  })
  const { choices, anchors, zones, row, spots, designId, ownDesign, ownChange, markWith } = measure
  const before = carriedHere(piece)
  const [hooped, held] = [asHooped(piece), heldNow(piece)]
  const carried = {
    ...{ from: name, size: item.size },
    measures: { ...before?.measures, ...measure.measures },
    distances: { ...before?.distances, ...measure.distances },
    nextTime: finish.kept[0]?.nextTime ?? measure.carried?.nextTime ?? '',
    hooped: { ...hooped, holding: finish.kept[0]?.holding ?? held, dialled: finish.kept[0]?.dialled[0] ?? null },
  }
  return {
    ...blank,
    customer,
    measure: {
      ...blank.measure,
      choices,
      anchors,
      zones,
      row,
      spots,
      designId,
      ownDesign,
      ownChange,
      markWith,
      carried,
    },
    build: { ...blank.build, ...asBuilt(piece) },
    hoop: { ...blank.hoop, ...hooped, lineUp: hoop.lineUp, moved: hoop.moved, holding: held },
  }
}

/** Cloth and threads as they were, with the needle and the bobbin that were really in, or are tried in their place. */
function asBuilt(piece: Piece): Omit<Piece['build'], 'kept' | 'reopened' | 'declined' | 'cut'> {
  const { cloth, use, thread, own, spools } = piece.build
  const { stack, trying } = tried(piece)
  const really = piece.finish.kept[0]?.stack ? stack : null
  return {
    ...{ cloth, use, thread, spools, stack, trying },
    own: really ? { needle: really.needle, bobbin: really.bobbin } : own,
  }
}

/** Hoop, machine and way up as they really were, else as they were decided, else as they were picked. */
function asHooped({ hoop, finish }: Piece): Pick<Piece['hoop'], 'hoopId' | 'machineId' | 'turn'> {
  const known = [...finish.kept, ...hoop.kept]
  return {
    hoopId: known.find((one) => one.hoop?.id)?.hoop?.id ?? hoop.hoopId,
    machineId: known.find((one) => one.machine)?.machine?.id ?? hoop.machineId,
    turn: known.find((one) => one.turn !== null)?.turn ?? hoop.turn,
  }
}

/** The stack as it really was, else as it was decided or chosen. */
function asLaid({ build, finish }: Piece): Piece['build']['stack'] {
  const laid = finish.kept[0]?.stack ?? build.kept[0]?.stack
  return laid ? chosenFrom(laid) : build.stack
}

/** The stack as it was, with the change its record says to try. */
function tried(piece: Piece): Pick<Piece['build'], 'stack' | 'trying'> {
  const { name, finish } = piece
  const [record] = finish.kept
  const stack = asLaid(piece)
  if (!record?.trying) return { stack, trying: null }
  const trying = { ...record.trying, from: name }
  return { stack: stack && applySuggestion(stack, record.trying.change, record.basis), trying }
}

/** Held as it was, unless to hold it otherwise is what is tried. */
function heldNow({ hoop, finish }: Piece): Piece['hoop']['holding'] {
  const change = troubleChange(finish.kept[0]?.trying?.change ?? '')?.stack
  return change?.do === 'hold' ? change.holding : (finish.kept[0]?.holding ?? hoop.kept[0]?.holding ?? hoop.holding)
}
