import type { DecidedStack, StackLayer, Supply } from '@thimble/contract'
import {
  type Bobbin,
  bobbinColourNames,
  gripNames,
  type HoldingMethod,
  holdingNames,
  type LayerKind,
  layerNames,
  type Needle,
  pointNames,
} from '@thimble/core/recipe'
import type { fineThreads } from '@thimble/plan'
import { clothName } from './clothWords'

const verbs: Record<HoldingMethod, string> = {
  hooped: 'Hoop it with',
  floated: 'Float it on',
  clamped: 'Clamp it with',
  'backing-under': 'Hoop it bare, slide under',
  'backing-alone': 'Hoop only',
}

type FineThread = ReturnType<typeof fineThreads>[number]

export const layerName = (kind: LayerKind): string => layerNames[kind]

/** A stack in a line: "Float it on sticky tear-away". */
export function stackTitle({ holding, layers }: Pick<DecidedStack, 'holding' | 'layers'>): string {
  const backings = layers.filter((l) => l.role === 'backing')
  const carrier = backings.find((l) => l.kind.endsWith('-sticky') && l.grip === 'in-ring')
  const main = holding === 'floated' ? (carrier ?? backings.at(-1)) : backings[0]
  return main ? `${verbs[holding]} ${layerName(main.kind).toLowerCase()}` : `${holdingNames[holding]}, no backing`
}

/** “75/11 ballpoint, coated”; what is not known is said. */
export const needleText = (needle: Needle | null): string =>
  needle ? `${needle.size} ${pointNames[needle.point]}${needle.coated ? ', coated' : ''}` : 'not noted'
export const bobbinText = (bobbin: Bobbin | null): string =>
  bobbin ? `${bobbin.weight} wt ${bobbinColourNames[bobbin.colour]}` : 'not noted'

/** How a colour is sewn that alone has small letters. */
export const fineText = ({ weight, needle, speedSpm }: Pick<FineThread, 'weight' | 'needle' | 'speedSpm'>): string =>
  `Small letters: ${weight} wt, needle ${needleText({ coated: false, ...needle })}, ${speedSpm} a minute`

/** What a layer's line says below its name. */
export function layerDetail(layer: StackLayer, write: (mm: number) => string): string {
  const sheets =
    layer.sheets > 1 ? `${layer.sheets} sheets${layer.crossed ? ', crossed' : ''}` : layer.crossed ? 'crossed' : ''
  const cut = layer.piece ? `cut ${write(layer.piece.widthMm)} × ${write(layer.piece.heightMm)}` : ''
  const grip =
    layer.role === 'topping'
      ? 'laid on top'
      : layer.role === 'cover'
        ? 'after stitching, over the back'
        : gripNames[layer.grip]
  return [sheets, grip, cut, layer.own && layer.role !== 'cloth' ? 'your own choice' : ''].filter(Boolean).join(', ')
}

/** A kind as it is picked: what is not on the shelf says so. */
export const kindOnShelf = <Kind extends LayerKind>({ kind, there }: { kind: Kind; there: boolean }) => ({
  id: kind,
  name: there ? layerName(kind) : `${layerName(kind)} (none)`,
})

/** A length on a roll, in metres. */
const rollText = (mm: number): string => `${Math.round(mm / 100) / 10} m`

/** What the stash has of a kind, by the names of its lines. */
export function onTheShelf(kind: LayerKind, supplies: readonly Supply[], write: (mm: number) => string): string {
  const lines = supplies.filter((s) => s.kind === kind && s.leftMm > 0)
  if (lines.length === 0) return 'None in the stash.'
  return `In the stash: ${lines.map((s) => `${s.name}, ${rollText(s.leftMm)} free, ${write(s.widthMm)} wide`).join('; ')}.`
}

/** A layer's name; the cloth by its own. */
export const layerLabel = ({ role, kind }: StackLayer, family: string): string =>
  role === 'cloth' ? clothName(family).split(',')[0]! : layerName(kind)

/** “Fusible cut-away mesh + Cut-away mesh”; nothing when no stack was noted. */
export function layersText(kinds: readonly LayerKind[] | null): string {
  if (!kinds) return ''
  return kinds.map(layerName).join(' + ') || 'No backing'
}
