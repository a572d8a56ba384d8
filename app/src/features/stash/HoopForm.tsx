import { stash as t } from '@thimble/language/en/stash'
import { Hoop } from '@thimble/contract'
import { type Control, useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'
import { hoopFieldOf, hoopSizes, type HoopTexts, readHoop, waysToClose, writeHoop } from './hoopTexts'
import { MeasureField } from './MeasureField'
import { TakenBy } from './TakenBy'

const shapes = [
  { id: 'rect', name: t('straight-sides') },
  { id: 'oval', name: t('oval') },
  { id: 'polygon', name: t('by-corners') },
] as const

/** A hoop as measured: its field, its ring, where its notches cross, and what it closes over. */
export function HoopForm({ id }: { id: string }) {
  const style = useDocuments((s) => s.shop)
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'hoops', id, back: '/stash' },
    write: (hoop?: Hoop) => writeHoop(hoop, style),
    read: (texts: HoopTexts) => readHoop(texts, style.unit),
    fieldOf: hoopFieldOf,
  })
  const { control } = form
  const closes = useWatch({ control, name: 'closes' })
  return (
    <FormPage
      title={kept ? kept.name : t('a-new-hoop')}
      onKeep={keep}
      removal={kept ? t('remove-this-hoop') : null}
      onRemove={removeIt}
      picture={<HoopPicture control={control} />}
    >
      <FormField control={control} name="name" label={t('name')} placeholder={t('square-100')} />
      <FormChoices control={control} name="shape" label={t('shape-of-the-field')} choices={shapes} />
      <FieldFields control={control} unit={style.unit} onMeasured={(texts) => setAll(form, texts)} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {hoopSizes.slice(2).map((s) => (
          <FormLength key={s.id} half control={control} name={s.id} label={s.name} unit={style.unit} />
        ))}
      </View>
      <FormChoices control={control} name="closes" label={t('how-it-closes')} choices={waysToClose} />
      {closes === 'magnets' ? <Text soft>{t('magnets-pinch-fingers-keep-them')}</Text> : null}
      <FormField control={control} name="thick" label={t('maximum-thickness')} placeholder={t('not-known')} />
      <TakenBy control={control} />
    </FormPage>
  )
}

type Setter = { setValue: (name: keyof HoopTexts, value: string, how: { shouldDirty: true }) => void }

function setAll(form: Setter, texts: Partial<Record<keyof HoopTexts, string>>): void {
  for (const [name, value] of Object.entries(texts))
    form.setValue(name as keyof HoopTexts, value, { shouldDirty: true })
}

type Controlled = { control: Control<HoopTexts, unknown, Hoop> }
type FieldProps = Controlled & {
  unit: 'mm' | 'cm' | 'in'
  onMeasured: (texts: Partial<Record<keyof HoopTexts, string>>) => void
}

/** The field: its size and where the notches cross in it, or its corners counted from them. */
function FieldFields({ control, unit, onMeasured }: FieldProps) {
  const shape = useWatch({ control, name: 'shape' })
  if (shape === 'polygon')
    return (
      <FormField
        control={control}
        name="corners"
        label={t('field-corners')}
        multiline
        placeholder={'−60, −40\n60, −40\n45, 50\n−45, 50'}
        hint={t('one-a-line-right-and')}
      />
    )
  return (
    <>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {hoopSizes.slice(0, 2).map((s) => (
          <FormLength key={s.id} half control={control} name={s.id} label={s.name} unit={unit} />
        ))}
      </View>
      <Text soft>{t('the-field-is-what-the')}</Text>
      {shape === 'rect' ? (
        <FormField control={control} name="corner" label={t('field-corner-radius')} placeholder="0" />
      ) : null}
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormField half control={control} name="notchX" label={t('centre-marks-off-by-right')} placeholder="0" />
        <FormField half control={control} name="notchY" label={t('centre-marks-off-by-toward')} placeholder="0" />
      </View>
      <MeasureField onMeasured={onMeasured} />
    </>
  )
}

/** The hoop drawn as typed so far, once its numbers make one. */
function HoopPicture({ control }: Controlled) {
  const p = usePalette()
  const unit = useDocuments((s) => s.shop.unit)
  const texts = useWatch({ control }) as HoopTexts
  const at = new Date(0).toISOString()
  const { doc } = readHoop(texts, unit)
  const shown = Hoop.safeParse({ ...doc, name: texts.name || t('hoop'), id: 'shown', createdAt: at, updatedAt: at })
  if (!shown.success) return null
  const { outside } = shown.data
  return (
    <View style={{ alignItems: 'center', backgroundColor: p.table, paddingVertical: 8 }}>
      <HoopDrawing hoop={shown.data} cloth={p.paper} size={220} largest={Math.max(outside.width, outside.height)} />
    </View>
  )
}
