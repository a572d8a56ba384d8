import type { Supply } from '@thimble/contract'
import { formatLength, type LengthUnit } from '@thimble/core/lengths'
import { supplyKinds } from '@thimble/core/recipe'
import { readTyped } from '@thimble/plan'
import { View } from 'react-native'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useShelf } from '@/state/store'
import { layerName } from '@/words/stackWords'

const lengths = ['widthMm', 'leftMm', 'lowMm'] as const
const colours = [
  { id: '#ffffff', name: 'White', swatch: '#ffffff' },
  { id: '#d9c9a3', name: 'Beige', swatch: '#d9c9a3' },
  { id: '#22262b', name: 'Black', swatch: '#22262b' },
  { id: '#d5e6f2', name: 'Clear', swatch: '#d5e6f2' },
]
const kinds = supplyKinds.map((id) => ({ id, name: layerName(id) }))

type Texts = { name: string; kind: string; colour: string } & Record<(typeof lengths)[number], string>

function read({ name, kind, colour, ...typed }: Texts, unit: LengthUnit) {
  const unread: Partial<Record<keyof Texts, string>> = {}
  const measured = Object.fromEntries(
    lengths.map((field) => {
      const { mm, problem } = readLong(typed[field], field === 'widthMm' ? unit : 'm')
      if (problem) unread[field] = problem
      return [field, mm]
    }),
  )
  return { doc: { name, kind, colour, ...measured }, unread }
}

/** A backing or topping: its kind, its width, and how much of it is left. */
export function SupplyForm({ id }: { id: string }) {
  const style = useShelf((s) => s.shop)
  const metres = (mm?: number): string => (mm === undefined ? '' : `${mm / 1000} m`)
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'supplies', id, back: '/stash' },
    write: (supply?: Supply): Texts => ({
      name: supply?.name ?? '',
      kind: supply?.kind ?? supplyKinds[0],
      colour: supply?.colour ?? '#ffffff',
      widthMm: supply ? formatLength(supply.widthMm, style) : '',
      leftMm: metres(supply?.leftMm),
      lowMm: metres(supply?.lowMm ?? 0),
    }),
    read: (texts) => read(texts, style.unit),
  })
  const { control } = form
  return (
    <FormPage
      title={kept ? kept.name : 'A new backing or topping'}
      onKeep={keep}
      removal={kept ? 'Remove it' : null}
      onRemove={removeIt}
    >
      <FormField control={control} name="name" label="Name" placeholder="Mesh, white" />
      <FormChoices control={control} name="kind" label="Kind" long choices={kinds} />
      <FormChoices control={control} name="colour" label="Colour" choices={colours} />
      <FormLength control={control} name="widthMm" label="Width of the roll or sheet" unit={style.unit} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormLength half control={control} name="leftMm" label="Length left" unit="m" />
        <FormLength half control={control} name="lowMm" label="Low below" unit="m" />
      </View>
    </FormPage>
  )
}

/** Lengths on a roll: a bare number means metres. */
function readLong(text: string, unit: 'm' | LengthUnit): { mm: number | null; problem: string | null } {
  if (text.trim() === '') return { mm: null, problem: 'Measure it and type it here.' }
  if (unit !== 'm') return readTyped({ text, unit })
  const bare = /^[\d.,]+$/.test(text.trim())
  const { mm, problem } = readTyped({ text: bare ? `${text} mm` : text, unit: 'mm' })
  if (bare && mm !== null) return { mm: mm * 1000, problem: null }
  const metres = /^([\d.,]+)\s*m\.?$/i.exec(text.trim())
  return metres ? readLong(metres[1] ?? '', 'm') : { mm, problem }
}
