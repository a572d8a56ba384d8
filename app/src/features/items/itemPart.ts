import type { LengthUnit } from '@thimble/core/lengths'
import type { DraftForm } from '@/forms/useDraftForm'
import type { ItemTexts } from './itemDraft'

/** What the parts of the form share; `problems` by the field's name. */
export type ItemPart = { form: DraftForm<ItemTexts>; problems: Readonly<Record<string, string>>; unit: LengthUnit }
