import { message } from '../messages'
import { type Advice, note } from '../advice'
import { CoreError } from '../errors'
import type { ItemKind } from './itemKind'
import type { Measures, MeasurementAsk } from './measures'
import type { PlacementRule } from './placementRule'

/**
 * What a placement asks of the tape: its own needs, or everything that is not optional; what counts where it is known;
 * then what may be given.
 */
export function asksOf(
  kind: ItemKind,
  rule: PlacementRule,
  choices: Readonly<Record<string, string>> = {},
): MeasurementAsk[] {
  const needs = rule.needs ?? kind.measurements.filter((a) => !a.optional).map((a) => a.id)
  const counts = rule.mayKnow?.(choices) ?? []
  const optional = rule.view || rule.arrange !== 'one' ? [] : kind.measurements.filter((a) => a.optional)
  return [
    ...kind.measurements.filter((a) => needs.includes(a.id)),
    ...kind.measurements.filter((a) => counts.includes(a.id)).map((a) => ({ ...a, ifKnown: true })),
    ...optional,
  ]
}

/** Past this nothing on a bench is flat, and the tape is not either. */
const MOST = 5000

/** @throws CoreError 'missing-measure', 'bad-measure'; `path` names the field */
export function requireMeasures(asks: readonly MeasurementAsk[], measures: Measures): void {
  for (const ask of asks) {
    const mm = measures[ask.id]
    const path = `measures.${ask.id}`
    if (mm === undefined && (ask.optional || ask.ifKnown)) continue
    if (mm === undefined)
      throw new CoreError('missing-measure', message('item.measure-it-first', { name: ask.name }), path)
    if (!(ask.mayBeZero ? mm >= 0 : mm > 0) || !Number.isFinite(mm))
      throw new CoreError('bad-measure', message('item.must-be-above-zero', { name: ask.name }), path)
    if (mm > MOST)
      throw new CoreError('bad-measure', message('item.is-over-5-metres-measure', { name: ask.name }), path)
  }
}

/** "Is that right?" for numbers out of their plausible range. */
export function oddNumbers(asks: readonly MeasurementAsk[], m: Measures): Advice[] {
  return asks
    .filter((a) => m[a.id] !== undefined && (m[a.id]! < a.plausible[0] || m[a.id]! > a.plausible[1]))
    .map((a) => {
      const [from, to] = a.plausible
      return note(`is-that-right:${a.id}`, message('place.odd-measure', { name: a.name, mm: m[a.id]!, from, to }))
    })
}
