import type { LoadClass, WorkKind } from '@thimble/core/recipe/recipeQuery'

export const loadNames: Record<LoadClass, string> = {
  outline: 'outline',
  light: 'light',
  medium: 'medium',
  dense: 'dense',
}

export const workKinds: readonly { id: WorkKind; name: string }[] = [
  { id: 'fill', name: 'Filled' },
  { id: 'wording', name: 'Wording' },
  { id: 'line', name: 'Lines' },
  { id: 'satin', name: 'Satin' },
  { id: 'applique', name: 'Applique' },
]
