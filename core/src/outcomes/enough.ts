/** From as many pieces on, what came of them is said as a number and acted upon. Source: core.md section 10. */
export const ENOUGH = 5
