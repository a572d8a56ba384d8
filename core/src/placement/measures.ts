import { type Called, message } from '../messages/message'
/**
 * Measurements of one item by id, in mm. Code of one kind says which it rests on: those of `Known` are there (the
 * placement asks for them), those of `Maybe` where they were given. Without them: any.
 */
export type Measures<Known extends string = never, Maybe extends string = string> = Readonly<
  Record<Known, number> & Partial<Record<Maybe, number>>
>

/** One number asked of the tape. Outside `plausible` the worker is asked whether it is right, not refused. */
export type MeasurementAsk = {
  id: string
  name: Called
  howTo: Called
  plausible: readonly [number, number]
  /** The usual number by size, taken as assumed until measured. */
  presets: Readonly<Record<string, number>>
  /** Zero is an answer (a strip that is not there). */
  mayBeZero?: boolean
  /** Only looked at when given, such as the halves of a width. */
  optional?: boolean
  /** Asked like any other, and done without where it is not known. */
  ifKnown?: boolean
}

/** `at`: where a size stands among the others (its chest, mm); `between`: its usual numbers lie between its neighbours’. */
export type SizePreset = { id: string; name: Called; at?: number; between?: true }

/**
 * The usual numbers of one measurement over a list of sizes: one for each, or one for each that does not stand between
 * others; those then follow from where they stand.
 *
 * @example bySizes([a at 300, b at 340 between, c at 380], [100, 140]) // { a: 100, b: 120, c: 140 }
 */
export function bySizes(sizes: readonly SizePreset[], numbers: readonly number[]): Record<string, number> {
  if (numbers.length === sizes.length) return Object.fromEntries(sizes.map((size, i) => [size.id, numbers[i]!]))
  const knots = sizes.filter(({ between }) => !between).map(({ at = 0 }, i) => ({ at, mm: numbers[i]! }))
  const numberAt = (at: number): number => {
    const right = Math.max(
      1,
      knots.findIndex((knot) => knot.at >= at),
    )
    const [a, b] = [knots[right - 1]!, knots[right]!]
    return Math.round(a.mm + ((at - a.at) / (b.at - a.at)) * (b.mm - a.mm))
  }
  return Object.fromEntries(sizes.map(({ id, at = 0 }) => [id, numberAt(at)]))
}

/**
 * A measurement with its usual numbers; what is plausible runs from well under the smallest to well over the largest
 * unless said otherwise.
 */
export function ask(
  sizes: readonly SizePreset[],
  id: string,
  name: Called,
  howTo: Called,
  numbers: readonly number[],
  more: Partial<Pick<MeasurementAsk, 'plausible' | 'mayBeZero'>> = {},
): MeasurementAsk {
  const [least, most] = [Math.min(...numbers), Math.max(...numbers)]
  const plausible = [Math.floor(least * 0.6), Math.ceil(most * 1.5)] as const
  return { id, name, howTo, presets: bySizes(sizes, numbers), plausible, ...more }
}

/** The two halves of a width, asked only when somebody wants to know whether the item is straight. */
export function halves(level: string, where: Called, worn = false): MeasurementAsk[] {
  return (['left', 'right'] as const).map((side) => ({
    id: `${level}${side === 'left' ? 'Left' : 'Right'}`,
    name: message(worn ? `item.half-worn-${side}` : `item.half-${side}`, { where }),
    howTo: message(`item.half-how-${side}`),
    plausible: [10, 2500],
    presets: {},
    optional: true,
  }))
}
