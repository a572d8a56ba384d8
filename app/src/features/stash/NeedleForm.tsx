import { pointNames } from '@thimble/language'
import { stash as t } from '@thimble/language/en/stash'
import type { Needle } from '@thimble/contract'
import { needlePoints, needleSizes } from '@thimble/core/recipe'
import { FormChoices, FormField } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useDocuments } from '@/state/store'
import { CountedFields } from './CountedFields'
import { type CountedTexts, readCounted, writeCounted } from './countedTexts'
import { StockSection } from './StockSection'

const sizes = needleSizes.map((id) => ({ id, name: id }))
const points = needlePoints.map((id) => ({ id, name: pointNames[id] }))
const coatings = [
  { id: 'no', name: t('plain') },
  { id: 'yes', name: t('coated') },
]

type Texts = Pick<Needle, 'name' | 'size' | 'point'> & CountedTexts & { coated: string }

/** Needles in the drawer: their size, point and coating, and how many there are. */
export function NeedleForm({ id }: { id: string }) {
  const currency = useDocuments((s) => s.shop.currency)
  const isNew = useDocuments((s) => !(id in s.docs.needles))
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'needles', id, back: '/stash' },
    write: (needle?: Needle): Texts => ({
      ...{ name: needle?.name ?? '', size: needle?.size ?? '75/11', point: needle?.point ?? 'embroidery' },
      ...{ coated: needle?.coated ? 'yes' : 'no', ...writeCounted(currency, needle) },
    }),
    read: ({ name, size, point, coated, ...counted }: Texts) => {
      const { doc, unread } = readCounted(counted, currency, isNew)
      return { doc: { name, size, point, coated: coated === 'yes', ...doc }, unread }
    },
  })
  const { control } = form
  return (
    <FormPage
      title={kept ? kept.name : t('new-needles')}
      onKeep={keep}
      removal={kept ? t('remove-these-needles') : null}
      onRemove={removeIt}
      picture={kept ? <StockSection of="needles.left" thing={kept} left={kept.left} /> : null}
    >
      <FormField control={control} name="name" label={t('name')} placeholder={t('ballpoint-75-11')} />
      <FormChoices control={control} name="size" label={t('size')} choices={sizes} />
      <FormChoices control={control} name="point" label={t('point')} choices={points} />
      <FormChoices control={control} name="coated" label={t('coating')} choices={coatings} />
      <CountedFields control={control} isNew={isNew} costOf={t('cost-of-a-needle')} />
    </FormPage>
  )
}
