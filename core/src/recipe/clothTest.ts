export const feltSurfaces = ['smooth', 'loops', 'pile', 'texture'] as const
export const lightSeen = ['none', 'some', 'much'] as const
export const ironTried = ['takes', 'not'] as const

/** What a hand finds out about a cloth nobody named. */
export type ClothTest = {
  /** How much longer 100 mm get by a gentle pull, in percent. */
  stretchPercent: number
  surface: (typeof feltSurfaces)[number]
  /** What comes through held to the light. */
  light: (typeof lightSeen)[number]
  /** A medium iron on a scrap. */
  iron: (typeof ironTried)[number]
}
