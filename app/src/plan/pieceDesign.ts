import type { Design, Piece } from '@thimble/contract'
import { estimateLoad } from '@thimble/core/design/estimateLoad'
import type { LoadClass, WorkKind } from '@thimble/core/recipe/recipeQuery'
import { readTyped } from './readTyped'

/** The design a piece gets, from the shelf or sized by hand. `assumed` when nothing was chosen yet. */
export type PieceDesign = {
  name: string
  width: number
  height: number
  loadClass: LoadClass
  load: number | null
  kind: WorkKind
  colours: string[]
  smallestLetterMm: number | null
  assumed: boolean
}

const STAND_IN = { width: 80, height: 60 }

export function designOf(
  { designId, ownDesign }: Piece,
  designs: Record<string, Design>,
  usual = STAND_IN,
): PieceDesign {
  const shelved = designId ? designs[designId] : undefined
  if (shelved) {
    const { mean, loadClass } = estimateLoad(shelved, shelved.stitches)
    return { ...shelved, loadClass, load: mean, assumed: false }
  }
  const [width, height] = [readTyped(ownDesign.width).mm, readTyped(ownDesign.height).mm]
  return {
    name: 'Design by size',
    width: width || usual.width,
    height: height || usual.height,
    loadClass: ownDesign.load,
    load: null,
    kind: ownDesign.kind,
    colours: [ownDesign.colour],
    smallestLetterMm: null,
    assumed: !width || !height,
  }
}
