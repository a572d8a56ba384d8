import { many } from '@thimble/language/en/counts'
import { countText } from '@thimble/language'
import { things as t } from '@thimble/language/en/things'
import type { DesignCard } from '@thimble/contract'
import type { LoadClass, WorkKind } from '@thimble/core/recipe'

export const loadNames: Record<LoadClass, string> = {
  outline: t('load-outline'),
  light: t('load-light'),
  medium: t('load-medium'),
  dense: t('load-dense'),
}

export const workKinds: readonly { id: WorkKind; name: string }[] = [
  { id: 'fill', name: t('filled') },
  { id: 'wording', name: t('wording') },
  { id: 'line', name: t('lines') },
  { id: 'satin', name: t('satin') },
  { id: 'applique', name: t('applique') },
]

/** What a design that is known by its size is taken to fill; its corners need room in a ring or not. */
export const sizedShapes = [
  { id: 'rectangle', name: t('rectangle') },
  { id: 'oval', name: t('oval-or-round') },
] as const

/** “2,860 stitches, 3 colours”; an estimate says so. */
export function countWords({ stitches, colours, summary }: DesignCard): string {
  const distinct = new Set(colours.map((c) => c.toLowerCase())).size
  return `${summary?.estimated ? t('about') : ''}${many(stitches, 'stitch')}, ${many(distinct, 'colour')}`
}

export const metres = (m: number): string => `${m < 10 ? m.toFixed(1) : countText(Math.round(m))} m`
