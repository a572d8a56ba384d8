/** Times the thread is changed: unlike neighbours, the first threading not counted. */
export const changesIn = (colours: readonly string[]): number =>
  colours.filter((colour, i) => i > 0 && colour !== colours[i - 1]).length
