import { writeName } from '@thimble/language'
import type { HoopDecision, MeasureDecision, RecordDecision, Piece } from '@thimble/contract'
import type { LogRow } from '@thimble/contract/log'
import { judgedWashed } from '@thimble/core/outcomes'
import { CoreError } from '@thimble/core/errors'
import { placementRule } from '@thimble/core/placement'
import { rotatePoint } from '@thimble/core/plane'
import { kindOf } from '../pieces/kindOf'

/**
 * A piece as the log lists it: from what was kept of it and nothing else, so that no habit, design, hoop or catalogue
 * of today can change it. Null while it never went into the log.
 */
export function logRowOf(piece: Piece): LogRow | null {
  const { id, name, customer, run, item, measure, finish } = piece
  const record = finish.kept[0]
  if (!record) return null
  const { verdict, landing, faults, note, nextTime } = record
  const called = record.called ?? calledToday(piece)
  const { holding, hoop, machine, tries, minutes, minutesBy, forecast, photos, basis, at } = record
  return {
    ...{ pieceId: id, name, customer, run, finishedAt: at, cloth: basis.cloth.family, ...laidAs(record) },
    swatch: piece.build.cloth.swatch?.name ?? null,
    item: { id: item.own ? null : item.kind, name: called.item },
    placement: { id: measure.placement, name: called.placement },
    size: item.size,
    design: designOf(measure.kept[0]),
    ...{ holding, hoop, machine, verdict, washed: washedOf(piece, record), ...landing, ...inHoop(piece.hoop.kept[0]) },
    ...{ tries, minutes, sewn: minutesBy.stitching ?? null, forecast: forecast?.minutes ?? null },
    ...{ hooping: minutesBy.hooping ?? null, finishing: minutesBy.finishing ?? null },
    faults: faults.map((fault) => fault.id),
    photos: photos.length,
    note: nextTime || note,
  }
}

/** The layers beside the cloth, from the top, and the needle that went through them. */
function laidAs({ stack }: RecordDecision): Pick<LogRow, 'layers' | 'needle'> {
  if (!stack) return { layers: null, needle: null }
  const { needle } = stack
  return {
    layers: stack.layers.flatMap((layer) => (layer.role === 'cloth' ? [] : [layer.kind])),
    needle: needle && `${needle.size} ${needle.point}`,
  }
}

/** A verdict given off the machine stays open where its backing goes, until a washed piece was seen. */
function washedOf({ finish }: Piece, { verdict, stack, basis }: RecordDecision): LogRow['washed'] {
  if (finish.washed) return finish.washed.looks
  const well = verdict === 'good' || verdict === 'passable'
  const goes = stack !== null && judgedWashed(stack.layers.map(({ kind }) => kind))
  return well && goes && basis.use.laundering !== 'never' ? 'open' : null
}

/** As it was called on the shelf; one that is known by its size alone has no name. */
function designOf(kept: MeasureDecision | undefined): LogRow['design'] {
  const { id = null, name = null } = kept?.design ?? {}
  return name === null ? null : { id, name }
}

/** How the item lay in the hoop, and what its move had in it already, as the item lies. */
function inHoop(kept: HoopDecision | undefined): Pick<LogRow, 'toHoop' | 'added'> {
  if (!kept?.pose || !kept.target) return { toHoop: null, added: null }
  const toHoop = kept.pose.rotation - kept.target.rotation
  const on = kept.added && rotatePoint({ x: kept.added.right, y: kept.added.down }, 0 - toHoop)
  return { toHoop, added: on && { right: on.x, down: on.y } }
}

/** What the catalogue calls a piece's item and its place on it; of one that is no more known, its ids. */
export function calledToday(piece: Pick<Piece, 'item' | 'measure'>): { item: string; placement: string } {
  try {
    const kind = kindOf(piece)
    return { item: writeName(kind.name), placement: writeName(placementRule(kind, piece.measure.placement).name) }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    return { item: piece.item.kind, placement: piece.measure.placement }
  }
}
