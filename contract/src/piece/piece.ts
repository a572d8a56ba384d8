import { asked as t } from '@thimble/language/en/asked'
import { customKindId, customPlacementIds, itemKinds } from '@thimble/core/placement'
import { z } from '../sentences'
import { CustomItem } from '../item'
import { Id, StoredDocument, LocalDate, Name, Note } from '../stored'
import { MeasureStage } from './measureStage'
import { HoopStage } from './hoopStage'
import { BuildStage, FinishStage, StitchStage } from './otherStages'

type Placed = { item: { kind: string; own: CustomItem | null }; measure: { placement: string } }

function knownPlacement({ item: { kind, own }, measure: { placement } }: Placed): boolean {
  if (kind === customKindId) return own !== null && (customPlacementIds as readonly string[]).includes(placement)
  if (own) return false
  return itemKinds.find((k) => k.id === kind)?.placements.some((p) => p.id === placement) ?? false
}

/**
 * One thing to embroider, a sub-document a stage. Everything but its name, item, placement and cloth has a default:
 * `Piece.parse` of those few is a new piece.
 */
export const Piece = StoredDocument.extend({
  name: Name,
  customer: z.string().max(120, t('keep-it-under-120-characters')).default(''),
  run: z.string().max(120, t('keep-it-under-120-characters')).default(''),
  due: LocalDate.nullable().default(null),
  note: Note.default(''),
  item: z.strictObject({
    kind: z.string().max(60),
    size: z.string().max(30),
    /** Pieces with the same one lie on one item and share what was measured. */
    shared: Id.nullable().default(null),
    own: CustomItem.nullable().default(null),
  }),
  /** Of which order and line it was made, for which of its rows and places; it follows them until it is changed by hand. */
  order: z
    .strictObject({ id: Id, line: Id, row: Id, place: Id, follows: z.boolean().default(true) })
    .nullable()
    .default(null),
  measure: MeasureStage,
  build: BuildStage,
  hoop: HoopStage.prefault({}),
  stitch: StitchStage.prefault({}),
  finish: FinishStage.prefault({}),
}).refine(knownPlacement, { path: ['measure', 'placement'], message: t('no-item-has-this-placement') })
export type Piece = z.infer<typeof Piece>
