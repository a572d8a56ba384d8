import { Supply, supplyKinds } from '@thimble/contract'
import { View } from 'react-native'
import { readTyped } from '@/plan/readTyped'
import { useShelf } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { formatLength } from '@thimble/core/lengths/formatLength'
import { layerName } from '../piece/recipeWords'
import { DraftLength } from './DraftLength'
import { FormPage } from './FormPage'
import { useDraft } from './useDraft'
import { useKeptForm } from './useKeptForm'

const lengths = ['widthMm', 'leftMm', 'lowMm'] as const
const colours = [
  { id: '#ffffff', name: 'White', swatch: '#ffffff' },
  { id: '#d9c9a3', name: 'Beige', swatch: '#d9c9a3' },
  { id: '#22262b', name: 'Black', swatch: '#22262b' },
  { id: '#d5e6f2', name: 'Clear', swatch: '#d5e6f2' },
]

/** A backing or topping: its kind, its width, and how much of it is left. */
export function SupplyForm({ id }: { id: string }) {
  const style = useShelf((s) => s.shop)
  const { kept, base, keep: keepIt, removeIt } = useKeptForm('supplies', id, '/stash')
  const metres = (mm?: number): string => (mm === undefined ? '' : `${mm / 1000} m`)
  const draft = useDraft(`supply.${id}`, {
    name: kept?.name ?? '',
    kind: kept?.kind ?? supplyKinds[0],
    colour: kept?.colour ?? '#ffffff',
    widthMm: kept ? formatLength(kept.widthMm, style) : '',
    leftMm: metres(kept?.leftMm),
    lowMm: metres(kept?.lowMm ?? 0),
  })
  const { texts, problems, type } = draft
  const keep = (): void => {
    const unread: Record<string, string> = {}
    const read = Object.fromEntries(
      lengths.map((field) => {
        const { mm, problem } = readLong(texts[field], field === 'widthMm' ? style.unit : 'm')
        if (problem) unread[field] = problem
        return [field, mm]
      }),
    )
    const doc = {
      ...base(),
      ...read,
      name: texts.name,
      kind: texts.kind,
      colour: texts.colour,
      note: kept?.note ?? '',
    }
    const found = draft.check<Supply>(Supply as never, doc, unread, (path) => path)
    if (!found) return
    draft.forget()
    keepIt(found)
  }
  return (
    <FormPage
      title={kept ? kept.name : 'A new backing or topping'}
      onKeep={keep}
      removal={kept ? 'Remove it' : null}
      onRemove={removeIt}
    >
      <Field
        label="Name"
        value={texts.name}
        problem={problems.name}
        placeholder="Mesh, white"
        onChange={(t) => type('name', t)}
      />
      <Choices
        label="Kind"
        long
        choices={supplyKinds.map((k) => ({ id: k, name: layerName(k) }))}
        value={texts.kind as (typeof supplyKinds)[number]}
        onChange={(t) => type('kind', t)}
      />
      <Choices label="Colour" choices={colours} value={texts.colour} onChange={(t) => type('colour', t)} />
      <DraftLength draft={draft} field="widthMm" label="Width of the roll or sheet" unit={style.unit} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <DraftLength half draft={draft} field="leftMm" label="Length left" unit="m" />
        <DraftLength half draft={draft} field="lowMm" label="Low below" unit="m" />
      </View>
    </FormPage>
  )
}

/** Lengths on a roll: a bare number means metres. */
function readLong(text: string, unit: 'm' | 'mm' | 'cm' | 'in'): { mm: number | null; problem: string | null } {
  if (text.trim() === '') return { mm: null, problem: 'Measure it and type it here.' }
  if (unit !== 'm') return readTyped({ text, unit })
  const bare = /^[\d.,]+$/.test(text.trim())
  const { mm, problem } = readTyped({ text: bare ? `${text} mm` : text, unit: 'mm' })
  if (bare && mm !== null) return { mm: mm * 1000, problem: null }
  const metres = /^([\d.,]+)\s*m\.?$/i.exec(text.trim())
  return metres ? readLong(metres[1]!, 'm') : { mm, problem }
}
