import { planning as t } from '@thimble/language/en/planning'
import type { Piece, PieceZone, TypedLength } from '@thimble/contract'
import { type ItemKind, type MotifSpot, type OwnRow, type OwnZone, presetMeasures } from '@thimble/core/placement'
import { carriedHere } from './carried'
import { readTyped } from './readTyped'

type Problems = Record<string, string>

/** Lengths by id that can be read; a sentence under `path.id` for each that cannot. */
function readAll(typed: Record<string, TypedLength>, path: string, problems: Problems): Record<string, number> {
  const read: Record<string, number> = {}
  for (const [id, length] of Object.entries(typed)) {
    const { mm, problem } = readTyped(length)
    if (problem) problems[`${path}.${id}`] = problem
    if (mm !== null) read[id] = mm
  }
  return read
}

/**
 * What is known of the item: the tape's numbers, then those of an earlier piece, then the size's. `assumed` are the
 * ids of the last two; `carried` of the second.
 */
export function readMeasures({ item, measure }: Pick<Piece, 'item' | 'measure'>, kind: ItemKind, problems: Problems) {
  const typed = readAll(measure.measures, 'measures', problems)
  const carried = readAll(carriedHere({ item, measure })?.measures ?? {}, 'carried', {})
  const measures = { ...presetMeasures(kind, item.size), ...carried, ...typed }
  const assumed = new Set(kind.measurements.filter((a) => !a.optional && typed[a.id] === undefined).map((a) => a.id))
  return { measures, assumed, carried: new Set(Object.keys(carried).filter((id) => typed[id] === undefined)) }
}

export function readDistances(piece: Pick<Piece, 'item' | 'measure'>, problems: Problems): Record<string, number> {
  const carried = readAll(carriedHere(piece)?.distances ?? {}, 'carried', {})
  return { ...carried, ...readAll(piece.measure.distances, 'distances', problems) }
}

/** What is kept by id, in the order it was put in. */
export const inOrder = <T extends { order: number }>(byId: Readonly<Record<string, T>>): [string, T][] =>
  Object.entries(byId).sort(([a, s], [b, t]) => s.order - t.order || a.localeCompare(b))

/** Zones that can be read; the others wait, with a sentence beside what is wrong. */
export function readZones(zones: Readonly<Record<string, PieceZone>>, problems: Problems): OwnZone[] {
  return inOrder(zones).flatMap(([id, zone]): OwnZone[] => {
    const path = `zones.${id}`
    const { down, height, off, width } = readAll(
      { down: zone.down, height: zone.height, off: zone.off, width: zone.width },
      path,
      problems,
    )
    if (['down', 'height', 'off', 'width'].some((side) => problems[`${path}.${side}`])) return []
    // Nothing typed yet is nothing there yet.
    if (down === undefined && (zone.kind === 'stripe' || (height === undefined && width === undefined))) return []
    const way = zone.side === 'left' ? -1 : zone.side === 'right' ? 1 : 0
    return [
      {
        id,
        kind: zone.kind,
        name: zone.name.trim() || zone.kind,
        line: zone.line,
        down: down ?? 0,
        height: height ?? null,
        off: way * (off ?? 0),
        width: width ?? null,
      },
    ]
  })
}

/** Motifs of a scatter that can be read; an empty line is none yet. */
export function readSpots(spots: Piece['measure']['spots'], problems: Problems): MotifSpot[] {
  return inOrder(spots).flatMap(([id, { down, off, side }]): MotifSpot[] => {
    const read = readAll({ down, off }, `spots.${id}`, problems)
    if (read.down === undefined || problems[`spots.${id}.off`]) return []
    const way = side === 'left' ? -1 : side === 'right' ? 1 : 0
    return [{ down: read.down, across: way * (read.off ?? 0) }]
  })
}

export function readRow({ measure: { row } }: Pick<Piece, 'measure'>, problems: Problems): OwnRow {
  const count = row.count.trim()
  if (count !== '' && !/^[1-9]\d{0,3}$/.test(count))
    problems['row.count'] = t('is-not-a-whole-number', { count: row.count })
  const { gap, margin } = readAll({ gap: row.gap, margin: row.margin }, 'row', problems)
  return {
    ...(count !== '' && !problems['row.count'] ? { count: Number(count) } : {}),
    ...(gap !== undefined ? { gap } : {}),
    ...(margin !== undefined ? { margin } : {}),
    ...(row.ends === 'flush' || row.ends === 'half-gap' || row.ends === 'margin' ? { ends: row.ends } : {}),
  }
}
