import { message } from '../messages/message'
import { CoreError } from '../errors'

/** Motifs `from` to `to` (inclusive indices of the sorted motifs) in one hooping, the hoop's centre at `centre`. */
export type Hooping = { from: number; to: number; centre: number }

const GRAIN = 1e-9

/**
 * Groups a row of motifs into the fewest hoopings, left to right, each group's span (motif edge to motif edge) within
 * the field. Taking as many as fit from the left is the least there can be. Rule: core.md section 6.
 *
 * @param centres mm along the row, any order; @param motif its length along the row; @param fieldLength what the
 *   hoop sews that way
 * @throws CoreError 'bad-request' for numbers that cannot be, 'no-room' for a motif longer than the field
 * @example splitHoopings([-200, 0, 200], 100, 300) // motifs 0 and 1 about -100, motif 2 about 200
 */
export function splitHoopings(centres: number[], motif: number, fieldLength: number): Hooping[] {
  const sound = (mm: number): boolean => mm > 0 && Number.isFinite(mm)
  if (!sound(motif)) throw new CoreError('bad-request', message('problem.the-motif-needs-a-width'), 'motif')
  if (!sound(fieldLength))
    throw new CoreError('bad-request', message('problem.the-field-needs-a-length'), 'fieldLength')
  if (!centres.every(Number.isFinite))
    throw new CoreError('bad-request', message('problem.a-centre-is-not-a'), 'centres')
  if (motif > fieldLength + GRAIN) throw new CoreError('no-room', message('problem.one-motif-is-longer-than'), 'motif')
  const sorted = [...centres].sort((a, b) => a - b)
  const groups: Hooping[] = []
  let from = 0
  for (let to = 0; to < sorted.length; to++) {
    const next = sorted[to + 1]
    if (next !== undefined && next - sorted[from]! + motif <= fieldLength + GRAIN) continue
    groups.push({ from, to, centre: (sorted[from]! + sorted[to]!) / 2 })
    from = to + 1
  }
  return groups
}
