/** Cutting, drawing out and threading in again on one needle takes 60 to 90 s (craft.md section 8). */
const CHANGE_SECONDS = 75

/**
 * Whole minutes that fewer colour changes save on a machine with one needle, one at least.
 *
 * @param changes how many changes fewer
 * @example minutesSaved(5) // 6
 */
export const minutesSaved = (changes: number): number => Math.max(1, Math.round((changes * CHANGE_SECONDS) / 60))
