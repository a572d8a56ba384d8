import { Design } from '@thimble/contract'
import { View } from 'react-native'
import { readTyped } from '@/plan/readTyped'
import { useShelf } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { formatLength } from '@thimble/core/lengths/formatLength'
import { DraftLength } from '../stash/DraftLength'
import { FormPage } from '../stash/FormPage'
import { useDraft } from '../stash/useDraft'
import { useKeptForm } from '../stash/useKeptForm'
import { workKinds } from './designWords'

/** A design by hand: name, true size, stitches, colours in stitch order, kind. */
export function DesignForm({ id }: { id: string }) {
  const style = useShelf((s) => s.shop)
  const { kept, base, keep: keepIt, removeIt } = useKeptForm('designs', id, '/designs')
  const draft = useDraft(`design.${id}`, {
    name: kept?.name ?? '',
    width: kept ? formatLength(kept.width, style) : '',
    height: kept ? formatLength(kept.height, style) : '',
    stitches: kept ? String(kept.stitches) : '',
    colours: kept?.colours.join(' ') ?? '#2c4a7a',
    kind: kept?.kind ?? 'fill',
    letter: kept?.smallestLetterMm ? `${kept.smallestLetterMm} mm` : '',
  })
  const { texts, problems, type } = draft
  const keep = (): void => {
    const unread: Record<string, string> = {}
    const read = (field: 'width' | 'height' | 'letter'): number | null => {
      const { mm, problem } = readTyped({ text: texts[field], unit: style.unit })
      if (problem) unread[field] = problem
      else if (mm === null && field !== 'letter') unread[field] = 'Measure it and type it here.'
      return mm
    }
    const stitches = Number(texts.stitches.replace(/[\s,.']/g, ''))
    if (!/\d/.test(texts.stitches) || !Number.isInteger(stitches))
      unread.stitches = `“${texts.stitches}” is not a stitch count.`
    const doc = {
      ...base(),
      name: texts.name,
      width: read('width'),
      height: read('height'),
      stitches,
      colours: texts.colours.split(/[\s,;]+/).filter(Boolean),
      kind: texts.kind,
      smallestLetterMm: read('letter'),
      note: kept?.note ?? '',
    }
    const found = draft.check<Design>(Design as never, doc, unread, (path) =>
      path.startsWith('colours') ? 'colours' : path === 'smallestLetterMm' ? 'letter' : path,
    )
    if (!found) return
    draft.forget()
    keepIt(found)
  }
  return (
    <FormPage
      title={kept ? kept.name : 'A design by its size'}
      onKeep={keep}
      removal={kept ? 'Remove this design' : null}
      onRemove={removeIt}
    >
      <Field label="Name" value={texts.name} problem={problems.name} onChange={(t) => type('name', t)} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <DraftLength half draft={draft} field="width" label="Width" unit={style.unit} />
        <DraftLength half draft={draft} field="height" label="Height" unit={style.unit} />
      </View>
      <Field
        big
        label="Stitches"
        keyboard="numeric"
        value={texts.stitches}
        problem={problems.stitches}
        onChange={(t) => type('stitches', t)}
      />
      <Field
        label="Colours in stitch order"
        value={texts.colours}
        problem={problems.colours}
        hint="As #rrggbb, one after another."
        onChange={(t) => type('colours', t)}
      />
      <Choices
        label="What is it"
        choices={workKinds}
        value={texts.kind as (typeof workKinds)[number]['id']}
        onChange={(t) => type('kind', t)}
      />
      <Field
        label="Smallest letter height, if it has letters"
        value={texts.letter}
        problem={problems.letter}
        placeholder="none"
        onChange={(t) => type('letter', t)}
      />
    </FormPage>
  )
}
