import type { LogRow, Piece } from '@thimble/contract'

/**
 * A piece as the log lists it: from what was kept of it and nothing else, so that no habit, design, hoop or catalogue
 * of today can change it. Null while it never went into the log.
 */
export function logRowOf({ id, name, customer, finish }: Piece): LogRow | null {
  const record = finish.kept[0]
  if (!record) return null
  const { stack, holding, verdict, landing, faults, note, nextTime } = record
  const layers = stack?.layers.flatMap((layer) => (layer.role === 'cloth' ? [] : [layer.kind])) ?? null
  return {
    pieceId: id,
    name,
    customer,
    finishedAt: record.at,
    cloth: record.basis.cloth.family,
    layers,
    holding,
    verdict,
    dx: landing.dx,
    dy: landing.dy,
    faults: faults.map((fault) => fault.id),
    note: nextTime || note,
  }
}
