import { bobbinColourNames, gripNames, holdingNames, layerNames, pointNames } from '@thimble/language'
import { things as t } from '@thimble/language/en/things'
import type { DecidedStack, StackLayer, Supply } from '@thimble/contract'
import { type Bobbin, type HoldingMethod, type LayerKind, type Needle } from '@thimble/core/recipe'
import type { fineThreads } from '@thimble/plan'
import { clothName } from './clothWords'

const verbs: Record<HoldingMethod, string> = {
  hooped: t('hoop-it-with'),
  floated: t('float-it-on'),
  clamped: t('clamp-it-with'),
  'backing-under': t('hoop-it-bare-slide-under'),
  'backing-alone': t('hoop-only'),
}

type FineThread = ReturnType<typeof fineThreads>[number]

export const layerName = (kind: LayerKind): string => layerNames[kind]

/** A stack in a line: "Float it on sticky tear-away". */
export function stackTitle({ holding, layers }: Pick<DecidedStack, 'holding' | 'layers'>): string {
  const backings = layers.filter((l) => l.role === 'backing')
  const carrier = backings.find((l) => l.kind.endsWith('-sticky') && l.grip === 'in-ring')
  const main = holding === 'floated' ? (carrier ?? backings.at(-1)) : backings[0]
  return main
    ? `${verbs[holding]} ${layerName(main.kind).toLowerCase()}`
    : t('no-backing', { holdingNames: holdingNames[holding] })
}

/** “75/11 ballpoint, coated”; what is not known is said. */
export const needleText = (needle: Needle | null): string =>
  needle ? `${needle.size} ${pointNames[needle.point]}${needle.coated ? t('coated') : ''}` : t('not-noted')
export const bobbinText = (bobbin: Bobbin | null): string =>
  bobbin ? t('wt', { weight: bobbin.weight, bobbinColourNames: bobbinColourNames[bobbin.colour] }) : t('not-noted')

/** How a colour is sewn that alone has small letters. */
export const fineText = ({ weight, needle, speedSpm }: Pick<FineThread, 'weight' | 'needle' | 'speedSpm'>): string =>
  t('small-letters-wt-needle-a', { weight, needle: needleText({ coated: false, ...needle }), speedSpm })

/** What a layer's line says below its name. */
export function layerDetail(layer: StackLayer, write: (mm: number) => string): string {
  const sheets =
    layer.sheets > 1
      ? t('sheets', { sheets: layer.sheets, which: layer.crossed ? t('crossed') : '' })
      : layer.crossed
        ? t('crossed-2')
        : ''
  const cut = layer.piece
    ? t('cut', { widthMm: write(layer.piece.widthMm), heightMm: write(layer.piece.heightMm) })
    : ''
  const grip =
    layer.role === 'topping'
      ? t('laid-on-top')
      : layer.role === 'cover'
        ? t('after-stitching-over-the-back')
        : gripNames[layer.grip]
  return [sheets, grip, cut, layer.own && layer.role !== 'cloth' ? t('your-own-choice') : ''].filter(Boolean).join(', ')
}

/** A kind as it is picked: what is not on the shelf says so. */
export const kindOnShelf = <Kind extends LayerKind>({ kind, there }: { kind: Kind; there: boolean }) => ({
  id: kind,
  name: there ? layerName(kind) : t('none-2', { layer: layerName(kind) }),
})

/** A length on a roll, in metres. */
const rollText = (mm: number): string => `${Math.round(mm / 100) / 10} m`

/** What the stash has of a kind, by the names of its lines. */
export function onTheShelf(kind: LayerKind, supplies: readonly Supply[], write: (mm: number) => string): string {
  const lines = supplies.filter((s) => s.kind === kind && s.leftMm > 0)
  if (lines.length === 0) return t('none-in-the-stash')
  return t('in-the-stash', {
    lines: lines
      .map((s) => t('free-wide', { name: s.name, roll: rollText(s.leftMm), widthMm: write(s.widthMm) }))
      .join('; '),
  })
}

/** A layer's name; the cloth by its own. */
export const layerLabel = ({ role, kind }: StackLayer, family: string): string =>
  role === 'cloth' ? clothName(family).split(',')[0]! : layerName(kind)

/** “Fusible cut-away mesh + Cut-away mesh”; nothing when no stack was noted. */
export function layersText(kinds: readonly LayerKind[] | null): string {
  if (!kinds) return ''
  return kinds.map(layerName).join(' + ') || t('no-backing-2')
}
