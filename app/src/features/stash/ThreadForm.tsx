import { Thread } from '@thimble/contract'
import { View } from 'react-native'
import { readNumber } from '@/plan/readTyped'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { FormPage } from './FormPage'
import { fibreNames, weights } from './threadWords'
import { useDraft } from './useDraft'
import { useKeptForm } from './useKeptForm'

/** A thread on the shelf: its colour, weight and fibre, and what is left. */
export function ThreadForm({ id }: { id: string }) {
  const p = usePalette()
  const { kept, base, keep, removeIt } = useKeptForm('threads', id, '/stash')
  const draft = useDraft(`thread.${id}`, {
    name: kept?.name ?? '',
    colour: kept?.colour ?? '#2c4a7a',
    weight: String(kept?.weight ?? 40),
    fibre: kept?.fibre ?? 'polyester',
    left: kept?.leftM === null || kept === undefined ? '' : String(kept.leftM),
  })
  const { texts, problems, type } = draft
  const onKeep = (): void => {
    const left = readNumber(texts.left.replace(/\s*m\.?$/i, ''), 50_000)
    const doc = {
      ...base(),
      name: texts.name,
      colour: texts.colour.trim().toLowerCase(),
      weight: Number(texts.weight),
      fibre: texts.fibre,
      leftM: left.value,
      note: kept?.note ?? '',
    }
    const unread = left.problem ? { left: left.problem } : {}
    const found = draft.check<Thread>(Thread as never, doc, unread, (path) => (path === 'leftM' ? 'left' : path))
    if (!found) return
    draft.forget()
    keep(found)
  }
  const shown = /^#[0-9a-f]{6}$/i.test(texts.colour.trim()) ? texts.colour.trim() : p.table
  return (
    <FormPage
      title={kept ? kept.name : 'A new thread'}
      onKeep={onKeep}
      removal={kept ? 'Remove this thread' : null}
      onRemove={removeIt}
      picture={<View style={{ height: 56, backgroundColor: shown, borderBottomWidth: 1, borderBottomColor: p.seam }} />}
    >
      <Field
        label="Name"
        value={texts.name}
        problem={problems.name}
        placeholder="Harbour indigo"
        onChange={(t) => type('name', t)}
      />
      <Field
        label="Colour"
        value={texts.colour}
        problem={problems.colour}
        hint="As #rrggbb, as it looks on the spool in daylight."
        onChange={(t) => type('colour', t)}
      />
      <Choices label="Weight" choices={weights} value={texts.weight} onChange={(t) => type('weight', t)} />
      <Choices
        label="Fibre"
        choices={fibreNames}
        value={texts.fibre as Thread['fibre']}
        onChange={(t) => type('fibre', t)}
      />
      <Field
        label="Length left"
        big
        suffix="m"
        keyboard="numeric"
        value={texts.left}
        problem={problems.left}
        placeholder="not known"
        onChange={(t) => type('left', t)}
      />
    </FormPage>
  )
}
