import { type MinutePart, minuteParts, type Piece } from '@thimble/contract'
import { readNumber } from '../measure/readTyped'

const MOST = 6000

/** Minutes that were measured, by what they went into. */
export type Measured = Partial<Record<MinutePart, number>>

const tenth = (minutes: number): number => Math.round(minutes * 10) / 10

/**
 * Minutes by what they went into: as typed, else as measured. `whole`: all of them, or what was typed of the whole where
 * nothing is known by part.
 */
export function minutesOf(
  { finish }: Pick<Piece, 'finish'>,
  measured: Measured,
): { by: Measured; whole: number | null } {
  const by = Object.fromEntries(
    minuteParts.flatMap((part) => {
      const typed = readNumber(finish.minutesBy[part] ?? '', MOST).value
      const value = typed ?? measured[part]
      return value === undefined || value === null ? [] : [[part, tenth(value)] as const]
    }),
  ) as Measured
  const parts = Object.values(by)
  const typed = readNumber(finish.minutes, MOST).value
  return { by, whole: typed ?? (parts.length > 0 ? tenth(parts.reduce((sum, one) => sum + one, 0)) : null) }
}

/** What is typed of them and cannot be read. */
export const minuteProblems = ({ finish }: Pick<Piece, 'finish'>): Readonly<Record<string, string | null>> => ({
  minutes: readNumber(finish.minutes, MOST).problem,
  ...Object.fromEntries(minuteParts.map((part) => [part, readNumber(finish.minutesBy[part] ?? '', MOST).problem])),
})
