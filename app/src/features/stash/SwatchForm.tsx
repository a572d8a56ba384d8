import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { Swatch } from '@thimble/contract'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { Photo, PhotoPicker } from '@/shared/inRecords'
import { FormChoices, FormField } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { usePalette } from '@/theme/PaletteProvider'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { bruiseChoices, clothChoices, heatChoices, seeThroughChoices, traitChoices } from '@/words/clothWords'
import { readSwatch, usualOf, writeSwatch } from './swatchTexts'

const pulled = { name: 'stretchPercent', label: t('pull-test') } as const

/** A cloth of the shop's own: what it is most like, and its numbers where they are known better. */
export function SwatchForm({ id }: { id: string }) {
  const p = usePalette()
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'swatches', id, back: '/stash', write: writeSwatch, read: readSwatch },
  })
  const { control } = form
  const [family, colour, heat, bruise, seeThrough, photo, traits] = useWatch({
    control,
    name: ['family', 'colour', 'heat', 'bruise', 'seeThrough', 'photo', 'traits'],
  })
  const usual = usualOf(family)
  const shown = /^#[0-9a-f]{6}$/i.test(colour.trim()) ? colour.trim() : p.table
  const number = { control, keyboard: 'numeric', half: true } as const
  return (
    <FormPage
      title={kept ? kept.name : t('a-new-swatch')}
      onKeep={keep}
      removal={kept ? t('remove-this-swatch') : null}
      onRemove={removeIt}
      picture={<View style={{ height: 56, backgroundColor: shown, borderBottomWidth: 1, borderBottomColor: p.seam }} />}
    >
      <FormField control={control} name="name" label={t('name')} placeholder={t('heavy-linen-from-the-market')} />
      <FormChoices control={control} name="family" label={t('most-like')} long choices={clothChoices} />
      <FormField control={control} name="colour" label={t('colour')} hint={t('as-rrggbb-in-daylight')} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormField {...{ ...number, ...pulled }} suffix="%" placeholder={String(usual.stretchPercent)} />
        <FormField {...number} name="gsm" label={t('weight-2')} suffix="g/m²" placeholder={String(usual.gsm)} />
      </View>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormField
          {...number}
          name="thicknessMm"
          label={t('thickness')}
          suffix="mm"
          placeholder={String(usual.thicknessMm)}
        />
        <FormField {...number} name="pileMm" label={t('pile')} suffix="mm" placeholder={String(usual.pileMm)} />
      </View>
      <FormChoices
        {...{ control, name: 'heat', label: t('an-iron'), choices: heatChoices }}
        chosen={heat || usual.heat}
      />
      <FormChoices
        {...{ control, name: 'bruise', label: t('a-hoops-mark'), choices: bruiseChoices }}
        chosen={bruise || usual.bruise}
      />
      <FormChoices
        {...{ control, name: 'seeThrough', label: t('held-to-the-light'), choices: seeThroughChoices }}
        chosen={seeThrough || usual.seeThrough}
      />
      <Traits traits={traits} onChange={(next) => form.setValue('traits', next)} />
      <FormField control={control} name="note" label={t('note')} multiline longest={4000} />
      <SwatchPhoto photo={photo} onChange={(next) => form.setValue('photo', next)} />
    </FormPage>
  )
}

type TraitsProps = { traits: Swatch['traits']; onChange: (traits: Swatch['traits']) => void }

function Traits({ traits, onChange }: TraitsProps) {
  return (
    <View role="group" aria-label={t('special')}>
      {traitChoices.map(({ id, name }) => (
        <CheckboxRow
          key={id}
          title={name}
          done={traits.includes(id)}
          onChange={(done) => onChange(done ? [...traits, id] : traits.filter((one) => one !== id))}
        />
      ))}
    </View>
  )
}

function SwatchPhoto({ photo, onChange }: { photo: string; onChange: (photo: string) => void }) {
  if (!photo) return <PhotoPicker title={t('add-a-photo')} resource="swatches" onTaken={onChange} />
  return (
    <View style={{ gap: 6, alignItems: 'flex-start' }}>
      <Photo id={photo} label={t('the-swatch')} height={200} />
      <Button type="outline" title={t('remove-the-photo')} onPress={() => onChange('')} />
    </View>
  )
}
