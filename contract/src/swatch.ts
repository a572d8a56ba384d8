import { asked as t } from '@thimble/language/en/asked'
import { bruises, clothFamilies, clothTraits, heats, seeThroughs } from '@thimble/core/recipe'
import { z } from './sentences'
import { Colour, Id, StoredDocument, Name, Note } from './stored'

/** The numbers of a cloth that the rules read. */
const clothNumbers = {
  stretchPercent: z.number().min(0, t('it-cant-be-less-than')).max(200, t('thats-more-than-any-cloth')),
  gsm: z.number().positive(t('it-must-be-above-zero')).max(2000, t('that-is-heavier-than-any')),
  thicknessMm: z.number().positive(t('it-must-be-above-zero')).max(50, t('that-is-thicker-than-any')),
  pileMm: z.number().min(0, t('it-cant-be-less-than')).max(50, t('that-is-longer-than-any')),
  heat: z.enum(heats),
  bruise: z.enum(bruises),
  seeThrough: z.enum(seeThroughs),
  /** What sets it apart from its family. */
  traits: z.array(z.enum(clothTraits)).max(clothTraits.length).default([]),
}

/** A cloth of the shop's own by its name and numbers, used like a family. */
export const Swatch = StoredDocument.extend({
  name: Name,
  family: z.enum(clothFamilies),
  colour: Colour,
  ...clothNumbers,
  /** A photo of it; null: none was taken. */
  photo: Id.nullable().default(null),
  note: Note.default(''),
})
export type Swatch = z.infer<typeof Swatch>

/** A swatch as a piece made of it carries it: it stays so whatever becomes of the swatch. */
export const CarriedSwatch = z.strictObject({ id: Id, name: z.string().max(120), ...clothNumbers })
