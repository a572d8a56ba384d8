import { Button } from '@rneui/themed'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { Photo, PhotoPicker } from '@/shared/inRecords'
import { FormChoices, FormField } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { usePalette } from '@/theme/PaletteProvider'
import { bruiseChoices, clothChoices, heatChoices, seeThroughChoices } from '@/words/clothWords'
import { readSwatch, usualOf, writeSwatch } from './swatchTexts'

/** A cloth of the shop's own: what it is most like, and its numbers where they are known better. */
export function SwatchForm({ id }: { id: string }) {
  const p = usePalette()
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'swatches', id, back: '/stash', write: writeSwatch, read: readSwatch },
  })
  const { control } = form
  const [family, colour, heat, bruise, seeThrough, photo] = useWatch({
    control,
    name: ['family', 'colour', 'heat', 'bruise', 'seeThrough', 'photo'],
  })
  const usual = usualOf(family)
  const shown = /^#[0-9a-f]{6}$/i.test(colour.trim()) ? colour.trim() : p.table
  const number = { control, keyboard: 'numeric', half: true } as const
  return (
    <FormPage
      title={kept ? kept.name : 'A new swatch'}
      onKeep={keep}
      removal={kept ? 'Remove this swatch' : null}
      onRemove={removeIt}
      picture={<View style={{ height: 56, backgroundColor: shown, borderBottomWidth: 1, borderBottomColor: p.seam }} />}
    >
      <FormField control={control} name="name" label="Name" placeholder="Heavy linen from the market" />
      <FormChoices control={control} name="family" label="Most like" long choices={clothChoices} />
      <FormField control={control} name="colour" label="Colour" hint="As #rrggbb, as it looks in daylight." />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormField
          {...number}
          name="stretchPercent"
          label="Pull test"
          suffix="%"
          placeholder={String(usual.stretchPercent)}
        />
        <FormField {...number} name="gsm" label="Weight" suffix="g/m²" placeholder={String(usual.gsm)} />
      </View>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormField
          {...number}
          name="thicknessMm"
          label="Thickness"
          suffix="mm"
          placeholder={String(usual.thicknessMm)}
        />
        <FormField {...number} name="pileMm" label="Pile" suffix="mm" placeholder={String(usual.pileMm)} />
      </View>
      <FormChoices {...{ control, name: 'heat', label: 'An iron', choices: heatChoices }} chosen={heat || usual.heat} />
      <FormChoices
        {...{ control, name: 'bruise', label: 'A ring’s mark', choices: bruiseChoices }}
        chosen={bruise || usual.bruise}
      />
      <FormChoices
        {...{ control, name: 'seeThrough', label: 'Held to the light', choices: seeThroughChoices }}
        chosen={seeThrough || usual.seeThrough}
      />
      <FormField control={control} name="note" label="Note" multiline longest={4000} />
      <SwatchPhoto photo={photo} onChange={(next) => form.setValue('photo', next)} />
    </FormPage>
  )
}

function SwatchPhoto({ photo, onChange }: { photo: string; onChange: (photo: string) => void }) {
  if (!photo) return <PhotoPicker title="Add a photo" resource="swatches" onTaken={onChange} />
  return (
    <View style={{ gap: 6, alignItems: 'flex-start' }}>
      <Photo id={photo} label="The swatch" height={200} />
      <Button type="outline" title="Take the photo off" onPress={() => onChange('')} />
    </View>
  )
}
