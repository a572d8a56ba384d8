import type { Stack, UsedLayer } from '@thimble/contract'
import { gripNames, holdingNames, layerNames } from '@thimble/core/recipe/names'
import type { LayerKind, Needle, RecipeOption, Bobbin } from '@thimble/core/recipe/recipeOption'

const verbs: Record<RecipeOption['holding'], string> = {
  hooped: 'Hoop it with',
  floated: 'Float it on',
  clamped: 'Clamp it with',
  'backing-under': 'Hoop it bare, slide under',
  'backing-alone': 'Hoop only',
}

export const layerName = (kind: string): string => layerNames[kind as LayerKind] ?? kind

/** A recipe in a line: "Float it on sticky tear-away". */
export function recipeTitle({ holding, layers }: Pick<RecipeOption, 'holding' | 'layers'>): string {
  const backings = layers.filter((l) => l.role === 'backing')
  const main = holding === 'floated' ? backings.at(-1) : backings[0]
  return main ? `${verbs[holding]} ${layerName(main.kind).toLowerCase()}` : `${holdingNames[holding]}, no backing`
}

export const needleText = ({ size, point, coated }: Needle): string =>
  `${size} ${point === 'large-eye' ? 'large eye' : point}${coated ? ', coated' : ''}`
export const bobbinText = ({ weight, colour }: Bobbin): string =>
  `${weight} wt ${colour === 'match' ? 'matched' : colour}`

export function stackFrom(option: RecipeOption): Stack {
  return {
    recipe: option.id,
    holding: option.holding,
    layers: option.layers.map((l) => ({ ...l })),
    needle: needleText(option.needle),
    bobbin: bobbinText(option.bobbin),
    speedSpm: option.speedSpm,
  }
}

/** What a layer's line says below its name. */
export function layerDetail(layer: UsedLayer, write: (mm: number) => string): string {
  const sheets =
    layer.sheets > 1 ? `${layer.sheets} sheets${layer.crossed ? ', crossed' : ''}` : layer.crossed ? 'crossed' : ''
  const cut = layer.piece ? `cut ${write(layer.piece.widthMm)} × ${write(layer.piece.heightMm)}` : ''
  const grip =
    layer.role === 'topping'
      ? 'laid on top'
      : layer.role === 'cover'
        ? 'after stitching, over the back'
        : gripNames[layer.grip as keyof typeof gripNames]
  return [sheets, grip, cut, layer.own ? 'your own choice' : ''].filter(Boolean).join(', ')
}
