import type { Grip } from './stack'

/** What holds a layer and is bought by the piece: a can of temporary spray, a roll of tape. */
export const adhesiveKinds = ['spray', 'tape'] as const
export type AdhesiveKind = (typeof adhesiveKinds)[number]

const held: Partial<Record<Grip, AdhesiveKind>> = { sprayed: 'spray' }

/** What a grip uses up; null where the layer holds by itself. @example adhesiveFor('sprayed') // 'spray' */
export const adhesiveFor = (grip: Grip): AdhesiveKind | null => held[grip] ?? null
