import type { Piece } from '@thimble/contract'
import { troubleChange } from '@thimble/core/suggestedChanges'
import { carriedHere } from '../measure/carried'
import { newPiece } from './newPiece'
import { applySuggestion } from './applySuggestion'

type Fresh = { id: string; now: string }

/**
 * The same again: item, placement, design and choices as they were; the numbers carried over as assumed until they are
 * confirmed; nothing marked, ticked, decided or recorded.
 */
export function sameAgain(piece: Piece, { id, now }: Fresh): Piece {
  const { name, customer, item, measure, build, hoop, finish } = piece
  const blank = newPiece({
    id,
    name,
    createdAt: now,
    item: { ...item, shared: null },
    placement: measure.placement,
    family: build.cloth.family,
  })
  const { choices, anchors, zones, row, designId, ownDesign, ownChange, markWith } = measure
  const before = carriedHere(piece)
  const carried = {
    ...{ from: name, size: item.size },
    measures: { ...before?.measures, ...measure.measures },
    distances: { ...before?.distances, ...measure.distances },
    nextTime: finish.kept[0]?.nextTime ?? measure.carried?.nextTime ?? '',
  }
  return {
    ...blank,
    customer,
    measure: { ...blank.measure, choices, anchors, zones, row, designId, ownDesign, ownChange, markWith, carried },
    build: { ...blank.build, cloth: build.cloth, use: build.use, thread: build.thread, ...tried(piece) },
    hoop: {
      ...blank.hoop,
      ...{ hoopId: hoop.hoopId, holding: heldNow(piece), machineId: hoop.machineId },
    },
  }
}

/** The stack as it was, with the change its record says to try. */
function tried({ name, build, finish }: Piece): Pick<Piece['build'], 'stack' | 'trying'> {
  const [record] = finish.kept
  const { stack } = build
  if (!record?.trying) return { stack, trying: null }
  const trying = { ...record.trying, from: name }
  return { stack: stack && applySuggestion(stack, record.trying.change, record.basis), trying }
}

/** Held as it was, unless to hold it otherwise is what is tried. */
function heldNow({ hoop, finish }: Piece): Piece['hoop']['holding'] {
  const change = troubleChange(finish.kept[0]?.trying?.change ?? '')?.stack
  return change?.do === 'hold' ? change.holding : hoop.holding
}
