import type { Thread } from '@thimble/contract'

export const weights = ['12', '30', '40', '60'].map((id) => ({ id, name: `${id} weight` }))

export const fibreNames: readonly { id: Thread['fibre']; name: string }[] = [
  { id: 'polyester', name: 'Polyester' },
  { id: 'rayon', name: 'Rayon' },
  { id: 'matte-polyester', name: 'Matte polyester' },
  { id: 'metallic', name: 'Metallic' },
]

export const fibreName = (id: Thread['fibre']): string => fibreNames.find((f) => f.id === id)!.name.toLowerCase()
