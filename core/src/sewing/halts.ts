/** What a machine stands still for after a block: another thread, cloth to be laid on, cloth to be trimmed. */
export const halts = ['colour', 'lay', 'trim'] as const
export type Halt = (typeof halts)[number]

/** A run round an edge has far fewer stitches than the satin that covers it later. */
const RUN_SHARE = 4

/**
 * Where an applique design halts: after the run that shows where the cloth goes it is laid, after the run that holds it,
 * if there is one, it is trimmed; so for each cloth that is applied, until the edge is covered.
 *
 * Source: craft.md section 1, 7 and the caution of section 11.
 *
 * @param stitches of each block in stitch order
 * @returns one a block: what is done after it; null: the machine sews on
 * @example appliqueHalts([90, 110, 1800]) // ['lay', 'trim', null]
 */
export function appliqueHalts(stitches: readonly number[]): ('lay' | 'trim' | null)[] {
  const most = Math.max(0, ...stitches)
  let runs = 0
  return stitches.map((count, i) => {
    const run = count * RUN_SHARE <= most
    runs = run ? runs + 1 : 0
    if (!run || i === stitches.length - 1) return null
    return runs % 2 === 1 ? 'lay' : 'trim'
  })
}
