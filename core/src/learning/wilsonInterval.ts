/** The normal distribution's value that 95 % lie within. */
const Z = 1.959963984540054

/**
 * In which the true rate lies, with 95 % confidence, by Wilson's score: it never leaves 0 to 1, and is honest for few.
 *
 * @param tries at least one
 * @example wilsonInterval(5, 5) // [0.5655, 1]
 */
export function wilsonInterval(successes: number, tries: number): [low: number, high: number] {
  const rate = successes / tries
  const spread = Z ** 2 / tries
  const middle = (rate + spread / 2) / (1 + spread)
  const half = (Z / (1 + spread)) * Math.sqrt((rate * (1 - rate)) / tries + spread / (4 * tries))
  return [successes === 0 ? 0 : middle - half, successes === tries ? 1 : middle + half]
}
