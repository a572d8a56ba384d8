import { Button } from '@rneui/themed'
import { Design } from '@thimble/contract'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { readTyped } from '@/plan/readTyped'
import { create, patch, remove, useShelf } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { formatLength } from '@thimble/core/lengths/formatLength'
import { DraftLength } from '../stash/DraftLength'
import { useDraft } from '../stash/useDraft'
import { workKinds } from './designWords'

/** A design by hand: name, true size, stitches, colours in stitch order, kind. */
export function DesignForm({ id }: { id: string }) {
  const router = useRouter()
  const style = useShelf((s) => s.shop)
  const kept = useShelf((s) => s.docs.designs[id])
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
    const now = new Date().toISOString()
    const doc = {
      ...kept,
      id: kept?.id ?? crypto.randomUUID(),
      createdAt: kept?.createdAt ?? now,
      updatedAt: now,
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
    if (kept) patch('designs', id, found)
    else create('designs', found)
    draft.forget()
    router.replace('/designs')
  }
  return (
    <Page title={kept ? kept.name : 'A new design'} back foot={<Button title="Keep it" onPress={keep} />}>
      <Section>
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
        {kept ? (
          <Button
            type="outline"
            title="Remove this design"
            onPress={() => {
              remove('designs', id, kept.name)
              router.replace('/designs')
            }}
          />
        ) : null}
      </Section>
    </Page>
  )
}
