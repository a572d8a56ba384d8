/** Tag of what `npm run endure` goes through and `npm test` does not: unit tests show its sums, and its screens are looked at anyway. */
export const ENDURE = '@endure'
