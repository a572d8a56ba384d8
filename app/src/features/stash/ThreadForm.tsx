import { stash as t } from '@thimble/language/en/stash'
import type { Thread } from '@thimble/contract'
import { usualTex } from '@thimble/core/thread'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices, FormField } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { moveStock } from '@/shared/stock'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { fibreNames, weights } from '@/words/threadWords'
import { CostField } from './CostField'
import { StockSection } from './StockSection'
import { readThread, writeThread } from './threadTexts'
import { WeighSpool } from './WeighSpool'

/** A thread on the shelf: its colour, weight and fibre, what a spool of it is like, and what is left. */
export function ThreadForm({ id }: { id: string }) {
  const currency = useDocuments((s) => s.shop.currency)
  const isNew = useDocuments((s) => !(id in s.docs.threads))
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'threads', id, back: '/stash' },
    write: (thread?: Thread) => writeThread(currency, thread),
    read: (texts) => readThread(texts, currency, isNew),
    fieldOf: (path) => (path === 'leftM' ? 'left' : path),
  })
  const { control } = form
  const weight = Number(useWatch({ control, name: 'weight' })) as Thread['weight']
  const tex = Number(useWatch({ control, name: 'tex' }).replace(',', '.')) || usualTex(weight)
  const bare = useWatch({ control, name: 'bareGrams' })
  const weighed = (metres: number): void => {
    const whole = Math.round(metres)
    if (kept)
      moveStock('threads.leftM', kept, { kind: 'weighed', found: whole }, t('m-by-weight', { name: kept.name, whole }))
    else form.setValue('left', String(whole), { shouldDirty: true })
  }
  const bareField = <EmptySpoolField control={control} />
  const weigh = <WeighSpool slot={`thread.${id}`} {...{ tex, bare, bareField }} onWeighed={weighed} />
  return (
    <FormPage
      title={kept ? kept.name : t('a-new-thread')}
      onKeep={keep}
      removal={kept ? t('remove-this-thread') : null}
      onRemove={removeIt}
      picture={
        <>
          <Strand control={control} />
          {kept ? (
            <StockSection of="threads.leftM" thing={kept} left={kept.leftM}>
              {weigh}
            </StockSection>
          ) : null}
        </>
      }
    >
      <FormField control={control} name="name" label={t('name')} placeholder={t('harbour-indigo')} />
      <FormField control={control} name="colour" label={t('colour')} hint={t('as-rrggbb-in-daylight')} />
      <FormChoices control={control} name="weight" label={t('weight-2')} choices={weights} />
      <FormChoices control={control} name="fibre" label={t('fibre')} choices={fibreNames} />
      {kept ? null : (
        <>
          <FormField
            {...{ control, name: 'left', label: t('length-left'), suffix: 'm', placeholder: t('not-known') }}
            big
            keyboard="numeric"
          />
          {weigh}
        </>
      )}
      <OfASpool control={control} tex={usualTex(weight)} />
    </FormPage>
  )
}

type Bound = { control: ReturnType<typeof useDocForm<'threads', ReturnType<typeof writeThread>>>['form']['control'] }

function EmptySpoolField({ control }: Bound) {
  return (
    <FormField
      half
      {...{ control, name: 'bareGrams', label: t('empty-spool'), suffix: 'g', placeholder: t('not-known') }}
      keyboard="numeric"
    />
  )
}

/** What a spool of it is like, and when it is low. */
function OfASpool({ control, tex }: Bound & { tex: number }) {
  const number = (name: 'tex' | 'low' | 'spoolM', label: string, suffix: string, placeholder: string) => (
    <FormField half {...{ control, name, label, suffix, placeholder }} keyboard="numeric" />
  )
  return (
    <>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {number('tex', t('tex-2'), 'g/km', String(tex))}
        {number('low', t('warn-below'), 'm', '0')}
      </View>
      {number('spoolM', t('on-a-new-spool'), 'm', t('not-known'))}
      <CostField control={control} name="cost" label={t('cost-of-a-spool')} />
    </>
  )
}

/** The colour as it is typed, from edge to edge. */
function Strand({ control }: Bound) {
  const p = usePalette()
  const colour = useWatch({ control, name: 'colour' }).trim()
  const shown = /^#[0-9a-f]{6}$/i.test(colour) ? colour : p.table
  return <View style={{ height: 56, backgroundColor: shown, borderBottomWidth: 1, borderBottomColor: p.seam }} />
}
