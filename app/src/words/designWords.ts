import { things as t } from '@thimble/language/en/things'
import type { DesignCard } from '@thimble/contract'
import type { LoadClass, WorkKind } from '@thimble/core/recipe'

export const loadNames: Record<LoadClass, string> = {
  outline: 'outline',
  light: 'light',
  medium: 'medium',
  dense: 'dense',
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

export const many = (n: number, one: string, more = `${one}s`): string =>
  `${n.toLocaleString('en')} ${n === 1 ? one : more}`

/** “2,860 stitches, 3 colours”; an estimate says so. */
export function countWords({ stitches, colours, summary }: DesignCard): string {
  const distinct = new Set(colours.map((c) => c.toLowerCase())).size
  return `${summary?.estimated ? t('about') : ''}${many(stitches, 'stitch', 'stitches')}, ${many(distinct, 'colour')}`
}

export const metres = (m: number): string => `${m < 10 ? m.toFixed(1) : Math.round(m).toLocaleString('en')} m`
