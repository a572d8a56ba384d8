import { stash as t } from '@thimble/language/en/stash'
import type { Adhesive } from '@thimble/contract'
import { FormChoices, FormField } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useDocuments } from '@/state/store'
import { Text } from '@/ui/Text'
import { CountedFields } from './CountedFields'
import { type CountedTexts, readCounted, writeCounted } from './countedTexts'
import { adhesiveChoices } from '@/words/adhesiveWords'
import { StockSection } from './StockSection'

type Texts = Pick<Adhesive, 'name' | 'kind'> & CountedTexts

/** What holds a layer and is bought by the piece. */
export function AdhesiveForm({ id }: { id: string }) {
  const currency = useDocuments((s) => s.shop.currency)
  const isNew = useDocuments((s) => !(id in s.docs.adhesives))
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'adhesives', id, back: '/stash' },
    write: (adhesive?: Adhesive): Texts => ({
      ...{ name: adhesive?.name ?? '', kind: adhesive?.kind ?? 'spray', ...writeCounted(currency, adhesive) },
    }),
    read: ({ name, kind, ...counted }: Texts) => {
      const { doc, unread } = readCounted(counted, currency, isNew)
      return { doc: { name, kind, ...doc }, unread }
    },
  })
  const { control } = form
  return (
    <FormPage
      title={kept ? kept.name : t('a-new-adhesive')}
      onKeep={keep}
      removal={kept ? t('remove-it') : null}
      onRemove={removeIt}
      picture={kept ? <StockSection of="adhesives.left" thing={kept} left={kept.left} /> : null}
    >
      <FormField control={control} name="name" label={t('name')} placeholder={t('temporary-spray')} />
      <FormChoices control={control} name="kind" label={t('kind')} choices={adhesiveChoices} />
      <Text soft>{t('spray-outdoors-or-in-a')}</Text>
      <CountedFields control={control} isNew={isNew} costOf={t('cost-of-one')} />
    </FormPage>
  )
}
