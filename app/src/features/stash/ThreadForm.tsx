import type { Thread } from '@thimble/contract'
import { readNumber } from '@thimble/plan'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices, FormField } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { usePalette } from '@/theme/PaletteProvider'
import { fibreNames, weights } from '@/words/threadWords'
import { WeighSpool } from './WeighSpool'

type Texts = { name: string; colour: string; weight: string; fibre: Thread['fibre']; left: string }

const write = (kept?: Thread): Texts => ({
  name: kept?.name ?? '',
  colour: kept?.colour ?? '#2c4a7a',
  weight: String(kept?.weight ?? 40),
  fibre: kept?.fibre ?? 'polyester',
  left: kept?.leftM === null || kept === undefined ? '' : String(kept.leftM),
})

function read({ name, colour, weight, fibre, left }: Texts) {
  const metres = readNumber(left.replace(/\s*m\.?$/i, ''), 50_000)
  return {
    doc: { name, colour: colour.trim().toLowerCase(), weight: Number(weight), fibre, leftM: metres.value },
    unread: metres.problem ? { left: metres.problem } : {},
  }
}

/** A thread on the shelf: its colour, weight and fibre, and what is left. */
export function ThreadForm({ id }: { id: string }) {
  const p = usePalette()
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'threads', id, back: '/stash', write, read },
    fieldOf: (path) => (path === 'leftM' ? 'left' : path),
  })
  const { control } = form
  const colour = useWatch({ control, name: 'colour' }).trim()
  const weight = useWatch({ control, name: 'weight' })
  const shown = /^#[0-9a-f]{6}$/i.test(colour) ? colour : p.table
  return (
    <FormPage
      title={kept ? kept.name : 'A new thread'}
      onKeep={keep}
      removal={kept ? 'Remove this thread' : null}
      onRemove={removeIt}
      picture={<View style={{ height: 56, backgroundColor: shown, borderBottomWidth: 1, borderBottomColor: p.seam }} />}
    >
      <FormField control={control} name="name" label="Name" placeholder="Harbour indigo" />
      <FormField
        control={control}
        name="colour"
        label="Colour"
        hint="As #rrggbb, as it looks on the spool in daylight."
      />
      <FormChoices control={control} name="weight" label="Weight" choices={weights} />
      <FormChoices control={control} name="fibre" label="Fibre" choices={fibreNames} />
      <FormField
        control={control}
        name="left"
        label="Length left"
        big
        suffix="m"
        keyboard="numeric"
        placeholder="not known"
      />
      <WeighSpool
        slot={`thread.${id}`}
        weight={Number(weight) as Thread['weight']}
        onWeighed={(metres) => form.setValue('left', String(metres), { shouldDirty: true })}
      />
    </FormPage>
  )
}
