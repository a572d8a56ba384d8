import type { DesignCard, Piece } from '@thimble/contract'
import type { SewingJob } from '@thimble/contract/sewingMachine'
import type { Marked } from '../measure/placed'
import type { Sewing } from './sewing'

const asRead = { scale: 1, rotate: 0, mirror: 'none' } as const

/** What a machine is given for the hooping at hand; null while no hoop is known. */
export function jobOf(
  { id, name, hoop }: Pick<Piece, 'id' | 'name' | 'hoop'>,
  { design }: Pick<Marked, 'design'>,
  sewing: Sewing,
  { card, bobbinM, from }: { card: DesignCard | null; bobbinM: number | null; from: number },
): SewingJob | null {
  const { at, copies, program, group } = sewing
  if (!at || copies.length === 0) return null
  const stitched = card && card.source !== 'size' ? card : null
  return {
    ...{ piece: id, name, hooping: group, copies, bobbinM, from },
    hoop: { id: at.hoop.id, name: at.hoop.name, field: at.hoop.field },
    design: {
      id: stitched?.id ?? null,
      change: stitched?.change ?? asRead,
      order: stitched?.order ?? null,
      colours: stitched?.colours ?? [],
      ...{ own: design.change, scale: hoop.scale, hull: design.hull },
    },
    blocks: program.blocks.map(({ block, copy, colour, stitches, seconds, bobbinMetres, halt }) => ({
      ...{ block, copy, colour, stitches, seconds, bobbinMetres, halt },
    })),
  }
}
