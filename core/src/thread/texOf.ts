import type { ThreadWeight } from '../recipe/recipeQuery'

/** Grams of 1000 m by weight number, the middle of what is usual (craft.md section 7). */
const tex: Readonly<Record<ThreadWeight, number>> = { 12: 80, 30: 34, 40: 26, 60: 16 }

/** @example usualTex(40) // 26 */
export const usualTex = (weight: ThreadWeight): number => tex[weight]
