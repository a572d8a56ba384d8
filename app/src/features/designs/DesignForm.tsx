import { designs as t } from '@thimble/language/en/designs'
import type { DesignCard } from '@thimble/contract'
import { formatFine, formatLength, type LengthStyle, type LengthUnit } from '@thimble/core/lengths'
import { readTyped } from '@thimble/plan'
import { View } from 'react-native'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useDocuments } from '@/state/store'
import { PatchesSection } from './parts/PatchesSection'
import { sizedShapes, workKinds } from '@/words/designWords'

type Texts = Record<'name' | 'width' | 'height' | 'stitches' | 'colours' | 'kind' | 'letter' | 'shape', string>

const write = (kept: DesignCard | undefined, style: LengthStyle): Texts => ({
  name: kept?.name ?? '',
  width: kept ? formatLength(kept.width, style) : '',
  height: kept ? formatLength(kept.height, style) : '',
  stitches: kept ? String(kept.stitches) : '',
  colours: kept?.colours.join(' ') ?? '#2c4a7a',
  kind: kept?.kind ?? 'fill',
  shape: kept?.shape ?? 'rectangle',
  letter: kept?.smallestLetterMm ? formatFine(kept.smallestLetterMm, style) : '',
})

function read(texts: Texts, unit: LengthUnit) {
  const unread: Partial<Texts> = {}
  const length = (field: 'width' | 'height' | 'letter'): number | null => {
    const { mm, problem } = readTyped({ text: texts[field], unit })
    if (problem) unread[field] = problem
    else if (mm === null && field !== 'letter') unread[field] = t('type-the-measured-size')
    return mm
  }
  const stitches = Number(texts.stitches.replace(/[\s,.']/g, ''))
  if (!/\d/.test(texts.stitches) || !Number.isInteger(stitches))
    unread.stitches = t('is-not-a-stitch-count', { stitches: texts.stitches })
  const doc = {
    name: texts.name,
    width: length('width'),
    height: length('height'),
    stitches,
    colours: texts.colours.split(/[\s,;]+/).filter(Boolean),
    kind: texts.kind,
    shape: texts.shape,
    smallestLetterMm: length('letter'),
  }
  return { doc, unread }
}

/** A design by hand: name, true size, stitches, colours in stitch order, kind. */
export function DesignForm({ id }: { id: string }) {
  const style = useDocuments((s) => s.shop)
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'designs', id, back: '/designs' },
    write: (card?: DesignCard) => write(card, style),
    read: (texts: Texts) => read(texts, style.unit),
    fieldOf: (path) => (path.startsWith('colours') ? 'colours' : path === 'smallestLetterMm' ? 'letter' : path),
  })
  const { control } = form
  return (
    <FormPage
      title={kept ? kept.name : t('a-design-by-its-size')}
      onKeep={keep}
      removal={kept ? t('remove-this-design') : null}
      onRemove={removeIt}
    >
      <FormField control={control} name="name" label={t('name')} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormLength half control={control} name="width" label={t('width')} unit={style.unit} />
        <FormLength half control={control} name="height" label={t('height')} unit={style.unit} />
      </View>
      <FormChoices control={control} name="shape" label={t('shape')} choices={sizedShapes} />
      <FormField big control={control} name="stitches" label={t('stitches')} keyboard="numeric" />
      <FormField control={control} name="colours" label={t('colours-in-stitch-order')} hint={t('as-rrggbb-in-order')} />
      <FormChoices control={control} name="kind" label={t('what-is-it')} choices={workKinds} />
      <FormField control={control} name="letter" label={t('smallest-letter-height-if-any')} placeholder={t('none-2')} />
      {kept ? <PatchesSection design={kept} /> : null}
    </FormPage>
  )
}
