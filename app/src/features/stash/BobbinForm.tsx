import { stash as t } from '@thimble/language/en/stash'
import type { Bobbin } from '@thimble/contract'
import { bobbinWeights } from '@thimble/core/recipe'
import { readNumber } from '@thimble/plan'
import { FormChoices, FormField } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useDocuments } from '@/state/store'
import { CountedFields } from './CountedFields'
import { type CountedTexts, readCounted, writeCounted } from './countedTexts'
import { StockSection } from './StockSection'

const weights = bobbinWeights.map((weight) => ({ id: String(weight), name: t('weight', { weight }) }))
const colours = [
  { id: '#ffffff', name: t('white'), swatch: '#ffffff' },
  { id: '#22262b', name: t('black'), swatch: '#22262b' },
  { id: '#d9c9a3', name: t('beige'), swatch: '#d9c9a3' },
]

type Texts = Pick<Bobbin, 'name' | 'colour'> & CountedTexts & { weight: string; woundM: string }

/** Wound bobbins: their thread, how much a full one holds, and how many there are. */
export function BobbinForm({ id }: { id: string }) {
  const currency = useDocuments((s) => s.shop.currency)
  const isNew = useDocuments((s) => !(id in s.docs.bobbins))
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'bobbins', id, back: '/stash' },
    write: (bobbin?: Bobbin): Texts => ({
      ...{ name: bobbin?.name ?? '', colour: bobbin?.colour ?? '#ffffff', weight: String(bobbin?.weight ?? 60) },
      ...{ woundM: bobbin ? String(bobbin.woundM) : '', ...writeCounted(currency, bobbin) },
    }),
    read: ({ name, colour, weight, woundM, ...counted }: Texts) => {
      const { doc, unread } = readCounted(counted, currency, isNew)
      const wound = readNumber(woundM.replace(/\s*m\.?$/i, ''), 2000)
      const missing = wound.value === null ? t('how-many-metres-a-full') : null
      return {
        doc: { name, colour, weight: Number(weight), woundM: wound.value, ...doc },
        unread: { ...unread, ...(wound.problem || missing ? { woundM: wound.problem ?? missing! } : {}) },
      }
    },
  })
  const { control } = form
  return (
    <FormPage
      title={kept ? kept.name : t('new-bobbins')}
      onKeep={keep}
      removal={kept ? t('remove-these-bobbins') : null}
      onRemove={removeIt}
      picture={kept ? <StockSection of="bobbins.left" thing={kept} left={kept.left} /> : null}
    >
      <FormField control={control} name="name" label={t('name')} placeholder={t('white-wound-here')} />
      <FormChoices control={control} name="weight" label={t('weight-2')} choices={weights} />
      <FormChoices control={control} name="colour" label={t('colour')} choices={colours} />
      <FormField control={control} name="woundM" label={t('a-full-one-holds')} big suffix="m" keyboard="numeric" />
      <CountedFields control={control} isNew={isNew} costOf={t('cost-of-a-bobbin')} />
    </FormPage>
  )
}
