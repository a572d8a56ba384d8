import type { AdhesiveKind } from '@thimble/core/recipe'

export const adhesiveNames: Record<AdhesiveKind, string> = { spray: 'Temporary spray', tape: 'Tape' }

export const adhesiveChoices = (Object.keys(adhesiveNames) as AdhesiveKind[]).map((id) => ({
  id,
  name: adhesiveNames[id],
}))
