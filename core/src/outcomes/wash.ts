/** Leave the cloth to itself in the wash: what the stitches hold by then was not seen at the machine. */
const GOES = /^(tear-away|part-soluble|wash-away(-sticky)?$)/

/**
 * Whether how a piece came out is only known once it was washed: part of its backing dissolves or tears away.
 *
 * Source: craft.md section 10.
 *
 * @example judgedWashed(['wash-away-film', 'cut-away-medium']) // false; ['tear-away-sticky'] // true
 */
export const judgedWashed = (layers: readonly string[]): boolean => layers.some((kind) => GOES.test(kind))

/** After so many days a piece may have been washed, and the log asks. */
export const WASHED_AFTER_DAYS = 14
