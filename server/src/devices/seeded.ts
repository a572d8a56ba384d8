import seedrandom from 'seedrandom'

/** Numbers that chance might have brought, the same for the same words. */
export type Seeded = {
  /** From 0 up to 1. */
  even(): number
  /** About 0, two thirds of them nearer than 1. */
  bell(): number
}

export function seeded(...words: readonly (string | number)[]): Seeded {
  const even = seedrandom(words.join('\n'))
  const bell = (): number => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even())
  return { even: () => even(), bell }
}
