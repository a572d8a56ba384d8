import { type ItemKind, presetMeasures } from '@thimble/core/placement'
import { boxOf } from '@thimble/core/plane'
import { useMemo } from 'react'
import Svg from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { ItemOutline } from './ItemOutline'
import { fitAll } from './scale'

/** A small silhouette of the item in its cloth's colour, from the usual measurements of its size. */
export function ItemThumb({ kind, size, colour, px }: { kind: ItemKind; size: string; colour: string; px: number }) {
  const p = usePalette()
  const shape = useMemo(() => shapeOf(kind, size), [kind, size])
  if (!shape) return <Svg aria-hidden width={px} height={px} />
  return (
    <Svg aria-hidden width={px} height={px}>
      <ItemOutline view={fitAll(boxOf(shape.outline), px, px, 2)} item={shape} colour={colour} edge={p.ink} thin />
    </Svg>
  )
}

/** Null for a custom item whose edges do not meet: it is said where they are typed. */
function shapeOf(kind: ItemKind, size: string) {
  try {
    return (kind.silhouette ?? kind.shape)(presetMeasures(kind, size))
  } catch {
    return null
  }
}
