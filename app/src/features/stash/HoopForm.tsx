import { Hoop } from '@thimble/contract'
import { type Control, useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Words } from '@/ui/Words'
import { hoopFieldOf, hoopSizes, type HoopTexts, readHoop, writeHoop } from './hoopTexts'

const shapes = [
  { id: 'rect', name: 'Straight sides' },
  { id: 'oval', name: 'Oval' },
] as const
const clamps = [
  { id: 'no', name: 'No' },
  { id: 'yes', name: 'Yes' },
] as const

/** A hoop as measured: its field, its ring, and what it closes over. */
export function HoopForm({ id }: { id: string }) {
  const style = useShelf((s) => s.shop)
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'hoops', id, back: '/stash' },
    write: (hoop?: Hoop) => writeHoop(hoop, style),
    read: (texts: HoopTexts) => readHoop(texts, style.unit),
    fieldOf: hoopFieldOf,
  })
  const { control } = form
  const [shape, clamp] = useWatch({ control, name: ['shape', 'clamp'] })
  return (
    <FormPage
      title={kept ? kept.name : 'A new hoop'}
      onKeep={keep}
      removal={kept ? 'Remove this hoop' : null}
      onRemove={removeIt}
      picture={<HoopPicture control={control} />}
    >
      <FormField control={control} name="name" label="Name" placeholder="Square 100" />
      <FormChoices control={control} name="shape" label="Shape of the field" choices={shapes} />
      {[hoopSizes.slice(0, 2), hoopSizes.slice(2)].map((pair, i) => (
        <View key={i} style={{ flexDirection: 'row', gap: 12 }}>
          {pair.map((s) => (
            <FormLength key={s.id} half control={control} name={s.id} label={s.name} unit={style.unit} />
          ))}
        </View>
      ))}
      <Words soft>
        The field is what the machine can really sew, a few millimetres smaller than the ring’s inside.
      </Words>
      {shape === 'rect' ? (
        <FormField control={control} name="corner" label="Corner radius of the field" placeholder="0" />
      ) : null}
      <FormChoices control={control} name="clamp" label="Does it clamp with magnets" choices={clamps} />
      {clamp === 'yes' ? <Words soft>Magnets pinch fingers; keep them from pacemakers and cards.</Words> : null}
      <FormField control={control} name="thick" label="Closes over cloth up to" placeholder="not known" />
    </FormPage>
  )
}

/** The hoop drawn as typed so far, once its numbers make one. */
function HoopPicture({ control }: { control: Control<HoopTexts, unknown, Hoop> }) {
  const p = usePalette()
  const unit = useShelf((s) => s.shop.unit)
  const texts = useWatch({ control }) as HoopTexts
  const at = new Date(0).toISOString()
  const { doc } = readHoop(texts, unit)
  const shown = Hoop.safeParse({ ...doc, name: texts.name || 'Hoop', id: 'shown', createdAt: at, updatedAt: at })
  if (!shown.success) return null
  const { outside } = shown.data
  return (
    <View style={{ alignItems: 'center', backgroundColor: p.table, paddingVertical: 8 }}>
      <HoopDrawing hoop={shown.data} cloth={p.paper} size={220} largest={Math.max(outside.width, outside.height)} />
    </View>
  )
}
