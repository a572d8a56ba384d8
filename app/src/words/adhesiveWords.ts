import { things as t } from '@thimble/language/en/things'
import type { AdhesiveKind } from '@thimble/core/recipe'

export const adhesiveNames: Record<AdhesiveKind, string> = { spray: t('temporary-spray'), tape: t('tape') }

export const adhesiveChoices = (Object.keys(adhesiveNames) as AdhesiveKind[]).map((id) => ({
  id,
  name: adhesiveNames[id],
}))
